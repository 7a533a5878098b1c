import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { clientsById, nameClients } from "./clients";
import { recentLooks } from "./looks";
import { comingOccasions, occasionsById } from "./occasions";
import { piecesById } from "./pieces";
import { todayIn } from "./studio";

/** How many looks and occasions a day begins with. */
const most = { looks: 4, occasions: 30 };

/** What the day starts with: what is coming up, and the looks last worked on with all they are made of. */
export async function todayRoom(tenant: Tenant) {
  const day = await todayIn(tenant);
  const coming = await comingOccasions(tenant, day, most.occasions);
  const looks = await recentLooks(tenant, most.looks);
  const ownBases = await bases.byId(
    tenant,
    looks.map(({ baseId }) => baseId),
  );
  const worn = [
    ...ownBases.flatMap(({ pieceIds }) => pieceIds),
    ...looks.flatMap(({ accessoryIds }) => accessoryIds),
  ];
  return {
    day,
    coming,
    looks,
    bases: ownBases,
    names: await nameClients(tenant),
    clients: await clientsById(
      tenant,
      looks.map(({ clientId }) => clientId),
    ),
    occasions: await occasionsById(
      tenant,
      looks.flatMap(({ occasionId }) => occasionId ?? []),
    ),
    pieces: await piecesById(tenant, [...new Set(worn)]),
  };
}
