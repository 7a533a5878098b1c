import type { BenchSource } from "@/core/studio/bench-source";
import { benchLookOf, type LookOnRecord, type LookToKeep } from "@/core/studio/look-record";
import { joinSteps } from "@/core/studio/look-steps";
import type { BenchStore } from "./bench-store";

/** Looks that come to the bench from elsewhere: from this browser's own store, or from the record. */
export function looksFromElsewhere(store: BenchStore, source: BenchSource) {
  return {
    /**
     * Looks that this browser kept when the studio could not be reached: they are newer than the record, and the
     * one the page was left with lies on the bench again.
     */
    takeIn: (waiting: readonly LookToKeep[], leftWith: string | null) => {
      const known = waiting.filter(({ baseId }) => source.bases.some(({ id }) => id === baseId));
      const newer = new Map(known.map((look) => [look.id, benchLookOf(look)]));
      store.setState(({ look, others, words, steps }) => {
        const laid = newer.get(leftWith ?? look.id) ?? newer.get(look.id) ?? look;
        return {
          look: laid,
          others: [...newer.values(), ...[look, ...others].filter(({ id }) => !newer.has(id))].filter(
            ({ id }) => id !== laid.id,
          ),
          words: new Map([...words, ...known.map(({ id, name, note }) => [id, { name, note }] as const)]),
          steps: new Map([
            ...steps,
            ...known.map(({ id, newSteps }) => [id, joinSteps(steps.get(id) ?? [], newSteps)] as const),
          ]),
        };
      });
    },
    /** Lays a look as it stands on record in place of what it is here; every step of both stays. */
    takeTheirs: ({ look: theirs, steps: taken }: LookOnRecord) =>
      store.setState(({ look, others, words, steps }) => ({
        look: look.id === theirs.id ? benchLookOf(theirs) : look,
        others: others.map((other) => (other.id === theirs.id ? benchLookOf(theirs) : other)),
        words: new Map(words).set(theirs.id, { name: theirs.name, note: theirs.note }),
        steps: new Map(steps).set(theirs.id, joinSteps(taken, steps.get(theirs.id) ?? [])),
        cursor: null,
        tried: null,
        left: null,
      })),
  };
}
