import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { listClients } from "./clients";
import { piecesById } from "./pieces";

/** How many clients stand on one floor. */
const pageSize = 24;

/** A page of the studio's clients, each with a base to stand in; counted from 0. */
export async function clientsRoom(tenant: Tenant, page: number) {
  const { clients, count } = await listClients(tenant, page, pageSize);
  const first = await bases.firstOfEach(
    tenant,
    clients.map(({ client }) => client.id),
  );
  const shown = await bases.byId(
    tenant,
    [...first.values()].map(({ id }) => id),
  );
  const pieces = await piecesById(tenant, [...new Set(shown.flatMap(({ pieceIds }) => pieceIds))]);
  return {
    standing: clients.map((record) => {
      const own = first.get(record.client.id);
      return { record, bases: own?.count ?? 0, base: shown.find(({ id }) => id === own?.id) ?? null };
    }),
    pieces,
    page,
    pages: Math.ceil(count / pageSize),
  };
}
