import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import type { LookWords } from "@/core/studio/look-record";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import type { BenchState } from "./bench-store";

/** The garments of one of the client's bases, by their ids. */
export function garmentsOf({ bases }: BenchSource, baseId: string): readonly string[] {
  return bases.find(({ id }) => id === baseId)?.pieceIds ?? [];
}

/** A look that something was done to: an empty one that was only passed through is not shown. */
export function isBegun({ stepId, accessoryIds, adjustments, read }: BenchLook): boolean {
  return stepId !== null || read !== null || accessoryIds.length > 0 || adjustments.length > 0;
}

/** The look last worked on of a base and an occasion; undefined when there is none. */
export function lookFor(
  { others }: Pick<BenchState, "others">,
  source: BenchSource,
  baseId: string,
  occasionId: string | null,
): BenchLook | undefined {
  return others.find((look) => isOf(look, source, baseId, occasionId) && isBegun(look));
}

/** The looks of the base and the occasion on the bench, this one among them, in the order they were begun. */
export function looksHere(state: Pick<BenchState, "look" | "others">, source: BenchSource): BenchLook[] {
  return looksBeside(state, source, state.look);
}

/** The client's other looks; those of the base on the bench first, and of them those for the same occasion. */
export function otherLooks({ look, others }: Pick<BenchState, "look" | "others">): BenchLook[] {
  const nearness = ({ baseId, occasionId }: BenchLook) =>
    Number(baseId === look.baseId) * 2 + Number(occasionId === look.occasionId);
  return others.filter(isBegun).sort((one, other) => nearness(other) - nearness(one));
}

/** Whether the look before this one had something on that this one has not. */
export function canCarryOver({ look, left }: Pick<BenchState, "look" | "left">): boolean {
  return left?.accessoryIds.some((id) => !look.accessoryIds.includes(id)) ?? false;
}

function looksBeside(
  { look, others }: Pick<BenchState, "look" | "others">,
  source: BenchSource,
  { baseId, occasionId, id: own }: BenchLook,
): BenchLook[] {
  return [look, ...others]
    .filter((other) => other.id === own || (isOf(other, source, baseId, occasionId) && isBegun(other)))
    .sort((one, other) => (one.id < other.id ? -1 : 1));
}

/** What a look is called: by its own name, or by its place among the looks of its base and occasion. */
export function wordsOf(
  state: Pick<BenchState, "look" | "others" | "words">,
  source: BenchSource,
  lookId: string,
): LookWords {
  const { name = "", note = "" } = state.words.get(lookId) ?? {};
  if (name) return { name, note };
  const look = [state.look, ...state.others].find(({ id }) => id === lookId);
  const at = look ? looksBeside(state, source, look).findIndex(({ id }) => id === lookId) : 0;
  return { name: sayWith(benchWords.lookLabel, { number: at + 1 }), note };
}

/** Whether a look is of a base and an occasion; one of an occasion that was put away is of none in particular. */
function isOf(look: BenchLook, source: BenchSource, baseId: string, occasionId: string | null): boolean {
  const known = (id: string | null) => (source.occasions.some((occasion) => occasion.id === id) ? id : null);
  return look.baseId === baseId && known(look.occasionId) === known(occasionId);
}
