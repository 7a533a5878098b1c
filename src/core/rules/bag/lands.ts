import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { figure } from "../figures";
import type { Judgement } from "../finding";

export const lands = defineRule({
  id: "bag.lands",
  lens: "proportion",
  weight: 1,
  title: "Where the bag lands",
  why: "A bag draws a line across the body where it ends; between waist and hip it goes with the walk, below mid-thigh it knocks against it.",
  params: { large: param(0.26, "ratio", "diagonal over body height from which a bag is large") },
  read({ landing, body, look }, { large }) {
    if (!landing || landing.figures.carry === "hand" || landing.figures.carry === "clutch") return [];
    const { bag, zone, top, scale } = landing;
    const shared = {
      names: { bag: bag.name, zone, client: look.client.name, wanted: look.client.goals.bagLands ?? "" },
      pieces: [bag.id],
      figures: { top: figure("top of the bag over the footbed", top, "cm") },
      estimated: body.measures.shoulder.estimated,
    };
    const proposals = [
      { kind: "strap", piece: bag.id },
      { kind: "wear", slot: "bag" },
    ] as const;
    const wanted = look.client.goals.bagLands;
    const judgements: Judgement[] = [];
    if (zone === "below mid-thigh")
      judgements.push({
        effect: "jars",
        say: "Below mid-thigh (top {top} up) it knocks at each step: {bag}.",
        proposals,
        ...shared,
      });
    else if (wanted ? zone === wanted : zone === "waist" || zone === "high hip" || zone === "hip")
      judgements.push({
        effect: "lifts",
        say: wanted
          ? "At the {zone}, where {client} likes it: {bag}."
          : "At the {zone}, where it goes with the walk: {bag}.",
        ...shared,
      });
    else
      judgements.push({
        effect: "note",
        say: wanted ? "At the {zone}; {client} likes it at the {wanted}: {bag}." : "At the {zone}: {bag}.",
        proposals,
        ...shared,
      });
    if (scale > large)
      judgements.push({
        ...shared,
        effect: "note",
        say: "Large on this body ({scale} of the height): {bag}.",
        figures: {
          scale: {
            label: "diagonal over height",
            value: scale,
            unit: "ratio",
            limit: { least: null, most: large },
          },
        },
      });
    return judgements;
  },
});
