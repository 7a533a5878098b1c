import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import { adjust, wear } from "../proposals";

export const overArm = defineRule({
  id: "comfort.over-arm",
  reads: ["bag"],
  title: "A strap goes over the arm, coat and all",
  fault: "a strap too tight to carry",
  why: "A shoulder strap that only just clears a bare arm will not go over a coat.",
  messages: {
    short: "The strap of {bag} falls {drop}, and over this sleeve the arm needs {needs}.",
  },
  read({ landing }, { judge }) {
    if (!landing?.arm) return [];
    const { drop, needs } = landing.arm;
    if (drop >= needs) return [];
    return [
      judge("rubs", "short", {
        of: { bag: landing.bag },
        figures: {
          drop: atLeast("fall of the strap", drop, "cm", needs),
          needs: figure("needed", needs, "cm"),
        },
        proposals: [adjust("strap", landing.bag), ...wear("bag")],
      }),
    ];
  },
});
