import { legs, look, p, shoe, tied, top, worn, type Case } from "./made";

/** Of each rule of style: looks of which it says something, and one that differs in just that. */
export const styleCases: Readonly<Record<string, Case>> = {
  "style.one-lead": {
    says: [
      [
        "many",
        "rubs",
        look(worn, [
          shoe({}, { statement: 2, poles: ["sport"] }),
          p("bag", { statement: 2, poles: ["gala"], finish: "satin" }),
        ]),
      ],
    ],
    silent: look(worn, [shoe({}, { statement: 1 }), p("bag", { statement: 1 })]),
  },
  "style.story": {
    says: [
      [
        "unrelated",
        "jars",
        look(worn, [
          shoe({}, { poles: ["sport"] }),
          p("bag", { poles: ["romantic"] }),
          p("hat", { poles: ["bohemian"] }),
        ]),
      ],
      ["shared", "lifts", look(worn, [shoe({}, { poles: ["romantic"] }), p("bag", { poles: ["romantic"] })])],
    ],
    silent: look(worn, [shoe({}, { poles: ["classic"] }), p("bag", { poles: ["classic"] })]),
  },
  "style.scale": {
    says: [
      ["dainty", "rubs", look(worn, [shoe({ soleBulk: "heavy" }), p("bag", {}, { width: 16, height: 11 })])],
    ],
    silent: look(worn, [shoe({ soleBulk: "fine" }), p("bag", {}, { width: 16, height: 11 })]),
  },
  "style.neck-scarf": {
    says: [
      ["share", "jars", look(worn, [p("scarf", {}, { worn: "wrapped" }), p("necklace", {}, { loop: 40 })])],
    ],
    silent: look(worn, [p("scarf"), p("necklace", {}, { loop: 80 })]),
  },
  "style.scarf-cloth": {
    says: [
      [
        "stiff",
        "rubs",
        look(worn, [p("scarf", {}, { stiffness: 1 })], tied("front point", { fold: "triangle" })),
      ],
      ["soft", "rubs", look(worn, [p("scarf", {}, { stiffness: 0 })], tied("bow at the neck"))],
      [
        "thick",
        "rubs",
        look(
          [...worn, p("coat", {}, { closed: true })],
          [p("scarf", {}, { sideA: 120, sideB: 120, thickness: 0.6 })],
          tied("knot in front"),
        ),
      ],
    ],
    silent: look([...worn, p("coat", {}, { closed: true })], [p("scarf")], tied("knot in front")),
  },
  "style.scarf-neckline": {
    says: [
      [
        "neckline",
        "rubs",
        look([legs(), top("#808080", {}, { neckline: "roll" })], [p("scarf")], tied("knot in front")),
      ],
      [
        "lapels",
        "rubs",
        look([...worn, p("jacket", {}, { collar: "notched" })], [p("scarf")], tied("twice round")),
      ],
    ],
    silent: look(worn, [p("scarf")], tied("knot in front")),
  },
  "style.focal": {
    says: [["many", "rubs", look(worn, [p("earrings", { statement: 2 }), p("scarf", { statement: 2 })])]],
    silent: look(worn, [p("earrings", { statement: 2 }), p("scarf", { statement: 0 })]),
  },
  "style.wrist": {
    says: [["hidden", "note", look(worn, [p("watch", { statement: 1 })])]],
    silent: look([legs(), top("#b9bcc0", {}, { sleeve: "elbow" })], [p("watch", { statement: 1 })]),
  },
};
