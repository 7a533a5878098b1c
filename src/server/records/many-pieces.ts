import { v7 as uuid } from "uuid";
import { pieceCalled, type RowToKeep } from "@/core/intake/rows";
import type { PieceOfRail } from "@/core/formats/rail-csv/write";
import { asSaid } from "@/core/piece/as-said";
import type { PieceChange, PieceKey } from "@/core/studio/piece-change";
import { changed } from "@/core/studio/piece-change";
import { draftOf, type PieceDraft } from "@/core/studio/piece-record";
import { notNarrowed, type RailWish } from "@/core/studio/rail";
import { sayWith } from "@/words/say";
import { serverWords } from "@/words/server";
import type { Tenant } from "../db/tenant";
import { nameClients } from "./clients";
import { changePiece, insertPieces, piecesById, putPieceAway } from "./pieces";
import { wishedIds } from "./rail";
import { NotFound, Refusal, StaleWrite } from "./refusal";

/** As many rows as one statement takes. */
const batch = 500;

/**
 * Records many pieces at once, in their order: new ones are added, one with the number of a piece on record takes its place.
 * @throws Refusal where a number names a piece that is in the archive; then none is recorded
 */
export async function keepPieces(tenant: Tenant, rows: readonly RowToKeep[]): Promise<string[]> {
  const known = await versionsOf(
    tenant,
    rows.flatMap(({ id }) => id ?? []),
  );
  const away = rows.find(({ id }) => id !== null && known.get(id)?.isAway);
  if (away)
    throw new Refusal("pieces", sayWith(serverWords.thePieceIsInTheArchive, { name: away.piece.name }));
  const named = rows.map((row) => ({ ...row, id: row.id ?? uuid() }));
  const fresh = named.filter(({ id }) => !known.has(id));
  for (let at = 0; at < fresh.length; at += batch) await insertPieces(tenant, fresh.slice(at, at + batch));
  for (const { id, ...piece } of named) {
    const version = known.get(id)?.version;
    if (version !== undefined) await changePiece(tenant, { id, version }, piece);
  }
  return named.map(({ id }) => id);
}

async function versionsOf(tenant: Tenant, ids: readonly string[]) {
  const found = new Map<string, { readonly version: number; readonly isAway: boolean }>();
  for (let at = 0; at < ids.length; at += batch) {
    const rows = await tenant("pieces")
      .where("studio_id", tenant.studioId)
      .whereIn("id", ids.slice(at, at + batch))
      .select<{ id: string; version: number; deleted_at: Date | null }[]>("id", "version", "deleted_at");
    for (const { id, version, deleted_at } of rows) found.set(id, { version, isAway: deleted_at !== null });
  }
  return found;
}

/**
 * Changes the same of many pieces, all or none.
 * @throws StaleWrite, NotFound where one has changed meanwhile or is gone
 */
export async function changePieces(
  tenant: Tenant,
  keys: readonly PieceKey[],
  change: PieceChange,
): Promise<void> {
  const records = new Map(
    (
      await piecesById(
        tenant,
        keys.map(({ id }) => id),
      )
    ).map((record) => [record.piece.id, record]),
  );
  for (const { id, version } of keys) {
    const record = records.get(id);
    if (!record) throw new NotFound(`no piece ${id}`);
    if (record.version !== version) throw new StaleWrite(record);
    await changePiece(tenant, { id, version }, changed(record, change));
  }
}

/** Puts many pieces into the archive, all or none. @throws NotFound */
export async function putPiecesAway(tenant: Tenant, ids: readonly string[]): Promise<void> {
  for (const id of ids) await putPieceAway(tenant, id);
}

/** The pieces of the rail as it is wished, in the order in which they were recorded, with whose they are by name. */
export async function railPieces(tenant: Tenant, wish: RailWish): Promise<PieceOfRail[]> {
  const names = new Map((await nameClients(tenant)).map(({ id, name }) => [id, name]));
  const ids = await wishedIds(tenant, wish);
  const pieces: PieceOfRail[] = [];
  for (let at = 0; at < ids.length; at += batch)
    for (const { piece, clientId, state, backOn, needs } of await piecesById(
      tenant,
      ids.slice(at, at + batch),
    )) {
      const ownerName = clientId === null ? "" : (names.get(clientId) ?? "");
      pieces.push({ id: piece.id, clientId, ownerName, state, backOn, needs, piece: draftOf(piece) });
    }
  return pieces;
}

/** Pieces of the rail by what somebody calls them; null where none has all the words. */
export async function piecesCalled(
  tenant: Tenant,
  names: readonly string[],
): Promise<Readonly<Record<string, PieceDraft | null>>> {
  const found: Record<string, PieceDraft | null> = {};
  for (const name of names) {
    const words = name.slice(0, 120);
    const wish = {
      owner: null,
      shelf: "all",
      words,
      order: "newest",
      falling: false,
      narrowed: notNarrowed,
    } as const;
    const records = await piecesById(tenant, (await wishedIds(tenant, wish)).slice(-batch));
    const like = pieceCalled(
      records.map(({ piece }) => piece),
      name,
    );
    if (like) {
      const { id: _id, ...draft } = asSaid(like);
      found[name] = draft;
    } else found[name] = null;
  }
  return found;
}
