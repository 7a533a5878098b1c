import type { ClientRecord } from "@/core/studio/client-record";
import type { Neck } from "@/core/scarf/whose-neck";
import type { PieceRecord } from "@/core/studio/piece-record";
import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { clientsNecks, findClient, type NamedClient } from "./clients";
import { findPiece, listPieces, piecesById } from "./pieces";

/** A scarf on a page of its own: whom it is tried on, what she wears with it, and her other scarves. */
export interface ScarfRoomRecords {
  readonly scarf: PieceRecord;
  /** All whose necks it is tried at, by name. */
  readonly clients: readonly (NamedClient & Neck)[];
  /** Null in a studio without clients. */
  readonly client: ClientRecord | null;
  readonly garments: readonly PieceRecord[];
  readonly others: readonly PieceRecord[];
  /** What of hers a scarf may be tied to: her first bag with a strap, her first hat. */
  readonly tiedTo: readonly PieceRecord[];
}

/** The records of a scarf's page; null when there is no such scarf. */
export async function scarfRoom(
  tenant: Tenant,
  id: string,
  clientId: string | null,
): Promise<ScarfRoomRecords | null> {
  const scarf = await findPiece(tenant, id);
  if (scarf?.piece.kind !== "scarf") return null;
  const clients = await clientsNecks(tenant);
  const wanted = [clientId, scarf.clientId, clients[0]?.id].find(
    (each) => each !== null && each !== undefined,
  );
  const client = wanted ? await findClient(tenant, wanted) : null;
  if (!client) return { scarf, clients, client: null, garments: [], others: [], tiedTo: [] };
  const [base] = await bases.list(tenant, client.client.id);
  const garments = base ? await piecesById(tenant, base.pieceIds) : [];
  const hers = await listPieces(tenant, client.client.id);
  const others = hers.filter(({ piece }) => piece.kind === "scarf" && piece.id !== id);
  const bag = hers.find(({ piece }) => piece.kind === "bag" && piece.figures.strap > 0);
  const hat = hers.find(({ piece }) => piece.kind === "hat");
  return {
    scarf,
    clients,
    client,
    garments,
    others,
    tiedTo: [bag, hat].filter((each) => each !== undefined),
  };
}
