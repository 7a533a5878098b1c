import { hangsWide } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { figure, within } from "../figures";
import { spokenOf } from "./pair";

export const lowShoe = defineRule({
  id: "proportion.low-shoe",
  lens: "proportion",
  weight: 1,
  title: "The hem over a low shoe",
  why: "At work a hem ends at the ankle bone or above it, or is long enough to break once on the shoe; between the two it looks outgrown.",
  params: {
    noBreak: param(4, "cm", "up to this far below the ankle bone the hem hangs without a break"),
    oneBreak: param(7, "cm", "up to this far below it breaks once"),
    work: param(4.5, "step", "level of the register from which it jars rather than rubs"),
  },
  read({ leg, look }, { noBreak, oneBreak, work }) {
    if (!leg || leg.isBoot) return [];
    const below = leg.ankleBone - leg.hem;
    const full = hangsWide(leg.trousers) && below > 0;
    if (full) return [];
    const spoken = spokenOf(leg);
    const shared = {
      figures: { below: within("hem below the ankle bone", below, "cm", noBreak, oneBreak) },
      ...spoken,
    };
    const proposals = [
      { kind: "turn", piece: leg.trousers.id },
      { kind: "wear", slot: "shoe" },
    ] as const;
    const atWork = look.occasion === null || (look.occasion.span.low + look.occasion.span.high) / 2 >= work;
    if (below <= 0) {
      const figures = { above: figure("hem above the ankle bone", -below, "cm") };
      return [
        {
          effect: "lifts",
          say: "The hem of {trousers} ends {above} above the ankle bone over {shoe}: clear.",
          figures,
          ...spoken,
        },
      ];
    }
    if (below <= noBreak)
      return [
        {
          effect: atWork ? "jars" : "rubs",
          say: "The hem of {trousers} ends {below} below the ankle bone over {shoe}: neither clear of the ankle nor long enough to break.",
          proposals,
          ...shared,
        },
      ];
    if (below <= oneBreak)
      return [
        {
          effect: "lifts",
          say: "The hem of {trousers} breaks once on {shoe}, {below} below the ankle bone.",
          ...shared,
        },
      ];
    return [
      {
        effect: "rubs",
        say: "The hem of {trousers} ends {below} below the ankle bone: it gathers on {shoe}.",
        proposals,
        ...shared,
      },
    ];
  },
});
