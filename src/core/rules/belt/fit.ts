import type { Dressed } from "../../dressing/dressed";
import { isLegged, placeOf } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, within } from "../figures";
import type { Judgement } from "../finding";

export const beltFit = defineRule({
  id: "belt.fit",
  lens: "comfort",
  weight: 1,
  title: "A belt fits its loops and its place",
  why: "A belt goes through the loops, and closes between its first and last hole over whatever lies under it.",
  params: {
    layer: param(2, "cm", "what each layer under a belt adds to the girth"),
    coat: param(6, "cm", "what a coat adds"),
    wide: param(5, "cm", "a belt from this width on wants a plain base"),
  },
  read(dressed, { layer, coat, wide }) {
    if (!dressed.belt) return [];
    const belt = dressed.belt.piece;
    const { width, firstHole, lastHole } = belt.figures;
    const shared = { names: { belt: belt.name }, pieces: [belt.id] };
    const proposals = [
      { kind: "wear", slot: "belt" },
      { kind: "take-off", piece: belt.id },
    ] as const;
    const judgements: Judgement[] = [];
    const loops = dressed.look.garments.find(isLegged)?.figures.loops ?? null;
    if (loops !== null && width > loops)
      judgements.push({
        effect: "jars",
        say: "{width} wide, and the loops take {loops}: {belt}.",
        figures: {
          width: atMost("width", width, "cm", loops),
          loops: { label: "loops", value: loops, unit: "cm", limit: null },
        },
        proposals,
        ...shared,
      });
    const { waist } = dressed.body.measures;
    if (waist.estimated)
      judgements.push({
        effect: "unread",
        say: "Whether {belt} closes is not read: measure the waist.",
        needs: ["waist"],
        ...shared,
      });
    else {
      const girth = waist.cm + added(dressed, layer, coat);
      const figures = { girth: within("girth where it closes", girth, "cm", firstHole, lastHole) };
      if (girth < firstHole || girth > lastHole)
        judgements.push({
          effect: "jars",
          figures,
          say:
            girth > lastHole
              ? "{girth} round the waist here: past the last hole of {belt}."
              : "{girth} round the waist here: short of the first hole of {belt}.",
          proposals,
          ...shared,
        });
    }
    const detail = dressed.worn.find(
      ({ piece, slot }) => slot === null && piece.pattern !== "plain" && piece.statement >= 2,
    );
    if (width >= wide && detail)
      judgements.push({
        ...shared,
        effect: "rubs",
        say: "{width} of belt over {detail}: two details at one waist.",
        names: { belt: belt.name, detail: detail.piece.name },
        figures: { width: atMost("width over a pattern", width, "cm", wide) },
        proposals,
      });
    return judgements;
  },
});

/** What the garments under a belt add to the waist, cm: the first lies on the body and adds nothing. */
function added({ look }: Dressed, layer: number, coat: number): number {
  const under = look.garments.filter((piece) => placeOf(piece) === "top" || placeOf(piece) === "whole");
  const coats = look.garments.filter((piece) => piece.kind === "coat" && piece.figures.closed);
  return (
    Math.max(0, under.length - 1) * layer +
    under.filter(({ finish }) => finish === "knit").length * layer +
    coats.length * coat
  );
}
