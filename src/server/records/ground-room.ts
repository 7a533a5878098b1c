import { isKind, type PieceOf } from "@/core/piece/piece";
import { ground } from "@/core/rules/comfort/ground";
import type { Tenant } from "../db/tenant";
import { findClient, nameClients } from "./clients";
import { listOccasions } from "./occasions";
import { listPieces } from "./pieces";

/** A client's shoes and the grounds of her occasions; the first client when none is asked for. */
export async function groundRoom(tenant: Tenant, asked: string | undefined) {
  const clients = await nameClients(tenant);
  const clientId = clients.find(({ id }) => id === asked)?.id ?? clients[0]?.id ?? null;
  const client = clientId === null ? null : await findClient(tenant, clientId);
  if (clientId === null || !client) return { clients, clientId: null, shoes: [], occasions: [], low: 0 };
  const pieces = await listPieces(tenant, clientId);
  const occasions = await listOccasions(tenant, clientId);
  return {
    clients,
    clientId,
    shoes: pieces.flatMap(({ piece, clientId: whose }): PieceOf<"shoe">[] =>
      whose === clientId && isKind(piece, "shoe") ? [piece] : [],
    ),
    occasions: occasions.map(({ occasion: { id, name, day, ground: on } }) => ({
      id,
      name,
      day,
      ground: on,
    })),
    low: ground.settings(client.client.ruleBook).params.low,
  };
}
