import { defineRule } from "../define-rule";
import { spokenOf } from "./pair";

export const shaftUnread = defineRule({
  id: "proportion.shaft-unread",
  reads: ["shoe"],
  weight: 0,
  title: "What a boot's fit needs to be read",
  fault: "a boot not measured",
  why: "Whether a shaft is close or loose is known only from the leg's own girths and the shaft's top; no guess stands in for them.",
  tags: ["hem"],
  messages: {
    shaft: "Measure round the top of {shoe}, and this will say how the hem of {trousers} meets it.",
    leg: "Measure the leg, and this will say how the hem of {trousers} meets {shoe}.",
  },
  read({ leg }, { judge }) {
    if (!leg?.isBoot || leg.fit || leg.isBare) return [];
    if (leg.shoe.figures.shaftTop === null) return [judge("unread", "shaft", spokenOf(leg))];
    return [judge("unread", "leg", { needs: leg.missing }, spokenOf(leg))];
  },
});
