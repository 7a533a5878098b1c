import { finishes } from "../../finish/finishes";
import type { Dressed } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import { hosieryOf, isSock } from "./worn";

export const opacity = defineRule({
  id: "hosiery.opacity",
  lens: "hosiery",
  weight: 1,
  title: "How sheer the hosiery is",
  why: "Sheer belongs to dressy cloth and mild air, opaque to boots, knits and cold; across the two each looks borrowed.",
  params: {
    dressy: param(6.5, "step", "level from which hosiery is sheer"),
    casual: param(4.5, "step", "level under which it is opaque"),
    cold: param(8, "degC", "air under which opaque is right at any level"),
    boot: param(10, "cm", "shaft from which a shoe is a boot that asks for opaque"),
    sheerFrom: param(8, "den", "lower end of sheer"),
    sheerTo: param(20, "den", "upper end of sheer"),
    opaqueFrom: param(60, "den", "lower end of opaque"),
    opaqueTo: param(130, "den", "over this it is a knit, judged with the knits"),
  },
  read(dressed, { dressy, casual, cold, boot, sheerFrom, sheerTo, opaqueFrom, opaqueTo }) {
    const met = hosieryOf(dressed);
    if (!met || isSock(met.hosiery) || dressed.level === null || !dressed.bareLeg) return [];
    const { denier } = met.hosiery.figures;
    if (denier > opaqueTo) return [];
    const air = dressed.look.occasion?.temperature ?? null;
    const heavy = heavyKnit(dressed);
    const booted = (met.shoePiece?.figures.shaft ?? 0) >= boot;
    const opaqueRight = (air !== null && air < cold) || dressed.level < casual || booted || heavy !== null;
    const sheerRight = !opaqueRight && dressed.level >= dressy;
    const names = { hosiery: met.hosiery.name, knit: heavy ?? "" };
    const shared = {
      names,
      pieces: [met.hosiery.id],
      proposals: [{ kind: "wear", slot: "hosiery" }] as const,
    };
    if (sheerRight && denier > opaqueFrom)
      return [
        {
          effect: "rubs",
          figures: { denier: within("denier", denier, "den", sheerFrom, sheerTo) },
          say: "{denier} is opaque for so dressy a look: {hosiery}.",
          ...shared,
        },
      ];
    if (opaqueRight && denier <= sheerTo)
      return [
        {
          effect: heavy !== null ? "note" : "rubs",
          figures: { denier: within("denier", denier, "den", opaqueFrom, opaqueTo) },
          say:
            heavy !== null
              ? "{denier} is sheer under {knit}: cloth and leg are of two seasons."
              : "{denier} is sheer for boots, cold or so easy a look: {hosiery}.",
          ...shared,
        },
      ];
    return [];
  },
});

/** The name of a heavy knit or pile over the legs, if there is one. */
function heavyKnit({ worn }: Dressed): string | null {
  const heavy = worn.find(
    ({ piece, slot }) =>
      slot === null &&
      (finishes[piece.finish].kin === "pile" ||
        (piece.kind === "top" && piece.finish === "knit" && piece.figures.bodyGirth > 112)),
  );
  return heavy?.piece.name ?? null;
}
