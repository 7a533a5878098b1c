import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";

export const overArm = defineRule({
  id: "bag.over-arm",
  lens: "comfort",
  weight: 1,
  title: "A strap goes over the arm, coat and all",
  why: "A shoulder strap that only just clears a bare arm will not go over a coat.",
  params: {},
  read({ landing }) {
    if (!landing?.arm) return [];
    const { drop, needs } = landing.arm;
    if (drop >= needs) return [];
    return [
      {
        effect: "rubs",
        say: "The strap falls {drop}, and this arm in these layers needs {needs}: {bag}.",
        names: { bag: landing.bag.name },
        figures: {
          drop: atLeast("fall of the strap", drop, "cm", needs),
          needs: figure("needed", needs, "cm"),
        },
        pieces: [landing.bag.id],
        proposals: [
          { kind: "strap", piece: landing.bag.id },
          { kind: "wear", slot: "bag" },
        ],
      },
    ];
  },
});
