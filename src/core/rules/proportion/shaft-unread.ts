import { defineRule } from "../define-rule";
import { spokenOf } from "./pair";

export const shaftUnread = defineRule({
  id: "proportion.shaft-unread",
  lens: "proportion",
  weight: 0,
  title: "What a boot's fit needs to be read",
  why: "Whether a shaft is close or loose is known only from the leg's own girths and the shaft's top; no guess stands in for them.",
  params: {},
  read({ leg }) {
    if (!leg?.isBoot || leg.fit) return [];
    const shared = { effect: "unread", ...spokenOf(leg) } as const;
    if (leg.shoe.figures.shaftTop === null)
      return [
        { say: "How {trousers} meets {shoe} is not read: measure round the top of the shaft.", ...shared },
      ];
    return [
      {
        say: "How {trousers} meets {shoe} is not read: it needs the leg's girths.",
        needs: leg.missing,
        ...shared,
      },
    ];
  },
});
