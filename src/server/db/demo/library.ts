import type { SetTemplate } from "@/core/sets/template";
import type { GapInput } from "@/core/studio/gap-record";

/** The days on which sets of the demo studio were worn, by the set's name. */
export const worn: Readonly<Record<string, readonly string[]>> = {
  "Lecture, quiet silver": ["2026-10-29", "2026-11-12"],
  "Train and stage, ink": ["2026-11-13"],
  "Evening, pewter": ["2026-10-17"],
  "Board room, gold and chestnut": ["2026-11-03", "2026-11-19"],
  "Quayside, navy": ["2026-11-09"],
  "Concert black": ["2026-11-15"],
  "Rehearsal, tobacco": ["2026-11-04", "2026-11-11", "2026-11-18"],
  "Ember, layered brass": ["2026-11-20"],
};

/** A template that the studio wrote down for itself. */
export const templates: readonly SetTemplate[] = [
  {
    name: "On stage, hands free",
    from: 5,
    to: 7,
    forRain: false,
    wanted: ["shoe", "earrings"],
    optional: ["necklace", "brooch", "wrist", "belt", "hosiery"],
  },
];

/** What is on a client's gap list, by the client's name. */
export const gaps: Readonly<Record<string, readonly Omit<GapInput, "clientId">[]>> = {
  "Ottoline Varga": [
    {
      facts: { form: "belt", colour: "slate", finish: "suede", level: 5, metal: "silver" },
      opens: ["Charcoal wides, silver shirt for Planetarium lecture"],
      note: "narrow enough for the loops of the charcoal wides",
      budget: 85,
    },
  ],
};
