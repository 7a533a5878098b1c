import { defineRule } from "../define-rule";

export const beltNeed = defineRule({
  id: "belt.need",
  lens: "proportion",
  weight: 1,
  title: "A waist that was asked for",
  why: "A belt draws the waist where cloth runs past it; only a client who asks for a waist needs to be told.",
  params: {},
  read({ look, worn, belt, touches }) {
    if (!look.client.goals.moreWaist) return [];
    if (belt && belt.seen.length > 0)
      return [
        {
          effect: "lifts",
          say: "{belt} draws the waist that was asked for.",
          names: { belt: belt.piece.name },
          pieces: [belt.piece.id],
        },
      ];
    if (touches.some(({ join }) => join === "waist") || worn.length === 0) return [];
    return [
      {
        effect: "note",
        say: "Nothing marks the waist that was asked for: a belt would.",
        pieces: [],
        proposals: [
          { kind: "wear", slot: "belt" },
          ...worn.flatMap(({ piece }) =>
            piece.kind === "top" ? [{ kind: "tuck-in", piece: piece.id } as const] : [],
          ),
        ],
      },
    ];
  },
});
