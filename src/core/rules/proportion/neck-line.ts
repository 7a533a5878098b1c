import { hides, openingOf } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import type { Finding } from "../finding";
import { adjust, swapOrTakeOff } from "../proposals";

export const neckLine = defineRule({
  id: "proportion.neck-line",
  reads: ["necklace"],
  title: "A necklace and the neckline",
  fault: "a necklace at the neckline",
  why: "A pendant on the edge of the cloth slips in and out of it; well inside it lies on skin, well below it lies on cloth, and both look decided.",
  params: {
    near: param(1.5, "cm", "this near the edge it jars"),
    inside: param(2, "cm", "this far above the edge it lies on skin"),
    below: param(3, "cm", "this far below the edge it lies on cloth"),
    long: param(20, "cm", "least drop over a high neck"),
  },
  tags: ["neck"],
  messages: {
    free: "{necklace} {necklaceCount, plural, one {hangs} other {hang}} {drop} down, free over the high neck of {garment}.",
    short:
      "{necklace} {necklaceCount, plural, one {is} other {are}} too short over the high neck of {garment}: {drop}.",
    edge: "{necklace} {necklaceCount, plural, one {ends} other {end}} right at the edge of {garment}, and will slip in and out of the cloth.",
    skin: "{necklace} {necklaceCount, plural, one {lies} other {lie}} on the skin, inside the neckline of {garment}.",
    cloth:
      "{necklace} {necklaceCount, plural, one {lies} other {lie}} on the cloth, well clear of the neckline of {garment}.",
    near: "{necklace} {necklaceCount, plural, one {ends} other {end}} near the neckline of {garment}: it works.",
  },
  read({ neck, body, worn }, { params, judge }) {
    const { edge, necklaces } = neck;
    if (!edge) return [];
    const closed = worn.find(({ place, asWorn }) => place === "layer" && hides(asWorn));
    const opening = closed ? (openingOf(closed.asWorn, body) ?? Infinity) : -Infinity;
    // What hangs under something closed is neither seen nor read.
    const seen = necklaces.filter(({ lowest }) => body.measures.neckPoint.cm - lowest >= opening);
    return seen.map(({ necklace, lowest }): Finding => {
      const past = lowest - edge.below;
      const facts = {
        of: { necklace, garment: edge.piece },
        estimated: edge.estimated || body.measures.neck.estimated,
      };
      const proposals = [adjust("double", necklace), ...swapOrTakeOff(necklace)];
      if (edge.high) {
        const figures = { drop: atLeast("drop", lowest, "cm", params.long) };
        return lowest >= params.long
          ? judge("lifts", "free", { figures }, facts)
          : judge("jars", "short", { figures, proposals }, facts);
      }
      const figures = {
        drop: figure("drop", lowest, "cm"),
        edge: figure("edge of the neckline", edge.below, "cm"),
      };
      if (Math.abs(past) <= params.near) {
        const from = atLeast("from the edge", Math.abs(past), "cm", params.near);
        return judge("jars", "edge", { figures: { past: from, ...figures }, proposals }, facts);
      }
      if (past <= -params.inside) return judge("sings", "skin", { figures }, facts);
      return past >= params.below
        ? judge("sings", "cloth", { figures }, facts)
        : judge("note", "near", { figures, onEdge: true }, facts);
    });
  },
});
