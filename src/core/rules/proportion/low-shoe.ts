import { hangsWide } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { figure, within } from "../figures";
import { spokenOf, turnOrSwap } from "./pair";

export const lowShoe = defineRule({
  id: "proportion.low-shoe",
  title: "The hem over a low shoe",
  why: "At work a hem ends at the ankle bone or above it, or is long enough to break once on the shoe; between the two it looks outgrown.",
  params: {
    noBreak: param(4, "cm", "up to this far below the ankle bone the hem hangs without a break"),
    oneBreak: param(7, "cm", "up to this far below it breaks once"),
    work: param(4.5, "step", "level of the register from which it jars rather than rubs"),
  },
  tags: ["hem"],
  messages: {
    clear: "The hem of {trousers} ends {above} above the ankle bone over {shoe}: clear.",
    between:
      "The hem of {trousers} ends {below} below the ankle bone over {shoe}: neither clear of the ankle nor long enough to break.",
    breaks: "The hem of {trousers} breaks once on {shoe}, {below} below the ankle bone.",
    gathers: "The hem of {trousers} ends {below} below the ankle bone: it gathers on {shoe}.",
  },
  read({ leg, look }, { params, judge }) {
    if (!leg || leg.isBoot) return [];
    const below = leg.ankleBone - leg.hem;
    const spoken = spokenOf(leg);
    if (below <= 0) {
      const figures = { above: figure("hem above the ankle bone", -below, "cm") };
      return [judge("lifts", "clear", { figures }, spoken)];
    }
    if (hangsWide(leg.trousers)) return [];
    const { noBreak, oneBreak } = params;
    const figures = { below: within("hem below the ankle bone", below, "cm", noBreak, oneBreak) };
    const proposals = turnOrSwap(leg);
    if (below <= noBreak) {
      const span = look.occasion?.span;
      const atWork = !span || (span.low + span.high) / 2 >= params.work;
      return [judge(atWork ? "jars" : "rubs", "between", { figures, proposals }, spoken)];
    }
    if (below <= oneBreak) return [judge("lifts", "breaks", { figures }, spoken)];
    return [judge("rubs", "gathers", { figures, proposals }, spoken)];
  },
});
