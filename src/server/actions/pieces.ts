"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/schema/outcome";
import { oneOf, uuid } from "@/core/schema/parts";
import { pieceSchema } from "@/core/schema/piece";
import { pieceInput, pieceStates, type PieceDraft, type PieceInput } from "@/core/studio/piece-record";
import { addPiece, bringPieceBack, changePiece, findPiece, putPieceAway } from "../records/pieces";
import { act } from "./act";
import { keyFields, toggleAway, type Key } from "./key";

const schema = Joi.object<PieceInput & Key>({
  ...keyFields,
  clientId: uuid.allow(null).required().label("Owner"),
  state: oneOf(pieceStates).required().label("State"),
  piece: pieceSchema<PieceDraft>({}).required(),
});

/** Adds a piece, or changes one when an id and version come along. */
export async function savePiece(input: unknown): Promise<Outcome<string>> {
  const outcome = await act(
    schema,
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
