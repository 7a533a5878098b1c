"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import { isLegged } from "@/core/piece/piece";
import { recalibrated } from "@/core/reading/tailor";
import type { Outcome } from "@/core/schema/outcome";
import { between, uuid } from "@/core/schema/parts";
import { draftOf } from "@/core/studio/piece-record";
import { serverWords } from "@/words/server";
import { findClient } from "../records/clients";
import { changePiece, findPiece } from "../records/pieces";
import { NotFound, Refusal } from "../records/refusal";
import { act } from "./act";

interface TriedHem {
  readonly pieceId: string;
  readonly hem: number;
}

const schema = Joi.object<TriedHem>({
  pieceId: uuid.required().label("Trousers"),
  hem: between(-5, 100).required().label("Hem above the footbed"),
});

/** Keeps a hem that was measured at a try-on: it overrides the computed one and resets the drop. */
export async function keepTriedHem(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("work", schema, input, async (tenant, { pieceId, hem }) => {
    const record = await findPiece(tenant, pieceId);
    if (!record) throw new NotFound(`no piece ${pieceId}`);
    const { piece, clientId, state, version } = record;
    const owner = clientId === null ? null : await findClient(tenant, clientId);
    if (!isLegged(piece)) throw new Refusal("pieceId", serverWords.onlyTrousersHaveAHem);
    if (!owner) throw new Refusal("pieceId", serverWords.theseTrousersBelongToNobody);
    const tried = draftOf(recalibrated(owner.client, piece, hem));
    await changePiece(tenant, { id: pieceId, version }, { piece: tried, clientId, state });
    return null;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}
