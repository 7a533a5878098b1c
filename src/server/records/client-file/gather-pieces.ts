import type { FiledPiece } from "@/core/formats/client-file/client-file";
import type { Tenant } from "../../db/tenant";
import { piecesById } from "../pieces";
import { idsOf, isoOf, rowsOf } from "./rows";

/** A photo that goes with a client: of which piece it is, how long it is, and its SHA-256. */
export interface PhotoToGo {
  readonly pieceId: string;
  readonly bytes: number;
  readonly sha256: string;
}

/** Her pieces, and those of others that something of hers names. */
export async function filedPieces(tenant: Tenant, clientId: string, named: readonly string[]) {
  const hers = await rowsOf(tenant, "pieces", clientId);
  const known = new Set(idsOf(hers));
  const others = [...new Set(named)].filter((id) => !known.has(id));
  const photos = await tenant("photos")
    .where("studio_id", tenant.studioId)
    .whereIn("piece_id", [...known, ...others])
    .select<PhotoToGo[]>(
      "piece_id as pieceId",
      tenant.raw("octet_length(picture) as bytes"),
      tenant.raw("encode(sha256(picture), 'hex') as sha256"),
    );
  const photoOf = new Map(photos.map(({ pieceId, sha256 }) => [pieceId, sha256]));
  const own = new Map(hers.map(({ id, putAwayAt }) => [id, putAwayAt]));
  const records = await piecesById(tenant, [...known, ...others]);
  const gone = new Map(
    (
      await tenant("pieces")
        .where("studio_id", tenant.studioId)
        .whereIn("id", others)
        .select("id", "deleted_at", "updated_at")
    ).map((row) => [row.id, row]),
  );
  const filed = records.map(({ piece, clientId: owner, state, backOn, needs }): FiledPiece => {
    const other = gone.get(piece.id);
    // A piece that has gone to somebody else since stays with what names it, as one of hers that was put away.
    const since = owner === null ? other?.deleted_at : (other?.deleted_at ?? other?.updated_at);
    return {
      piece,
      ofKit: owner === null,
      state,
      backOn,
      needs,
      photo: photoOf.get(piece.id) ?? null,
      putAwayAt: own.get(piece.id) ?? isoOf(since ?? null),
    };
  });
  return { pieces: filed, photos };
}
