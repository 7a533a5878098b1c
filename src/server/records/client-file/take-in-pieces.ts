import type { ClientFile } from "@/core/formats/client-file/client-file";
import { draftOf } from "@/core/studio/piece-record";
import type { Tenant } from "../../db/tenant";
import { photoRow } from "../photos";
import { pieceRow, swatchRows } from "../pieces";

/** The rows of the pieces of a file, with those of their swatches and their photos. */
export function pieceRowsOf(
  tenant: Tenant,
  clientId: string,
  pieces: ClientFile["pieces"],
  photos: ReadonlyMap<string, Buffer>,
) {
  return {
    pieces: pieces.map(({ piece, ofKit, state, backOn, needs, putAwayAt }) => ({
      studio_id: tenant.studioId,
      id: piece.id,
      ...pieceRow({ piece: draftOf(piece), clientId: ofKit ? null : clientId, state, backOn, needs }),
      deleted_at: putAwayAt,
    })),
    swatches: pieces.flatMap(({ piece }) => swatchRows(tenant, piece.id, piece.swatches)),
    photos: pieces.flatMap(({ piece, photo }) => {
      const jpeg = photo === null ? undefined : photos.get(photo);
      return jpeg ? [photoRow(tenant, piece.id, jpeg)] : [];
    }),
  };
}
