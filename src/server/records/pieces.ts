import type { Knex } from "knex";
import { v7 as uuid, validate as isId } from "uuid";
import { completed, type PieceAsSaid } from "@/core/piece/as-said";
import type { Piece } from "@/core/piece/piece";
import type { Swatch } from "@/core/piece/swatch";
import type { PieceInput, PieceRecord } from "@/core/studio/piece-record";
import type { PieceRow } from "../db/work-rows";
import { familiesOf, wordsOfPiece } from "@/core/studio/rail";
import type { Tenant } from "../db/tenant";
import { bringBack, putAway, updateVersion } from "./versioned";

/** Every piece of a client and of the kit. */
export async function listPieces(tenant: Tenant, clientId: string): Promise<PieceRecord[]> {
  const rows = await select(tenant)
    .whereNull("pieces.deleted_at")
    .where((own) => void own.where("pieces.client_id", clientId).orWhereNull("pieces.client_id"))
    .orderBy("pieces.id");
  return rows.map(fromRow);
}

/** The pieces of the studio's kit that are not in the archive, the oldest first. */
export async function kitPieces(tenant: Tenant): Promise<Piece[]> {
  const rows = await select(tenant)
    .whereNull("pieces.client_id")
    .whereNull("pieces.deleted_at")
    .orderBy(["pieces.created_at", "pieces.id"]);
  return rows.map((row) => fromRow(row).piece);
}

/** Pieces by their ids, in the order of these; what is not on record is left out. */
export async function piecesById(tenant: Tenant, ids: readonly string[]): Promise<PieceRecord[]> {
  const rows = await select(tenant).whereIn("pieces.id", [...ids]);
  const records = new Map(rows.map((row) => [row.id, fromRow(row)]));
  return ids.flatMap((id) => records.get(id) ?? []);
}

/** Keeps to the pieces that have some letters anywhere among their words. */
export function havingLetters(query: Pick<Knex.QueryBuilder, "where" | "whereRaw">, letters: string): void {
  const pattern = `%${asTheyStand(letters.toLowerCase())}%`;
  // Fewer than three letters are no trigram: the index would be read from end to end.
  if (letters.length < 3) void query.where("pieces.words", "like", pattern);
  else void query.whereRaw("pieces.id in (select pieces_with(?))", [pattern]);
}

/** Letters for a pattern: what is a wildcard to the database is a letter here. */
export function asTheyStand(letters: string): string {
  return letters.replace(/[\\%_]/g, (letter) => `\\${letter}`);
}

/** One piece, put away or not; null when there is none. */
export async function findPiece(tenant: Tenant, id: string): Promise<PieceRecord | null> {
  if (!isId(id)) return null;
  const row = await select(tenant).where("pieces.id", id).first();
  return row ? fromRow(row) : null;
}

export async function addPiece(tenant: Tenant, input: PieceInput, id: string = uuid()): Promise<string> {
  await insertPieces(tenant, [{ ...input, id }]);
  return id;
}

/** Adds pieces under ids of their own, in two statements however many there are. */
export async function insertPieces(
  tenant: Tenant,
  pieces: readonly (PieceInput & { readonly id: string })[],
): Promise<void> {
  if (pieces.length === 0) return;
  await tenant("pieces").insert(
    pieces.map(({ id, ...input }) => ({ studio_id: tenant.studioId, id, ...pieceRow(input) })),
  );
  await tenant("swatches").insert(pieces.flatMap(({ id, piece }) => swatchRows(tenant, id, piece.swatches)));
}

/** @throws StaleWrite, NotFound */
export async function changePiece(
  tenant: Tenant,
  key: { readonly id: string; readonly version: number },
  input: PieceInput,
): Promise<void> {
  await updateVersion(tenant, "pieces", key, pieceRow(input));
  await tenant("swatches").where({ studio_id: tenant.studioId, piece_id: key.id }).delete();
  await tenant("swatches").insert(swatchRows(tenant, key.id, input.piece.swatches));
}

