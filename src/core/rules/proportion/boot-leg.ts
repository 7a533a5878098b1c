import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { wear } from "../proposals";

export const bootLegUnderSkirt = defineRule({
  id: "proportion.boot-leg",
  reads: ["shoe"],
  title: "A boot on a bare leg",
  fault: "a boot off the leg",
  why: "Under a skirt the top of the shaft is seen against the leg: a boot that stands off looks borrowed, one that follows the leg looks made for it.",
  params: {
    shaft: param(8, "cm", "shaft from which a boot has a top to look at"),
    fits: param(4, "cm", "how far the top may stand off the leg"),
    doubt: param(1, "cm", "how far the difference of two girths may be misread"),
    most: param(7, "cm", "from here it stands off for all to see"),
  },
  tags: ["hem"],
  messages: {
    fits: "{boot} {bootCount, plural, one {follows} other {follow}} the leg.",
    loose:
      "{boot} {bootCount, plural, one {stands} other {stand}} {ease} off the leg under {skirt}: a little loose.",
    off: "{boot} {bootCount, plural, one {stands} other {stand}} {ease} off the leg under {skirt}: too wide.",
    unread:
      "Measure the leg, and this will say how {boot} {bootCount, plural, one {fits} other {fit}} it under {skirt}.",
  },
  read({ skirt, shoe: boot, body }, { params, judge }) {
    const { shaft, shaftTop } = boot?.piece.figures ?? { shaft: null, shaftTop: null };
    if (!skirt || !boot || shaft === null || shaft < params.shaft || skirt.hem <= shaft) return [];
    const of = { boot, skirt: skirt.garment };
    if (!body.legGirth || shaftTop === null)
      return shaftTop === null ? [] : [judge("unread", "unread", { of, needs: body.missingLeg })];
    const spare = shaftTop - body.legGirth(shaft);
    const figures = { ease: atMost("top of the shaft round the leg, to spare", spare, "cm", params.fits) };
    if (spare <= params.fits) return [judge("note", "fits", { of: { boot }, about: [boot.piece], figures })];
    const proposals = wear("shoe");
    if (spare <= params.most) {
      const onEdge = spare > params.most - params.doubt;
      return [judge("rubs", "loose", { of, figures, proposals, onEdge })];
    }
    return [judge("jars", "off", { of, figures, proposals })];
  },
});
