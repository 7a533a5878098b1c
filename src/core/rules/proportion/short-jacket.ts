import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { adjust, swapOrTakeOff } from "../proposals";

export const shortJacket = defineRule({
  id: "proportion.short-jacket",
  reads: ["necklace"],
  title: "A short jacket and a necklace",
  fault: "necklace and short jacket",
  why: "A jacket that ends above the hip wants a necklace that keeps to its proportion: short at the collar; a chain that hangs nearly as low as the hem pulls the whole front down.",
  params: {
    short: param(24, "cm", "longest drop of a necklace that keeps to a short jacket"),
    share: param(0.67, "share", "lowest a chain may hang, as a share of the jacket's length"),
  },
  messages: {
    keeps:
      "{necklace} {necklaceCount, plural, one {is} other {are}} as short as {jacket} {jacketCount, plural, one {needs} other {need}}.",
    low: "{necklace} {necklaceCount, plural, one {hangs} other {hang}} {drop} down, too near the hem of {jacket}.",
  },
  tags: ["neck"],
  read({ neck, worn, body }, { params, judge }) {
    const jacket = worn.find(({ place }) => place === "layer");
    const lowest = neck.necklaces[neck.necklaces.length - 1];
    if (!jacket || !lowest || jacket.extent.from <= body.measures.hipLine.cm) return [];
    const length = jacket.extent.to - jacket.extent.from;
    const { necklace } = lowest;
    const of = { necklace, jacket };
    const most = params.share * length;
    const figures = {
      drop: atMost("drop of the necklace", lowest.lowest, "cm", most),
      length: figure("length of the jacket", length, "cm"),
    };
    if (lowest.lowest > most) {
      const proposals = [adjust("double", necklace), ...swapOrTakeOff(necklace)];
      return [judge("rubs", "low", { of, figures, proposals })];
    }
    return lowest.lowest <= params.short ? [judge("lifts", "keeps", { of, figures })] : [];
  },
});
