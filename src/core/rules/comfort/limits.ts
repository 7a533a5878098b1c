import { isKind, slotOf, type Piece } from "../../piece/piece";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import type { Judgement, Proposal } from "../finding";

/** Share of a piece from which one of its colours is worn. */
const leastShare = 0.05;

export const limits = defineRule({
  id: "comfort.limits",
  lens: "comfort",
  weight: 1,
  title: "The client's own limits",
  why: "A limit is a fact, told once and kept everywhere.",
  params: {},
  read({ look, worn, hosiery, bareLeg, body }) {
    const { limits: limit, name: client } = look.client;
    const judgements: Judgement[] = [];
    for (const { piece, profile } of worn) {
      const shared = { names: { piece: piece.name, client }, pieces: [piece.id], effect: "bar" } as const;
      if (isKind(piece, "shoe") && limit.heel !== null) {
        const pitch = piece.figures.lift - piece.figures.platform;
        if (pitch > limit.heel)
          judgements.push({
            say: "The foot is pitched by {pitch} in {piece}: over {client}'s limit.",
            figures: { pitch: atMost("lift less platform", pitch, "cm", limit.heel) },
            proposals: [{ kind: "wear", slot: "shoe" }],
            ...shared,
          });
      }
      const never = profile.tints.find(
        ({ family, share }) => share >= leastShare && limit.neverColours.includes(family),
      );
      if (never)
        judgements.push({
          ...shared,
          say: "{client} never wears {family}: {piece}.",
          names: { family: never.family, ...shared.names },
          proposals: slotProposals(piece),
        });
      if (limit.noLeather && "leather" in piece.figures && piece.figures.leather)
        judgements.push({
          say: "{client} wears no leather: {piece}.",
          proposals: slotProposals(piece),
          ...shared,
        });
      if (limit.nickelAllergy && "nickel" in piece.figures && piece.metal !== "none") {
        const { nickel } = piece.figures;
        if (nickel === "contained")
          judgements.push({
            say: "{client} cannot wear nickel, and there is some in {piece}.",
            proposals: slotProposals(piece),
            caution: "Where the skin reacts, take it off and ask a clinician.",
            ...shared,
          });
        else if (nickel === "not known")
          judgements.push({
            ...shared,
            effect: "unread",
            say: "Whether there is nickel in {piece} is not recorded, and {client} cannot wear it: ask, or test it.",
          });
      }
      if (isKind(piece, "earrings") && limit.clipEarrings && piece.figures.closure === "pierced")
        judgements.push({
          say: "{client} wears clips, and {piece} want pierced ears.",
          proposals: [{ kind: "wear", slot: "earrings" }],
          ...shared,
        });
    }
    if (limit.coveredAnkles && bareLeg && !hosiery && bareLeg.from < 0.09 * body.height)
      judgements.push({
        effect: "bar",
        say: "The ankle is bare; {client} keeps it covered.",
        names: { client },
        pieces: [],
        proposals: [
          { kind: "wear", slot: "hosiery" },
          { kind: "wear", slot: "shoe" },
        ],
      });
    return judgements;
  },
});

/** Another piece for the slot, or none. */
function slotProposals(piece: Piece): Proposal[] {
  const slot = slotOf(piece);
  return slot === null
    ? []
    : [
        { kind: "wear", slot },
        { kind: "take-off", piece: piece.id },
      ];
}
