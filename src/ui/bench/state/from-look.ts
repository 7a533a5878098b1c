import { v7 as uuid } from "uuid";
import type { Look } from "@/core/piece/look";
import type { BenchSource } from "@/core/studio/bench-source";
import { benchWords } from "@/words/bench";

/** A look from a file as a bench of its own: its pieces are the whole wardrobe. */
export function fromLook(look: Look): BenchSource {
  const base = { id: uuid(), name: benchWords.fromTheFile, pieceIds: look.garments.map(({ id }) => id) };
  return {
    client: look.client,
    pieces: [...look.garments, ...look.accessories],
    away: [],
    kit: [],
    bases: [base],
    sets: [],
    occasions: look.occasion ? [look.occasion] : [],
    looks: [],
    startSteps: [],
    start: {
      id: uuid(),
      baseId: base.id,
      occasionId: look.occasion?.id ?? null,
      stepId: null,
      accessoryIds: look.accessories.map(({ id }) => id),
      adjustments: look.adjustments,
      ownVerdict: null,
      read: null,
    },
    overrulings: [],
    declined: [],
    lastWorn: {},
    today: "",
    ...(look.onRecord ? { onRecord: look.onRecord } : {}),
    kept: false,
  };
}
