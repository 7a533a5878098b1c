"use server";

import { revalidatePath } from "next/cache";
import { writeRailCsv } from "@/core/formats/rail-csv/write";
import type { Outcome } from "@/core/schema/outcome";
import {
  namesOfPieces,
  piecesToChange,
  piecesToKeep,
  piecesToPutAway,
} from "@/core/schema/forms/many-pieces";
import { railWish } from "@/core/schema/rail-wish";
import type { PieceDraft } from "@/core/studio/piece-record";
import * as many from "../records/many-pieces";
import { act } from "./act";

/** Records many pieces, all or none; answers with their ids. */
export async function keepPieces(input: unknown): Promise<Outcome<string[]>> {
  const outcome = await act("work", piecesToKeep, input, (tenant, { pieces }) =>
    many.keepPieces(tenant, pieces),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

/** Says the same of many pieces, all or none; answers with how many. */
export async function changePieces(input: unknown): Promise<Outcome<number>> {
  const outcome = await act("work", piecesToChange, input, async (tenant, { keys, change }) => {
    await many.changePieces(tenant, keys, change);
    return keys.length;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

/** Puts many pieces into the archive, all or none. */
export async function putPiecesAway(input: unknown): Promise<Outcome<number>> {
  const outcome = await act("work", piecesToPutAway, input, async (tenant, { ids }) => {
    await many.putPiecesAway(tenant, ids);
    return ids.length;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

/** The rail as it is wished, as a table of its own file. */
export async function railFile(input: unknown): Promise<Outcome<string>> {
  return act("see", railWish, input, async (tenant, wish) =>
    writeRailCsv(await many.railPieces(tenant, wish)),
  );
}

/** Pieces of the rail by what somebody calls them. */
export async function piecesCalled(
  input: unknown,
): Promise<Outcome<Readonly<Record<string, PieceDraft | null>>>> {
  return act("see", namesOfPieces, input, (tenant, { names }) => many.piecesCalled(tenant, names));
}
