"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/schema/outcome";
import { uuid } from "@/core/schema/parts";
import { pieceForm } from "@/core/schema/forms/piece-form";
import { pieceInput, type PieceToChange } from "@/core/studio/piece-record";
import { addPiece, bringPieceBack, changePiece, findPiece, putPieceAway } from "../records/pieces";
import { dropPhoto, keepPhoto, smallPhoto } from "../records/photos";
import { NotFound } from "../records/refusal";
import { act, actBesideOthers } from "./act";
import { toggleAway } from "./toggle-away";

/** Adds a piece, or changes one when an id and version come along. */
export async function savePiece(input: unknown): Promise<Outcome<string>> {
  const outcome = await actBesideOthers("work", pieceForm, input, {
    before: async ({ photo }) => (typeof photo === "string" ? smallPhoto(photo) : null),
    work: async (tenant, { id, version, ...piece }, _session, photo) => {
      const kept = id === null || version === null ? await addPiece(tenant, piece) : id;
      if (id !== null && version !== null) await changePiece(tenant, { id, version }, piece);
      if (photo) await keepPhoto(tenant, kept, photo);
      else if (piece.photo === null) await dropPhoto(tenant, kept);
      return kept;
    },
    now: async (tenant, { id }) => {
      const record = id === null ? null : await findPiece(tenant, id);
      return record && pieceInput(record);
    },
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

/** A piece as its form has it, to be put right where it is worn. */
export async function pieceToChange(input: unknown): Promise<Outcome<PieceToChange>> {
  const schema = Joi.object<{ id: string }>({ id: uuid.required() });
  return act("work", schema, input, async (tenant, { id }) => {
    const record = await findPiece(tenant, id);
    if (!record) throw new NotFound(`no piece ${id}`);
    return pieceInput(record);
  });
}

export async function movePiece(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway("work", input, putPieceAway, bringPieceBack);
}
