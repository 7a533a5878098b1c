import { sampleClient } from "../sample";
import {
  at,
  boot,
  client,
  legs,
  level,
  limited,
  look,
  p,
  print,
  shoe,
  skirt,
  suit,
  top,
  turned,
  worn,
  type Case,
} from "./made";

const floral = print(["#1f2b3d", "#c6d9d2"], 9);
const printedDress = p("dress", floral);
const dressy = level(7, 8, 9);
const sock = (given: object = {}, figures: object = {}) =>
  p("hosiery", given, { form: "crew sock", ...figures });

/** Of the other rules that say more than their first cases show: a look for each of the other messages. */
export const further: Readonly<Record<string, Case["says"]>> = {
  "finish.embellishment": [
    [
      "joined",
      "note",
      look(
        worn,
        [
          p("bag", { finish: "sequin", metal: "gold", metalSize: 1 }),
          shoe({}, { finish: "crystal", metal: "gold", metalSize: 1 }),
        ],
        { client: client({}, { ornament: "layered" }) },
      ),
    ],
  ],
  "style.scale": [["lost", "note", look([printedDress], [p("earrings", { statement: 1 }, { width: 0.6 })])]],
  "register.occasion": [
    [
      "closed toe",
      "bar",
      look(worn, [shoe({ form: "sandal", toe: "open" })], { occasion: at({ flags: ["closed toe"] }) }),
    ],
    [
      "covered shoulders",
      "bar",
      look([legs(), top("#b9bcc0", {}, { sleeve: "none" })], [shoe()], {
        occasion: at({ flags: ["covered shoulders"] }),
      }),
    ],
    [
      "covered shoulders",
      "bar",
      look(
        [legs(), top("#b9bcc0", {}, { neckline: "strapless" }), p("jacket", {}, { form: "waistcoat" })],
        [shoe()],
        { occasion: at({ flags: ["covered shoulders"] }) },
      ),
    ],
    [
      "no denim",
      "bar",
      look([legs({}, { finish: "denim" }), top()], [shoe()], { occasion: at({ flags: ["no denim"] }) }),
    ],
    [
      "no sparkle before evening",
      "bar",
      look(worn, [p("bag", { finish: "sequin" })], {
        occasion: at({ flags: ["no sparkle before evening"] }),
      }),
    ],
  ],
  "register.spread": [
    ["alone", "rubs", look(worn, [shoe({}, level(6, 6.5, 7))])],
    ["meant", "lifts", look(worn, [shoe({}, level(6.5, 7, 8)), p("bag", level(6.5, 7, 8))])],
    ["nearly", "note", look(worn, [shoe({}, level(7.6, 8, 9)), p("bag", level(5, 7.5, 9))])],
    ["just", "note", look(worn, [shoe({}, level(1, 1, 3.6))])],
  ],
  "register.trainers": [
    [
      "tie",
      "jars",
      look(
        [...suit, top()],
        [shoe({ form: "trainer" }), p("scarf", {}, { worn: "tied at the front", sideB: 9 })],
      ),
    ],
    [
      "half",
      "rubs",
      look([...suit, top("#b9bcc0", {}, { neckline: "shirt collar" })], [shoe({ form: "trainer" })]),
    ],
  ],
  "proportion.drape": [
    [
      "stub",
      "note",
      look([legs({ inseam: 79, opening: 44, above: 46 })], [{ ...boot({ lift: 2, toe: "round" }) }]),
    ],
  ],
  "proportion.turn-depth": [["fiddly", "rubs", look([legs({ inseam: 82 })], [shoe()], turned(2, 1.5))]],
  "proportion.tuck": [
    [
      "low",
      "jars",
      look([legs({ opening: 26, above: 27, leg: "narrow" })], [boot({ shaft: 8, shaftTop: 30 })], {
        adjustments: [{ kind: "tuck-into-boot", piece: "trousers" }],
      }),
    ],
  ],
  "proportion.low-shoe": [
    ["tailored", "lifts", look([legs({ inseam: 77 }, { poles: ["tailored"] })], [shoe({ lift: 2 })])],
    ["full", "note", look([legs({ inseam: 80.2 })], [shoe({ lift: 6 })])],
    [
      "work",
      "rubs",
      look([legs({ inseam: 78 })], [shoe({ form: "trainer", lift: 3 })], {
        occasion: at({ span: { low: 3, high: 5 } }),
      }),
    ],
  ],
  "proportion.skirt-boot": [
    [
      "closed",
      "note",
      look(
        [skirt(62)],
        [boot({ shaft: 40, shaftTop: 38 }), p("hosiery", { hex: "#808080" }, { denier: 80 })],
      ),
    ],
  ],
  "proportion.bag-lands": [
    [
      "liked",
      "lifts",
      look(worn, [p("bag", {}, { carry: "shoulder", strap: 60 })], {
        client: client({ goals: { ...sampleClient.goals, bagLands: "waist" } }),
      }),
    ],
    [
      "elsewhere",
      "note",
      look(worn, [p("bag", {}, { carry: "shoulder", strap: 60 })], {
        client: client({ goals: { ...sampleClient.goals, bagLands: "thigh" } }),
      }),
    ],
    [
      "across",
      "rubs",
      look(
        [p("dress", dressy)],
        [p("bag", dressy, { carry: "cross-body", strap: 110, strapMade: "leather" })],
      ),
    ],
  ],
  "comfort.belt-fit": [["busy", "rubs", look([printedDress], [p("belt", {}, { width: 6 })])]],
  "hosiery.open-toe": [
    [
      "sheer",
      "note",
      look([skirt(60)], [shoe({ form: "sandal", toe: "open" }), p("hosiery", {}, { toe: "sheer" })], {
        client: client({}, { openToe: "sheer toe allowed" }),
      }),
    ],
  ],
  "hosiery.edge": [
    [
      "meant",
      "lifts",
      look([legs({ inseam: 64 }), top("#2450c0")], [shoe(), sock({ hex: "#2450c0" })], {
        client: client({}, { socks: "shown on purpose" }),
      }),
    ],
  ],
  "comfort.boot-sock": [
    [
      "thick",
      "rubs",
      look([skirt(60)], [shoe({ form: "loafer", lift: 2 }), sock({}, { form: "boot sock" })]),
    ],
    ["over", "rubs", look([skirt(60)], [boot({ shaft: 16, shaftTop: 28 }), sock({}, { form: "boot sock" })])],
  ],
  "hosiery.opacity": [
    ["opaque", "rubs", look([p("dress", dressy)], [shoe({}, dressy), p("hosiery", {}, { denier: 80 })])],
  ],
  "hosiery.colour": [
    [
      "anchors",
      "lifts",
      look(
        [p("dress", print(["#c9a07a", "#5f9468"], 9))],
        [shoe({}, { hex: "#b98e5f" }), p("hosiery", { hex: "#17181a" }, { denier: 80 })],
      ),
    ],
  ],
  "hosiery.warmth": [
    [
      "warm",
      "rubs",
      look([p("dress")], [shoe(), p("hosiery", {}, { denier: 80 })], { occasion: at({ temperature: 30 }) }),
    ],
  ],
  "comfort.hat": [
    ["collar", "rubs", look([...worn, p("coat", {}, { collar: "hood" })], [p("hat", {}, { brim: 9 })])],
  ],
  "comfort.limits": [
    [
      "nickel",
      "bar",
      look(worn, [p("necklace", { metal: "silver", metalSize: 1 }, { nickel: "contained" })], {
        client: limited({ nickelAllergy: true }),
      }),
    ],
    [
      "nickelUnknown",
      "unread",
      look(worn, [p("necklace", { metal: "silver", metalSize: 1 }, { nickel: "not known" })], {
        client: limited({ nickelAllergy: true }),
      }),
    ],
    [
      "clips",
      "bar",
      look(worn, [p("earrings", {}, { closure: "pierced" })], { client: limited({ clipEarrings: true }) }),
    ],
  ],
};
