import { sampleClient } from "../sample";
import { boot, client, dark, legs, look, p, shoe, skirt, top, turned, worn, type Case } from "./made";

/** Of each rule of proportion: looks of which it says something, and one that differs in just that. */
export const proportionCases: Readonly<Record<string, Case>> = {
  "proportion.gap": {
    says: [
      ["clean", "sings", look([legs({ inseam: 66 })], [boot()])],
      ["much", "jars", look([legs({ inseam: 62 })], [boot()])],
      ["long", "note", look([legs({ inseam: 63.6 })], [boot()])],
    ],
    silent: look([legs({ inseam: 12, leg: "shorts" })], [boot()]),
  },
  "proportion.snag": {
    says: [["catches", "jars", look([legs({ inseam: 69.5 })], [boot({ shaftTop: 30 })])]],
    silent: look([legs({ inseam: 66 })], [boot({ shaftTop: 30 })]),
  },
  "proportion.touch": {
    says: [["touches", "note", look([legs({ inseam: 69 })], [boot()])]],
    silent: look([legs({ inseam: 66 })], [boot()]),
  },
  "proportion.overlap": {
    says: [["narrow", "jars", look([legs({ inseam: 72, opening: 27, above: 29 })], [boot()])]],
    silent: look([legs({ inseam: 72, opening: 36 })], [boot()]),
  },
  "proportion.ankle-lost": {
    says: [["lost", "jars", look([legs({ inseam: 74, opening: 42, above: 42 })], [boot({ shaftTop: 30 })])]],
    silent: look([legs({ inseam: 74, opening: 42, above: 42 })], [boot()]),
  },
  "proportion.drape": {
    says: [["falls", "sings", look([legs({ inseam: 74, opening: 36 })], [boot({ shaftTop: 25 })])]],
    silent: look([legs({ inseam: 66, opening: 36 })], [boot()]),
  },
  "proportion.turn-strain": {
    says: [["buckles", "jars", look([legs({ opening: 30, above: 37 })], [boot()], turned(2, 4))]],
    silent: look([legs({ opening: 36, above: 36.5 })], [boot()], turned(2, 4)),
  },
  "proportion.turn-depth": {
    says: [["deep", "jars", look([legs()], [boot()], turned(1, 8))]],
    silent: look([legs()], [boot()], turned(1, 7)),
  },
  "proportion.turn-loose": {
    says: [["bulk", "jars", look([legs({ opening: 50, above: 50 })], [shoe()], turned(1, 4))]],
    silent: look([legs({ opening: 50, above: 50, madeToTurn: true })], [shoe()], turned(1, 4)),
  },
  "proportion.turn-reverse": {
    says: [
      [
        "line",
        "note",
        look(
          [
            legs(
              {},
              {
                swatches: [
                  { hex: "#2c3a57", share: 1, role: "ground" },
                  { hex: "#b8c6dc", share: 1, role: "reverse" },
                ],
              },
            ),
          ],
          [boot()],
          turned(1, 4),
        ),
      ],
    ],
    silent: look([legs()], [boot()], turned(1, 4)),
  },
  "proportion.drag": {
    says: [
      [
        "drags",
        "jars",
        look([legs({ leg: "wide", inseam: 83.2, opening: 54, above: 54 })], [shoe({ lift: 2 })]),
      ],
      [
        "full",
        "sings",
        look([legs({ leg: "wide", inseam: 81.6, opening: 54, above: 54 })], [shoe({ lift: 2 })]),
      ],
    ],
    silent: look([legs({ inseam: 76 })], [shoe({ lift: 2 })]),
  },
  "proportion.toe": {
    says: [
      [
        "round",
        "rubs",
        look(
          [legs({ leg: "flared", inseam: 80, opening: 54, above: 50 })],
          [shoe({ toe: "round", lift: 5 })],
        ),
      ],
    ],
    silent: look([legs({ inseam: 80 })], [shoe({ toe: "round", lift: 5 })]),
  },
  "proportion.wide-sole": {
    says: [
      [
        "heavy",
        "rubs",
        look(
          [legs({ leg: "wide", inseam: 81, opening: 54, above: 54 })],
          [shoe({ form: "trainer", soleBulk: "heavy", lift: 3 })],
        ),
      ],
      [
        "answered",
        "lifts",
        look(
          [legs({ leg: "wide", inseam: 81, opening: 46, above: 46 }), top("#f4f5f6")],
          [shoe({ form: "trainer", lift: 3 }, { hex: "#f4f5f6" })],
        ),
      ],
    ],
    silent: look([legs({ inseam: 81 })], [shoe({ form: "trainer", soleBulk: "heavy", lift: 3 })]),
  },
  "proportion.tuck": {
    says: [
      [
        "bulges",
        "jars",
        look([legs({ opening: 36, above: 37 })], [boot()], {
          adjustments: [{ kind: "tuck-into-boot", piece: "trousers" }],
        }),
      ],
    ],
    silent: look([legs({ opening: 36, above: 37 })], [boot()]),
  },
  "proportion.low-shoe": {
    says: [
      ["clear", "lifts", look([legs({ inseam: 74 })], [shoe()])],
      ["long", "jars", look([legs({ inseam: 83.5 })], [shoe()])],
    ],
    silent: look([legs({ inseam: 74 })], [boot()]),
  },
  "proportion.shaft-unread": {
    says: [["shaft", "unread", look([legs()], [boot({ shaftTop: null })])]],
    silent: look([legs()], [boot()]),
  },
  "proportion.calf-hem": {
    says: [["cut", "rubs", look([skirt(73)], [shoe({ form: "laced shoe", toe: "round", lift: 2 })])]],
    silent: look([skirt(60)], [shoe({ form: "laced shoe", toe: "round", lift: 2 })]),
  },
  "proportion.skirt-boot": {
    says: [
      ["stripe", "rubs", look([skirt(64)], [boot({ shaft: 38, shaftTop: 38 })])],
      ["covers", "sings", look([skirt(75)], [boot({ shaft: 38, shaftTop: 38 })])],
    ],
    silent: look([skirt(45)], [boot({ shaft: 38, shaftTop: 38 })]),
  },
  "proportion.boot-leg": {
    says: [
      ["off", "jars", look([skirt(50)], [boot({ shaft: 30, shaftTop: 46 })])],
      ["loose", "rubs", look([skirt(50)], [boot({ shaft: 30, shaftTop: 42.5 })])],
    ],
    silent: look([skirt(90)], [boot({ shaft: 30, shaftTop: 46 })]),
  },
  "proportion.trainer-sole": {
    says: [["heavy", "jars", look([skirt(80)], [shoe({ form: "trainer", soleBulk: "heavy" })])]],
    silent: look([skirt(80)], [shoe({ form: "loafer", soleBulk: "heavy" })]),
  },
  "proportion.skirt-floor": {
    says: [["drags", "jars", look([skirt(108)], [shoe({ lift: 0.5 })])]],
    silent: look([skirt(108)], [shoe({ lift: 5 })]),
  },
  "proportion.colour-line": {
    says: [
      [
        "asked",
        "lifts",
        look(dark, [shoe({}, { hex: "#1a1a1c" })], {
          client: client({ goals: { ...sampleClient.goals, longerLegLine: true } }),
        }),
      ],
    ],
    silent: look([], [shoe()]),
  },
  "proportion.neck-line": {
    says: [
      ["cloth", "sings", look(worn, [p("necklace", {}, { loop: 70 })])],
      [
        "short",
        "jars",
        look([legs(), top("#b9bcc0", {}, { neckline: "roll" })], [p("necklace", {}, { loop: 42 })]),
      ],
    ],
    silent: look(
      [legs(), top(), p("coat", {}, { closed: true, collar: "stand" })],
      [p("necklace", {}, { loop: 70 })],
    ),
  },
  "proportion.neck-layers": {
    says: [
      [
        "tangle",
        "jars",
        look(worn, [
          p("necklace", { name: "one" }, { loop: 50 }),
          p("necklace", { name: "two" }, { loop: 52 }),
        ]),
      ],
    ],
    silent: look(worn, [p("necklace", { name: "one" }, { loop: 50 })]),
  },
  "proportion.short-jacket": {
    says: [
      ["keeps", "lifts", look([...worn, p("jacket", {}, { length: 48 })], [p("necklace", {}, { loop: 42 })])],
      ["low", "rubs", look([...worn, p("jacket", {}, { length: 48 })], [p("necklace", {}, { loop: 100 })])],
    ],
    silent: look([...worn, p("jacket", {}, { length: 80 })], [p("necklace", {}, { loop: 100 })]),
  },
  "proportion.bag-lands": {
    says: [["low", "jars", look(worn, [p("bag", {}, { carry: "shoulder", strap: 180 })])]],
    silent: look(worn, [p("bag", {}, { carry: "hand" })]),
  },
  "proportion.belt-need": {
    says: [
      [
        "under",
        "note",
        look([...worn, p("coat", {}, { closed: true })], [p("belt")], {
          client: { ...client(), goals: { ...sampleClient.goals, moreWaist: true } },
        }),
      ],
      [
        "given",
        "lifts",
        look([p("dress", { hex: "#8c8e91" })], [p("belt", {}, { firstHole: 70, lastHole: 85 })]),
      ],
    ],
    silent: look(worn, [p("belt", {}, { firstHole: 70, lastHole: 85 })]),
  },
  "proportion.gloves": {
    says: [
      [
        "stripe",
        "rubs",
        look([legs(), top("#b9bcc0", {}, { sleeve: "three-quarter" })], [p("gloves", {}, { length: 6 })]),
      ],
    ],
    silent: look(worn, [p("gloves", {}, { length: 6 })]),
  },
};
