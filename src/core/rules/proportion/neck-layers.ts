import { metalGroup } from "../../finish/metals";
import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import type { Finding } from "../finding";
import { takeOff } from "../proposals";

export const neckLayers = definePairRule({
  id: "proportion.neck-layers",
  reads: ["necklace"],
  title: "Chains in layers",
  fault: "chains too close together",
  why: "Neighbours that hang within a finger of one another tangle; more than a few lose their steps.",
  params: {
    apart: param(4, "cm", "least difference of drop between neighbours"),
    most: param(3, "count", "most layers"),
    layered: param(6, "count", "most layers where layering is the school"),
  },
  schools: ["ornament"],
  tags: ["set", "neck"],
  messages: {
    tangle: "There is only {step} between {one} and {other}: they will tangle.",
    many: "{count} layers of chain are too many to tell apart.",
    clear: "{count} layers of chain in one metal, each clear of the next.",
  },
  pair: ["tangle", "clear"],
  concerns: ({ piece: { kind } }) => kind === "necklace",
  read({ neck }, { params, schools, judge }) {
    const loops = neck.necklaces
      .flatMap(({ necklace, drops }) => drops.map((drop) => ({ necklace, drop })))
      .sort((one, other) => one.drop - other.drop);
    if (loops.length < 2) return [];
    const necklaces = [...new Set(loops.map(({ necklace }) => necklace))];
    const findings = loops.slice(1).flatMap(({ necklace: other, drop }, i): Finding[] => {
      const before = loops[i];
      if (!before || drop - before.drop >= params.apart) return [];
      const one = before.necklace;
      const figures = { step: atLeast("step between the drops", drop - before.drop, "cm", params.apart) };
      return [judge("jars", "tangle", { of: { one, other }, figures, proposals: [other, one].map(takeOff) })];
    });
    const allowed = schools.ornament === "layered" ? params.layered : params.most;
    const facts = { about: necklaces, figures: { count: atMost("layers", loops.length, "count", allowed) } };
    if (loops.length > allowed) {
      const effect = loops.length > allowed + 1 ? "jars" : "rubs";
      return [...findings, judge(effect, "many", { proposals: necklaces.map(takeOff) }, facts)];
    }
    const metals = new Set(necklaces.map(({ metal }) => metalGroup(metal)));
    return findings.length === 0 && metals.size === 1 ? [judge("lifts", "clear", facts)] : findings;
  },
});
