import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { hosieryOf } from "./worn";

export const cover = defineRule({
  id: "hosiery.cover",
  lens: "hosiery",
  weight: 1,
  title: "Hosiery is not a garment",
  why: "Tights go under something: a hem or shorts must cover to the middle of the thigh.",
  params: {
    share: param(0.4, "share", "height, as a share of the body's, down to which a garment must cover"),
  },
  read(dressed, { share }) {
    const met = hosieryOf(dressed);
    if (!met || met.hosiery.figures.form !== "tights") return [];
    const lowest = dressed.worn
      .filter(({ place }) => place !== null)
      .reduce((least, { extent }) => Math.min(least, extent.from), Infinity);
    const most = share * dressed.body.height;
    if (lowest <= most || lowest === Infinity) return [];
    return [
      {
        effect: "jars",
        say: "The hem lies {hem} up and {hosiery} goes on alone from there: a garment must cover to {most}.",
        names: { hosiery: met.hosiery.name },
        figures: {
          hem: atMost("lowest hem", lowest, "cm", most),
          most: { label: "must cover to", value: most, unit: "cm", limit: null },
        },
        pieces: [met.hosiery.id],
        proposals: [{ kind: "take-off", piece: met.hosiery.id }],
      },
    ];
  },
});
