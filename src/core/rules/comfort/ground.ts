import { footingOf, lowHeel } from "../../place/heel-ground";
import type { Ground } from "../../piece/occasion";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { wear } from "../proposals";

const caution = "On rough or slippery ground the rules of the place come first.";

export const ground = defineRule({
  id: "comfort.ground",
  reads: ["shoe"],
  title: "The heel and the ground under it",
  fault: "the heel on this ground",
  why: "A narrow heel sinks into a lawn and catches between boards; a smooth sole has no hold on wet stone. A wedge or a block goes where they cannot.",
  params: { low: param(lowHeel, "cm", "lift up to which a heel is as good as none") },
  tags: ["place"],
  messages: {
    sinks: "{shoe} on {ground}: a {heel} sinks in.",
    catches: "{shoe} on {ground}: a {heel} catches in the gaps.",
    slips: "{shoe} on {ground}: a {heel} slips.",
    smooth: "{shoe} on {ground}: a smooth sole has no grip.",
    snow: "{shoe} on {ground}: cut so low, the foot gets wet.",
    mind: "{shoe} on {ground}: it can be walked in, with care.",
  },
  read({ look, shoe: worn }, { params, judge }) {
    const { occasion } = look;
    if (!occasion || !worn) return [];
    const shoe = worn.piece;
    const { lift, tip } = shoe.figures;
    const footing = footingOf(shoe, occasion.ground, params.low);
    if (footing === "fine") return [];
    const facts = {
      of: { shoe },
      words: { ground: groundWords[occasion.ground], heel: heelWords[tip] },
      figures: { lift: atMost("heel height", lift, "cm", params.low) },
      proposals: wear("shoe"),
    };
    return footing === "mind" ? [judge("rubs", "mind", facts)] : [judge("jars", footing, { caution }, facts)];
  },
});

const heelWords = {
  flat: "flat heel",
  block: "block heel",
  slim: "slim heel",
  stiletto: "stiletto",
  wedge: "wedge",
} as const;

/** A ground as it is walked on. */
const groundWords: Readonly<Record<Ground, string>> = {
  indoors: "an indoor floor",
  pavement: "a pavement",
  cobbles: "cobbles",
  gravel: "gravel",
  lawn: "a lawn",
  sand: "sand",
  deck: "a deck",
  grating: "a grating",
  "snow and ice": "snow and ice",
  "wet stone": "wet stone",
  carpet: "a carpet",
  stage: "a stage",
  stairs: "stairs",
  boat: "a boat",
};
