import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import type { Judgement } from "../finding";
import { trainersParams, trainersUnderTailoring } from "./trainers-meant";

export const trainers = defineRule({
  id: "register.trainers",
  lens: "register",
  weight: 1,
  title: "Trainers under tailoring",
  why: "A trainer under a suit is either a slip or a sentence; it is a sentence when the shirt and the tie are gone as well.",
  params: trainersParams,
  schools: ["trainers"],
  read(look, { dressed }, schools) {
    const met = trainersUnderTailoring(look);
    if (!met) return [];
    const { shoe, tailored, top, meant } = met;
    const shared = {
      names: { shoe: shoe.name, tailored: tailored.name, top: top?.name ?? "the top" },
      pieces: [shoe.id, tailored.id, ...(top ? [top.id] : [])],
      proposals: [{ kind: "wear", slot: "shoe" } as const],
    };
    if (schools.trainers === "no")
      return [
        { effect: "jars", say: "{shoe} under {tailored}: this rule book keeps them apart.", ...shared },
      ];
    const figures: Judgement["figures"] = top
      ? { level: atMost("level of the top", top.register.centre, "step", dressed) }
      : {};
    if (meant)
      return [
        {
          ...shared,
          figures,
          effect: "lifts",
          say: "{shoe} under {tailored}, and {top} leans the same way: meant.",
          proposals: [],
        },
      ];
    return [
      {
        figures,
        effect: "jars",
        say: "{shoe} under {tailored} while {top} is still dressed up: half changed.",
        ...shared,
      },
    ];
  },
});
