import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { clientsById, nameClients } from "./clients";
import { newestReplies } from "./links";
import { newestLooksFor, recentLooks } from "./looks";
import { comingOccasions, countComing, occasionsById } from "./occasions";
import { recordOfEach, resting } from "./on-record";
import { piecesById } from "./pieces";
import { todayIn } from "./studio";

/** How many looks and occasions a day begins with; how many occasions it tells of where somebody asks for all. */
const most = { looks: 4, replies: 6, occasions: 8, allOccasions: 60 };

/**
 * What the day starts with: what is coming up and how it is dressed, and the looks last worked on, with all of it.
 * @param all tells of the later occasions too
 */
export async function todayRoom(tenant: Tenant, { all = false } = {}) {
  const day = await todayIn(tenant);
  const coming = await comingOccasions(tenant, day, all ? most.allOccasions : most.occasions);
  const recent = await recentLooks(tenant, most.looks);
  const laidOut = await newestLooksFor(
    tenant,
    coming.map(({ occasion }) => occasion.id),
  );
  const isComing = new Set(coming.map(({ occasion }) => occasion.id));
  const looks = [...recent, ...laidOut];
  // Of the occasions that have no look yet, the next one is drawn in a base of its client.
  const undressed = coming.find(
    ({ occasion }) => !laidOut.some(({ occasionId }) => occasionId === occasion.id),
  );
  const firstBases = await bases.firstOfEach(tenant, undressed ? [undressed.clientId] : []);
  const shownBases = await bases.byId(tenant, [
    ...looks.map(({ baseId }) => baseId),
    ...[...firstBases.values()].map(({ id }) => id),
  ]);
  const worn = [
    ...shownBases.flatMap(({ pieceIds }) => pieceIds),
    ...looks.flatMap(({ accessoryIds }) => accessoryIds),
  ];
  const pieces = await piecesById(tenant, [...new Set(worn)]);
  const clientIds = [...looks, ...coming].map(({ clientId }) => clientId);
  return {
    day,
    coming,
    laterCount: all ? 0 : (await countComing(tenant, day)) - coming.length,
    recent,
    laidOut,
    bases: shownBases,
    names: await nameClients(tenant),
    replies: await newestReplies(tenant, most.replies),
    clients: await clientsById(tenant, clientIds),
    // Those that are coming up are there already.
    occasions: await occasionsById(
      tenant,
      recent.flatMap(({ occasionId }) => (occasionId && !isComing.has(occasionId) ? [occasionId] : [])),
    ),
    pieces,
    onRecord: await recordOfEach(tenant, clientIds, resting(pieces)),
  };
}
