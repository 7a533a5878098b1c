"use server";

import { revalidatePath } from "next/cache";
import { baseFault } from "@/core/piece/base-fault";
import { slotOf } from "@/core/piece/piece";
import type { Outcome } from "@/core/schema/outcome";
import { groupForm } from "@/core/schema/forms/group-form";
import { isWholeSet } from "@/core/sets/whole-set";
import type { Tenant } from "../db/tenant";
import { bases } from "../records/bases";
import { type GroupInput } from "@/core/studio/group-record";
import { type PieceRecord } from "@/core/studio/piece-record";
import { sayWith } from "@/words/say";
import { serverWords } from "@/words/server";
import { listPieces } from "../records/pieces";
import { Refusal } from "../records/refusal";
import { sets } from "../records/sets";
import { actBesideOthers } from "./act";
import { toggleAway } from "./toggle-away";

type Records = Pick<typeof bases, "add" | "change" | "find">;
type Check = (pieces: readonly PieceRecord[]) => string | null;

async function save(input: unknown, records: Records, check: Check): Promise<Outcome<string>> {
  const outcome = await actBesideOthers("work", groupForm, input, {
    work: async (tenant, { id, version, ...group }) => {
      const fault = check(await chosen(tenant, group));
      if (fault) throw new Refusal("pieceIds", fault);
      if (id === null || version === null) return records.add(tenant, group);
      await records.change(tenant, { id, version }, group);
      return id;
    },
    now: async (tenant, { id }) => (id === null ? null : records.find(tenant, id)),
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

async function chosen(tenant: Tenant, group: GroupInput): Promise<PieceRecord[]> {
  const pieces = await listPieces(tenant, group.clientId);
  return pieces.filter(({ piece }) => group.pieceIds.includes(piece.id));
}

/** Adds a base, or changes one: garments that can be worn together. */
export async function saveBase(input: unknown): Promise<Outcome<string>> {
  return save(input, bases, (pieces) => {
    const fault = baseFault(pieces.map(({ piece }) => piece));
    return fault?.is === "refused" ? fault.say : null;
  });
}

export async function moveBase(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway("work", input, bases.putAway, bases.bringBack);
}

/** Adds a set, or changes one: shoes and at least two more accessories. */
export async function saveSet(input: unknown): Promise<Outcome<string>> {
  return save(input, sets, (pieces) => {
    const stray = pieces.find(({ piece }) => slotOf(piece) === null);
    if (stray) return sayWith(serverWords.isAGarmentASet, { piece: stray.piece.name });
    return isWholeSet(pieces.map(({ piece }) => piece)) ? null : serverWords.aSetNeedsShoesAnd;
  });
}

export async function moveSet(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway("work", input, sets.putAway, sets.bringBack);
}
