import { known, legs, look, p, shoe, skirt, top, worn, type Case } from "./made";

/** Of each rule of care: looks of which it says something, and one that differs in just that. */
export const careCases: Readonly<Record<string, Case>> = {
  "care.transfer": {
    says: [
      [
        "rubs",
        "rubs",
        look(
          [legs({}, { hex: "#1c2640", finish: "denim" }), top()],
          [p("bag", { hex: "#f4ead8" }, { carry: "shoulder", strap: 110 })],
        ),
      ],
    ],
    silent: look(worn, [p("bag", { hex: "#f4ead8" }, { carry: "shoulder", strap: 110 })]),
  },
  "care.scratch": {
    says: [
      [
        "falls",
        "note",
        look(worn, [p("bag", { metal: "gold", metalSize: 2 }, { strapMade: "chain", shape: "fold" })]),
      ],
    ],
    silent: look(worn, [p("bag", { metal: "gold", metalSize: 2 }, { strapMade: "leather", shape: "fold" })]),
  },
  "care.away": {
    says: [
      ["back", "jars", look(worn, [shoe()], known("shoe", { away: "in care", back: "2026-05-30" }))],
      ["gone", "jars", look(worn, [shoe()], known("shoe", { away: "on loan" }))],
    ],
    silent: look(worn, [shoe()], known("shoe", { away: "in care", back: "2026-05-10" })),
  },
  "care.due": {
    says: [["needs", "rubs", look(worn, [shoe()], known("shoe", { needs: ["new heel tips", "a mend"] }))]],
    silent: look(worn, [shoe()], known("shoe", {})),
  },
  "care.rest": {
    says: [["rests", "rubs", look(worn, [shoe()], known("shoe", { lastWorn: "2026-05-11" }))]],
    silent: look(worn, [shoe()], known("shoe", { lastWorn: "2026-05-09" })),
  },
  "care.ladder": {
    says: [
      [
        "catches",
        "note",
        look([skirt(60)], [p("hosiery", {}, { denier: 15 }), p("bag", {}, { strapMade: "chain" })]),
      ],
    ],
    silent: look([skirt(60)], [p("hosiery", {}, { denier: 60 }), p("bag", {}, { strapMade: "chain" })]),
  },
};
