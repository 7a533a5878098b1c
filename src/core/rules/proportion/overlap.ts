import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import { adjust, wear } from "../proposals";
import { bootLeg, spokenOf } from "./pair";

export const overlap = defineRule({
  id: "proportion.overlap",
  reads: ["shoe"],
  title: "The leg is too narrow to fall over the shaft",
  fault: "too narrow for the boot",
  why: "A hem that overlaps a boot needs room to fall; without it, it sits on the shaft in rings.",
  tags: ["hem"],
  messages: {
    narrow: "{trousers} {trousersCount, plural, one {is} other {are}} too narrow to go over {shoe}.",
  },
  read(dressed, { judge }) {
    const met = bootLeg(dressed, "overlap");
    if (!met) return [];
    const { leg, fit } = met;
    return [
      judge(
        "jars",
        "narrow",
        {
          figures: {
            overlap: figure("overlap", -fit.gap, "cm"),
            clearance: atLeast("clearance", fit.clearance, "cm", fit.needed),
            needed: figure("clearance needed", fit.needed, "cm"),
          },
          proposals: [adjust("turn", leg.trousers), adjust("tuck-into-boot", leg.trousers), ...wear("shoe")],
        },
        spokenOf(leg),
      ),
    ];
  },
});
