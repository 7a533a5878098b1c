import { look, p, shoe, worn, type Case } from "./made";

/** Of each rule of finish: looks of which it says something, and one that differs in just that. */
export const finishCases: Readonly<Record<string, Case>> = {
  "finish.one-bold": {
    says: [["many", "jars", look(worn, [shoe({}, { finish: "metallic" }), p("bag", { finish: "velvet" })])]],
    silent: look(worn, [shoe({}, { finish: "metallic" }), p("bag", { finish: "crystal" })]),
  },
  "finish.embellishment": {
    says: [["many", "jars", look(worn, [shoe({}, { finish: "crystal" }), p("bag", { finish: "pearl" })])]],
    silent: look(worn, [shoe({}, { finish: "crystal" }), p("earrings", { finish: "pearl" })]),
  },
  "finish.texture": {
    says: [["perhapsFlat", "rubs", look(worn, [shoe({}, { hex: "#7b7d80" })])]],
    silent: look(worn, [
      shoe({}, { hex: "#bf2026" }),
      p("bag", { hex: "#2450c0" }),
      p("scarf", { hex: "#f2d53c" }),
      p("coat", { hex: "#1d5b34" }),
    ]),
  },
  "finish.metal": {
    says: [
      [
        "broken",
        "jars",
        look(worn, [shoe({}, { metal: "gold", metalSize: 2 }), p("bag", { metal: "steel", metalSize: 2 })]),
      ],
      [
        "carried",
        "lifts",
        look(worn, [
          shoe({}, { metal: "gold", metalSize: 1 }),
          p("earrings", { metal: "gold", metalSize: 3 }),
        ]),
      ],
    ],
    silent: look(worn, [
      shoe({}, { metal: "gold", metalSize: 1 }),
      p("bag", { metal: "gold", metalSize: 1 }),
    ]),
  },
};
