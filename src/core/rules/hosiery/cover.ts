import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { hides } from "../../piece/piece";
import { takeOff } from "../proposals";

export const cover = defineRule({
  id: "hosiery.cover",
  reads: ["hosiery"],
  title: "Hosiery is not a garment",
  fault: "hosiery left uncovered",
  why: "Tights go under something: a hem or shorts must cover to the middle of the thigh.",
  params: {
    share: param(0.4, "share", "height, as a share of the body's, down to which a garment must cover"),
  },
  tags: ["leg"],
  messages: {
    alone: "{hosiery} cannot stand in for trousers above {hem}, and an open layer covers nothing.",
  },
  read({ hosiery, worn, body }, { params, judge }) {
    if (hosiery?.piece.figures.form !== "tights") return [];
    const hem = worn
      .filter(({ place, asWorn }) => place !== null && hides(asWorn))
      .reduce((least, { extent }) => Math.min(least, extent.from), Infinity);
    const most = params.share * body.height;
    if (hem <= most || hem === Infinity) return [];
    return [
      judge("jars", "alone", {
        of: { hosiery },
        figures: {
          hem: atMost("lowest hem", hem, "cm", most),
          most: figure("must cover to", most, "cm"),
        },
        proposals: [takeOff(hosiery.piece)],
      }),
    ];
  },
});
