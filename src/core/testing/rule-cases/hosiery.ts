import { sampleClient } from "../sample";
import { at, boot, legs, look, p, shoe, skirt, top, type Case } from "./made";

/** Of each rule of hosiery: looks of which it says something, and one that differs in just that. */
export const hosieryCases: Readonly<Record<string, Case>> = {
  "hosiery.open-toe": {
    says: [["covered", "jars", look([skirt(60)], [shoe({ form: "sandal", toe: "open" }), p("hosiery")])]],
    silent: look([skirt(60)], [shoe({ form: "pump", toe: "almond" }), p("hosiery")]),
  },
  "hosiery.edge": {
    says: [
      [
        "hidden",
        "rubs",
        look([legs({ inseam: 66 })], [shoe(), p("hosiery", { hex: "#f4f5f6" }, { form: "ankle sock" })]),
      ],
      [
        "tube",
        "jars",
        look(
          [legs({ inseam: 74 })],
          [shoe({ form: "trainer" }), p("hosiery", { hex: "#f4f5f6" }, { form: "crew sock" })],
          { occasion: at({ span: { low: 4, high: 6 } }) },
        ),
      ],
    ],
    silent: look([legs({ inseam: 66 })], [shoe()]),
  },
  "hosiery.opacity": {
    says: [["sheer", "rubs", look([skirt(60)], [boot(), p("hosiery", {}, { denier: 15 })])]],
    silent: look([skirt(60)], [boot(), p("hosiery", {}, { denier: 80 })]),
  },
  "hosiery.colour": {
    says: [
      ["drops", "rubs", look([skirt(60)], [shoe({}, { hex: "#17171a" }), p("hosiery", { hex: "#e8e8ea" })])],
      [
        "withShoe",
        "lifts",
        look([skirt(60)], [shoe({}, { hex: "#17171a" }), p("hosiery", { hex: "#1a1a1c" })]),
      ],
    ],
    silent: look(
      [skirt(60)],
      [shoe({}, { hex: "#17171a" }), p("hosiery", { hex: sampleClient.colouring.skin ?? "" })],
    ),
  },
  "hosiery.cover": {
    says: [
      [
        "alone",
        "jars",
        look(
          [top("#b9bcc0", {}, { tucked: false, length: 60 }), p("coat", {}, { length: 110, closed: false })],
          [p("hosiery")],
        ),
      ],
    ],
    silent: look(
      [top("#b9bcc0", {}, { tucked: false, length: 60 }), p("coat", {}, { length: 110, closed: true })],
      [p("hosiery")],
    ),
  },
  "hosiery.shape": {
    says: [
      [
        "wants",
        "note",
        look(
          [p("skirt", {}, { cut: "pencil", length: 60 })],
          [shoe({ toe: "round", form: "pump" }), p("hosiery")],
        ),
      ],
    ],
    silent: look(
      [p("skirt", {}, { cut: "a-line", length: 60 })],
      [shoe({ toe: "round", form: "pump" }), p("hosiery")],
    ),
  },
  "hosiery.warmth": {
    says: [["cold", "rubs", look([skirt(50), top()], [shoe()], { occasion: at({ temperature: 2 }) })]],
    silent: look([skirt(50), top()], [shoe()], { occasion: at({ temperature: 24 }) }),
  },
};
