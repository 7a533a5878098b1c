import { at, boot, legs, limited, look, p, seenBy, shoe, skirt, tied, top, worn, type Case } from "./made";

/** Of each rule of comfort: looks of which it says something, and one that differs in just that. */
export const comfortCases: Readonly<Record<string, Case>> = {
  "comfort.scarf-reach": {
    says: [
      ["short", "jars", look(worn, [p("scarf", {}, { sideA: 40, sideB: 40 })], tied("twice round"))],
      ["fold", "jars", look(worn, [p("scarf")], tied("knot in front", { fold: "triangle" }))],
      ["wants", "rubs", look(worn, [p("scarf")], tied("ring pull"))],
      [
        "tight",
        "rubs",
        look(
          worn,
          [p("scarf", {}, { sideA: 95, sideB: 90, thickness: 1.5 })],
          tied("knot in front", { fold: "straight band" }),
        ),
      ],
    ],
    silent: look(worn, [p("scarf"), p("brooch", {}, { form: "scarf ring" })], tied("ring pull")),
  },
  "comfort.foot-time": {
    says: [
      [
        "long",
        "rubs",
        look(worn, [shoe({ form: "pump", tip: "block", lift: 7 })], { occasion: at({ onFoot: 90 }) }),
      ],
      [
        "far",
        "jars",
        look(worn, [shoe({ form: "pump", tip: "stiletto", lift: 9 })], { occasion: at({ onFoot: 120 }) }),
      ],
    ],
    silent: look(worn, [shoe({ form: "pump", tip: "block", lift: 7 })], { occasion: at({ onFoot: 50 }) }),
  },
  "comfort.warmth": {
    says: [
      ["cold", "rubs", look(worn, [shoe()], { occasion: at({ temperature: 2, ground: "pavement" }) })],
      ["neck", "rubs", look(worn, [shoe()], { occasion: at({ temperature: 2, ground: "pavement" }) })],
      ["hands", "rubs", look(worn, [shoe()], { occasion: at({ temperature: -2, ground: "pavement" }) })],
      ["head", "rubs", look(worn, [shoe()], { occasion: at({ temperature: -8, ground: "pavement" }) })],
      [
        "warm",
        "rubs",
        look([legs({}, { cloth: "wool" }), top("#808080", { finish: "knit", cloth: "wool" })], [shoe()], {
          occasion: at({ temperature: 33, ground: "pavement" }),
        }),
      ],
      [
        "takeOff",
        "note",
        look([...worn, p("coat")], [shoe()], { occasion: at({ temperature: 20, ground: "pavement" }) }),
      ],
      [
        "room",
        "note",
        look(worn, [shoe()], { occasion: at({ temperature: 27, ground: "pavement", wind: 9 }) }),
      ],
      ["way", "note", look(worn, [shoe()], { occasion: at({ temperature: 2, ground: "indoors" }) })],
      [
        "wayWarm",
        "note",
        look([...worn, p("coat")], [shoe()], { occasion: at({ temperature: 24, ground: "indoors" }) }),
      ],
      [
        "closeRoom",
        "rubs",
        look(
          [
            legs({}, { cloth: "wool" }),
            top("#808080", { finish: "shearling", cloth: "wool" }, { tucked: true }),
            top("#404040", { name: "over", finish: "shearling", cloth: "wool" }),
            top("#303030", { name: "third", finish: "shearling", cloth: "wool" }),
          ],
          [shoe()],
          { occasion: at({ temperature: 20, ground: "indoors" }) },
        ),
      ],
    ],
    silent: look([...worn, p("coat")], [shoe(), p("scarf")], {
      occasion: at({ temperature: 10, ground: "pavement" }),
    }),
  },
  "comfort.scarf-care": {
    says: [
      [
        "tightens",
        "note",
        look(worn, [p("scarf", {}, { sideA: 180, sideB: 40 })], tied("loop through", { fold: "long half" })),
      ],
      [
        "hangs",
        "note",
        look(worn, [p("scarf", {}, { sideA: 200, sideB: 40 })], tied("lasso", { fold: "long half" })),
      ],
    ],
    silent: look(worn, [p("scarf")], tied("knot behind")),
  },
  "comfort.over-arm": {
    says: [
      [
        "short",
        "rubs",
        look([...worn, p("coat")], [p("bag", {}, { carry: "shoulder", strap: 49, width: 30 })]),
      ],
    ],
    silent: look(worn, [p("bag", {}, { carry: "shoulder", strap: 60, width: 30 })]),
  },
  "comfort.bag-capacity": {
    says: [
      [
        "long",
        "jars",
        look(worn, [p("bag", {}, { width: 14, height: 10, depth: 4 })], {
          occasion: at({ mustCarry: ["tablet"] }),
        }),
      ],
    ],
    silent: look(worn, [p("bag", {}, { width: 14, height: 10, depth: 4 })]),
  },
  "comfort.belt-fit": {
    says: [
      ["past", "jars", look(worn, [p("belt", {}, { firstHole: 60, lastHole: 72 })])],
      ["loops", "jars", look([legs({ loops: 3 }), top()], [p("belt", {}, { width: 5 })])],
      [
        "two",
        "rubs",
        look([p("dress", {}, { ownBelt: true })], [p("belt", {}, { firstHole: 70, lastHole: 85 })]),
      ],
    ],
    silent: look(worn, [p("belt", {}, { firstHole: 70, lastHole: 85 })]),
  },
  "comfort.boot-sock": {
    says: [
      [
        "inside",
        "rubs",
        look([skirt(60)], [boot({ shaft: 30, shaftTop: 38 }), p("hosiery", {}, { form: "ankle sock" })]),
      ],
    ],
    silent: look([skirt(60)], [boot({ shaft: 30, shaftTop: 38 }), p("hosiery", {}, { form: "tights" })]),
  },
  "comfort.compression": {
    says: [["fitted", "note", look(worn, [shoe(), p("hosiery", {}, { compression: true })])]],
    silent: look(worn, [shoe(), p("hosiery")]),
  },
  "comfort.heavy-bag": {
    says: [["heavy", "note", look(worn, [shoe(), p("bag", {}, { weight: 1900 })])]],
    silent: look(worn, [shoe(), p("bag", {}, { weight: 900 })]),
  },
  "comfort.company": {
    says: [["seen", "rubs", look(worn, [shoe()], seenBy("the board", "2026-04-20"))]],
    silent: look(worn, [shoe()], seenBy("the board", "2026-01-20")),
  },
  "comfort.hat": {
    says: [
      [
        "blows",
        "jars",
        look(worn, [p("hat", {}, { brim: 12, pinned: false })], { occasion: at({ wind: 10 }) }),
      ],
    ],
    silent: look(worn, [p("hat", {}, { brim: 12, pinned: true })], { occasion: at({ wind: 10 }) }),
  },
  "comfort.wet": {
    says: [
      ["spoils", "jars", look(worn, [shoe({}, { finish: "suede" })], { occasion: at({ rain: 0.7 }) })],
      [
        "spoils",
        "jars",
        look(worn, [shoe({}, { finish: "suede" }), p("umbrella")], { occasion: at({ rain: 0.7 }) }),
      ],
    ],
    silent: look(worn, [p("bag", { finish: "suede" }), p("umbrella")], { occasion: at({ rain: 0.7 }) }),
  },
  "comfort.ground": {
    says: [
      ["sinks", "jars", look(worn, [shoe({ tip: "slim", lift: 7 })], { occasion: at({ ground: "lawn" }) })],
      [
        "catches",
        "jars",
        look(worn, [shoe({ tip: "stiletto", lift: 7 })], { occasion: at({ ground: "cobbles" }) }),
      ],
      [
        "slips",
        "jars",
        look(worn, [boot({ tip: "slim", soleBulk: "middling" })], {
          occasion: at({ ground: "snow and ice" }),
        }),
      ],
      [
        "smooth",
        "jars",
        look(worn, [shoe({ form: "loafer", leather: true })], { occasion: at({ ground: "deck" }) }),
      ],
      [
        "snow",
        "jars",
        look(worn, [shoe({ form: "flat", soleBulk: "heavy" })], {
          occasion: at({ ground: "snow and ice" }),
        }),
      ],
      ["mind", "rubs", look(worn, [shoe({ tip: "slim", lift: 7 })], { occasion: at({ ground: "cobbles" }) })],
    ],
    silent: look(worn, [shoe({ tip: "wedge", lift: 7 })], { occasion: at({ ground: "lawn" }) }),
  },
  "comfort.scarf-hold": {
    says: [
      ["blows", "rubs", look(worn, [p("scarf", {}, { worn: "draped" })], { occasion: at({ wind: 9 }) })],
    ],
    silent: look(worn, [p("scarf", {}, { worn: "wrapped" })], { occasion: at({ wind: 9 }) }),
  },
  "comfort.eyewear": {
    says: [
      [
        "evening",
        "jars",
        look(worn, [p("eyewear", {}, { filter: 3 })], { occasion: at({ light: "evening" }) }),
      ],
    ],
    silent: look(worn, [p("eyewear", {}, { filter: 3 })], { occasion: at({ light: "daylight" }) }),
  },
  "comfort.bending": {
    says: [["limit", "bar", look([skirt(45)], [], { client: limited({ hemAboveKnee: 5 }) })]],
    silent: look([skirt(60)], [], { client: limited({ hemAboveKnee: 5 }) }),
  },
  "comfort.limits": {
    says: [
      ["pitch", "bar", look(worn, [shoe({ lift: 9, platform: 0 })], { client: limited({ heel: 5 }) })],
      ["leather", "bar", look(worn, [shoe({ leather: true })], { client: limited({ noLeather: true }) })],
      ["loose", "bar", look(worn, [p("scarf")], { client: limited({ nothingLoose: true }) })],
    ],
    silent: look(worn, [shoe({ lift: 4, platform: 0 })], { client: limited({ heel: 5 }) }),
  },
};