export const putPieceAway = (tenant: Tenant, id: string) => putAway(tenant, "pieces", id);
export const bringPieceBack = (tenant: Tenant, id: string) => bringBack(tenant, "pieces", id);

/** What is read of a piece: what it is found by, and when it was written, nobody needs here. */
const read = [
  "id",
  "client_id",
  "kind",
  "name",
  "finish",
  "second_finish",
  "cloth",
  "pattern",
  "pattern_scale",
  "metal",
  "metal_size",
  "poles",
  "statement",
  "register_low",
  "register_centre",
  "register_high",
  "figures",
  "state",
  "back_on",
  "needs",
  "version",
] as const satisfies readonly (keyof PieceRow)[];

interface SwatchedRow extends Pick<PieceRow, (typeof read)[number]> {
  readonly swatches: readonly Swatch[];
  /** Null where nothing is assumed, as of most pieces: a list would have to be taken apart for each. */
  readonly assumed: readonly string[] | null;
  readonly photo: string | null;
}

function select(tenant: Tenant) {
  return tenant("pieces")
    .leftJoin("photos", (on) =>
      on.on("photos.studio_id", "pieces.studio_id").andOn("photos.piece_id", "pieces.id"),
    )
    .select<SwatchedRow[]>(tenant.raw(columnsOfPiece))
    .where("pieces.studio_id", tenant.studioId);
}

const columnsOfPiece = `
  ${read.map((column) => `pieces.${column}`).join(", ")},
  photos.stamp as photo,
  nullif(pieces.assumed, '{}') as assumed,
  (
    select coalesce(json_agg(json_build_object('hex', s.hex, 'share', s.share, 'role', s.role) order by s.position), '[]')
    from swatches s where s.studio_id = pieces.studio_id and s.piece_id = pieces.id
  ) as swatches`;

export function swatchRows(tenant: Tenant, pieceId: string, swatches: readonly Swatch[]) {
  return swatches.map((swatch, position) => ({
    studio_id: tenant.studioId,
    piece_id: pieceId,
    position,
    ...swatch,
  }));
}

function fromRow(row: SwatchedRow): PieceRecord {
  const said = {
    id: row.id,
    kind: row.kind,
    name: row.name,
    swatches: row.swatches,
    finish: row.finish,
    secondFinish: row.second_finish,
    cloth: row.cloth,
    pattern: row.pattern,
    patternScale: row.pattern_scale,
    metal: row.metal,
    metalSize: row.metal_size,
    poles: row.poles,
    statement: row.statement,
    register: spanOf(row),
    figures: row.figures,
    ...(row.assumed ? { assumed: row.assumed } : {}),
  } as PieceAsSaid;
  return {
    piece: row.photo === null ? completed(said) : { ...completed(said), photo: row.photo },
    clientId: row.client_id,
    state: row.state,
    backOn: row.back_on,
    needs: row.needs,
    version: row.version,
  };
}

function spanOf({ register_low: low, register_centre: centre, register_high: high }: SwatchedRow) {
  return low === null || centre === null || high === null ? null : { low, centre, high };
}

/** What is written of a piece, beside what names it. */
export function pieceRow({ piece, clientId, state, backOn = null, needs = [] }: PieceInput) {
  return {
    client_id: clientId,
    kind: piece.kind,
    name: piece.name,
    finish: piece.finish,
    second_finish: piece.secondFinish,
    cloth: piece.cloth,
    pattern: piece.pattern,
    pattern_scale: piece.patternScale,
    metal: piece.metal,
    metal_size: piece.metalSize,
    poles: piece.poles,
    statement: piece.statement,
    register_low: piece.register?.low ?? null,
    register_centre: piece.register?.centre ?? null,
    register_high: piece.register?.high ?? null,
    figures: JSON.stringify(piece.figures),
    assumed: [...(piece.assumed ?? [])],
    words: wordsOfPiece(piece),
    families: familiesOf(piece.swatches),
    state,
    // What is here is due back on no day.
    back_on: state === "ready" ? null : backOn,
    needs: [...needs],
  };
}
