import type { Dressed, Worn } from "../../dressing/dressed";
import { hasLapels } from "../../piece/kinds/cuts";
import type { NeckOfGarment } from "../../scarf/ties/necks";
import { defineRule } from "../define-rule";
import { adjust, swapOrTakeOff } from "../proposals";

export const scarfNeckline = defineRule({
  id: "style.scarf-neckline",
  reads: ["neck"],
  title: "A tie and the neck it is tied at",
  fault: "tie against neckline",
  why: "A tie finishes one neck and crowds another: a close band over a roll neck is cloth on cloth, a triangle over lapels hides what frames the face.",
  params: {},
  tags: ["neck"],
  messages: {
    neckline:
      "{scarf} tied like this {scarfCount, plural, one {goes} other {go}} with {goesWith}; {garment} has {neck}.",
    lapels:
      "{scarf} tied like this {scarfCount, plural, one {lies} other {lie}} over the lapels of {garment}: {scarfCount, plural, one {it goes} other {they go}} with {goesWith}.",
  },
  read(dressed, { judge }) {
    const { tied } = dressed;
    if (!tied?.answer.possible) return [];
    const { scarf, answer } = tied;
    const { place, necks, goesWith } = answer.tied.spec;
    if (place !== "neck" || goesWith === null) return [];
    return necksOf(dressed)
      .filter(({ neck }) => !necks.includes(neck))
      .map(({ neck, piece }) =>
        judge("rubs", neck === "lapels" ? "lapels" : "neckline", {
          of: { scarf, garment: piece },
          words: { goesWith, neck: neckWords[neck] },
          proposals: [adjust("tie", scarf), ...swapOrTakeOff(scarf)],
        }),
      );
  },
});

/** A neck as it is named of a garment: "the shirt has a shirt collar". */
const neckWords: Readonly<Record<NeckOfGarment, string>> = {
  crew: "a round neck",
  v: "a V neck",
  scoop: "a scoop neck",
  boat: "a boat neck",
  square: "a square neck",
  roll: "a roll neck",
  "shirt collar": "a shirt collar",
  wrap: "a wrapped front",
  halter: "a halter neck",
  strapless: "bare shoulders",
  "off the shoulder": "bare shoulders",
  cowl: "a cowl neck",
  lapels: "lapels",
};

interface MetNeck {
  readonly neck: NeckOfGarment;
  readonly piece: Worn["piece"];
}

/** What a scarf at the neck meets: the neckline nearest the face, and the lapels of a layer. */
function necksOf({ neck: { edge }, worn }: Dressed): MetNeck[] {
  const met: MetNeck[] = [];
  if (edge && "neckline" in edge.piece.figures)
    met.push({ neck: edge.piece.figures.neckline, piece: edge.piece });
  for (const { piece } of worn)
    if ((piece.kind === "jacket" || piece.kind === "coat") && hasLapels(piece.figures))
      met.push({ neck: "lapels", piece });
  return met;
}
