"use server";

import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/schema/outcome";
import { pieceForm } from "@/core/schema/forms/piece-form";
import { pieceInput } from "@/core/studio/piece-record";
import { addPiece, bringPieceBack, changePiece, findPiece, putPieceAway } from "../records/pieces";
import { act } from "./act";
import { toggleAway } from "./toggle-away";

/** Adds a piece, or changes one when an id and version come along. */
export async function savePiece(input: unknown): Promise<Outcome<string>> {
  const outcome = await act(
    pieceForm,
    input,
    async (tenant, { id, version, ...piece }) => {
      if (id === null || version === null) return addPiece(tenant, piece);
      await changePiece(tenant, { id, version }, piece);
      return id;
    },
    async (tenant, { id }) => {
      const record = id === null ? null : await findPiece(tenant, id);
      return record && pieceInput(record);
    },
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function movePiece(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway(input, putPieceAway, bringPieceBack);
}
