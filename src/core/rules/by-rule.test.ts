import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import type { Client } from "../piece/client";
import type { Kind } from "../piece/kinds";
import type { Look } from "../piece/look";
import type { Occasion } from "../piece/occasion";
import type { Upkeep } from "../piece/on-record";
import type { Piece, PieceOf } from "../piece/piece";
import type { TieSettings } from "../piece/tied-scarf";
import { phrase } from "../reading/phrase";
import { read } from "../reading/read";
import { defaultSchools, type Schools } from "../rule-book/schools";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../testing/sample";
import type { Effect } from "./finding";
import { registry } from "./registry";

type Given = Parameters<typeof sample>[1];

/** A piece named by its kind; figures beside what every piece has. */
const p = <K extends Kind>(kind: K, given: Given = {}, figures: Partial<PieceOf<K>["figures"]> = {}): Piece =>
  sample(kind, { name: kind, ...given, figures }) as Piece;
const legs = (figures: Partial<PieceOf<"trousers">["figures"]> = {}, given: Given = {}) =>
  p("trousers", { hex: "#8c8e91", ...given }, { inseam: 74, ...figures });
const skirt = (length: number, given: Given = {}) => p("skirt", { hex: "#8c8e91", ...given }, { length });
const top = (hex = "#b9bcc0", given: Given = {}, figures: Partial<PieceOf<"top">["figures"]> = {}) =>
  p("top", { hex, ...given }, { tucked: true, ...figures });
const shoe = (figures: Partial<PieceOf<"shoe">["figures"]> = {}, given: Given = {}) =>
  p("shoe", given, figures);
const boot = (figures: Partial<PieceOf<"shoe">["figures"]> = {}) =>
  shoe({ form: "boot", shaft: 12, shaftTop: 26, lift: 5, toe: "almond", ...figures });
const body = { ...sampleClient.measured, waist: 76, neck: 36, hip: 100, upperArm: 30 };
const client = (given: Partial<Client> = {}, schools: Partial<Schools> = {}): Client => ({
  ...sampleClient,
  measured: body,
  ...given,
  ruleBook: { ...sampleClient.ruleBook, schools: { ...defaultSchools, ...schools } },
});
const limited = (limits: Partial<Client["limits"]>) =>
  client({ limits: { ...sampleClient.limits, ...limits } });
const at = (given: Partial<Occasion>): Occasion => ({ ...sampleOccasion, ...given });
const look = (garments: Piece[], accessories: Piece[] = [], rest: Partial<Look> = {}): Look =>
  sampleLook({ client: client(), garments, accessories, ...rest });
/** What is on record of one piece, on 12 May 2026. */
const known = (id: string, upkeep: Partial<Upkeep>): Pick<Look, "occasion" | "onRecord"> => ({
  occasion: at({ day: "2026-05-12" }),
  onRecord: {
    today: "2026-05-01",
    upkeep: { [id]: { away: null, back: null, needs: [], lastWorn: null, ...upkeep } },
    shown: [],
  },
});
/** The same look before a company on an earlier day, and again on 12 May 2026. */
const seenBy = (company: string, day: string): Pick<Look, "occasion" | "onRecord"> => ({
  occasion: at({ day: "2026-05-12", company: "The board" }),
  onRecord: {
    today: "2026-05-01",
    upkeep: {},
    shown: [{ company, occasion: "Quarter's end", day, pieces: [...worn.map(({ id }) => id), "shoe"] }],
  },
});
const turned = (count: 1 | 2, depth: number): Pick<Look, "adjustments"> => ({
  adjustments: [{ kind: "turn", piece: "trousers", count, depth }],
});
const print = (hexes: readonly string[], scale: number): Given => ({
  pattern: "floral",
  patternScale: scale,
  statement: 2,
  swatches: hexes.map((hex, i) => ({ hex, share: 1 / hexes.length, role: i === 0 ? "ground" : "motif" })),
});
const tied = (tie: TieSettings["tie"], settings: Partial<TieSettings> = {}): Pick<Look, "adjustments"> => ({
  adjustments: [
    {
      kind: "tie",
      piece: "scarf",
      tie,
      fold: "bias band",
      corner: "lower left",
      face: "reverse",
      turned: false,
      band: 6,
      ...settings,
    },
  ],
});
const greenScarf = p(
  "scarf",
  {},
  { picture: { colours: ["#1f6b3a", "#efe7d6"], rows: ["00", "01"] }, sideA: 90, sideB: 90 },
);
const level = (low: number, centre: number, high: number): Given => ({ register: { low, centre, high } });
const worn = [legs(), top()];
const dark = [legs({}, { hex: "#1b1b1d" }), top("#19191b")];
const suit = [legs({}, { poles: ["tailored"] }), p("jacket", { poles: ["tailored"] })];

interface Case {
  /** Message, effect, and a look in which the rule says just that. */
  readonly says: readonly (readonly [string, Effect, Look])[];
  /** A look as near to the first as can be, of which the rule says nothing of the kind. */
  readonly silent: Look;
}

const cases: Readonly<Record<string, Case>> = {
  "colour.near-white": {
    says: [
      ["yellowed", "jars", look([legs({}, { hex: "#eee3c9" }), top("#f7f9fb")])],
      [
        "bridged",
        "lifts",
        look(
          [legs({}, { hex: "#eee3c9" }), top("#f7f9fb")],
          [p("belt", { hex: "#c9b48f", finish: "raffia" })],
        ),
      ],
    ],
    silent: look([legs({}, { hex: "#f4f5f6" }), top("#f7f9fb")]),
  },
  "colour.near-black": {
    says: [["mistaken", "jars", look([legs({}, { hex: "#1d2742" }), top("#141416")])]],
    silent: look([legs({}, { hex: "#161618" }), top("#141416")]),
  },
  "colour.join": {
    says: [["blurs", "rubs", look([legs({}, { hex: "#7f8466" }), top("#8b857c")])]],
    silent: look([legs({}, { hex: "#8b857c" }), top("#8b857c")]),
  },
  "colour.hard-contrast": {
    says: [
      ["hard", "rubs", look([legs({}, { hex: "#141416" }), top("#f4f5f6")], [shoe({}, { hex: "#f4f5f6" })])],
    ],
    silent: look([legs({}, { hex: "#141416" }), top("#f4f5f6")], [shoe({}, { hex: "#17171a" })]),
  },
  "colour.echo": {
    says: [
      ["answer", "lifts", look(worn, [p("bag", { hex: "#2450c0" }), p("earrings", { hex: "#2a55b8" })])],
      ["lone", "rubs", look(worn, [p("scarf", { hex: "#6f7a5e" })])],
    ],
    silent: look(worn, [p("bag", { hex: "#2450c0" })]),
  },
  "colour.accent": {
    says: [["deep", "lifts", look(worn, [p("bag", { hex: "#4b2648" })])]],
    silent: look(worn, [p("bag", { hex: "#8c8e91" })]),
  },
  "colour.count": {
    says: [
      [
        "many",
        "rubs",
        look(
          [legs({}, { hex: "#1d5b34" }), top("#5b2f74")],
          [shoe({}, { hex: "#f2d53c" }), p("bag", { hex: "#bf2026" })],
        ),
      ],
    ],
    silent: look([legs({}, { hex: "#1d5b34" }), top("#5b2f74")], [shoe({}, { hex: "#f2d53c" })]),
  },
  "colour.harmony": {
    says: [
      ["loud", "rubs", look([legs({}, { hex: "#2450c0" }), top("#bf2026")])],
      ["strangers", "rubs", look([legs({}, { hex: "#5f9468" }), top("#c8743a")])],
      [
        "joined",
        "lifts",
        look([legs({}, { hex: "#5f9468" }), top("#c8743a")], [p("bag", { hex: "#a89a24" })]),
      ],
      ["neighbours", "lifts", look([legs({}, { hex: "#8a7a4a" }), top("#9a5a4a")], [shoe()])],
    ],
    silent: look([legs({}, { hex: "#2450c0" }), top("#8c8e91")], [shoe()]),
  },
  "colour.foot": {
    says: [
      ["heavy", "rubs", look([legs({}, { hex: "#e0d3bb" }), top("#f1d8d2")], [shoe({}, { hex: "#1b1b1d" })])],
    ],
    silent: look([legs({}, { hex: "#e0d3bb" }), top("#f1d8d2")], [shoe({}, { hex: "#8c8e91" })]),
  },
  "colour.value-match": {
    says: [
      ["parted", "rubs", look(worn, [shoe({}, { hex: "#1b1b1d" }), p("bag", { hex: "#e0d3bb" })])],
      ["alike", "note", look(worn, [shoe({}, { hex: "#1b1b1d" }), p("bag", { hex: "#1b1b1d" })])],
    ],
    silent: look(worn, [shoe({}, { hex: "#1b1b1d" })]),
  },
  "colour.print": {
    says: [
      [
        "two",
        "jars",
        look([skirt(70, print(["#101012", "#f4f5f6"], 8)), top("#fff", print(["#2450c0", "#f2d53c"], 9))]),
      ],
    ],
    silent: look([skirt(70, print(["#101012", "#f4f5f6"], 8)), top()]),
  },
  "colour.pocket": {
    says: [["homeless", "rubs", look(worn, [p("pocket square", { hex: "#bf2026" })])]],
    silent: look([...suit, top()], [p("pocket square", { hex: "#bf2026" })]),
  },
  "colour.face": {
    says: [
      [
        "against",
        "rubs",
        look(worn, [p("scarf", { hex: "#2b3f9c" })], {
          client: client({ colouring: { ...sampleClient.colouring, undertone: "warm" } }),
        }),
      ],
    ],
    silent: look(worn, [p("scarf", { hex: "#2b3f9c" })]),
  },
  "colour.denim": {
    says: [
      [
        "failed",
        "rubs",
        look([legs({}, { hex: "#3f5778", finish: "denim" }), top("#566a80", { finish: "denim" })]),
      ],
    ],
    silent: look([legs({}, { hex: "#3f5778", finish: "denim" }), top("#566a80")]),
  },
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
  "register.occasion": {
    says: [
      ["below", "jars", look(worn, [shoe()], { occasion: at({ span: { low: 8, high: 9 } }) })],
      [
        "no trainers",
        "bar",
        look(worn, [shoe({ form: "running shoe" })], { occasion: at({ flags: ["no trainers"] }) }),
      ],
      [
        "quiet soles",
        "bar",
        look(worn, [shoe({ tip: "block", lift: 6 })], { occasion: at({ flags: ["quiet soles"] }) }),
      ],
      ["nothing loose", "bar", look(worn, [p("scarf")], { occasion: at({ flags: ["nothing loose"] }) })],
    ],
    silent: look(worn, [shoe()]),
  },
  "register.spread": {
    says: [["far", "jars", look(worn, [shoe({}, level(1, 1, 1.5))])]],
    silent: look(worn, [shoe({}, level(3, 4, 6))]),
  },
  "register.trainers": {
    says: [
      ["running", "jars", look([...suit, top()], [shoe({ form: "running shoe" })])],
      [
        "meant",
        "lifts",
        look([...suit, top("#b9bcc0", level(2, 4, 5), { neckline: "crew" })], [shoe({ form: "trainer" })]),
      ],
    ],
    silent: look([...suit, top()], [shoe({ form: "loafer" })]),
  },
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
  "colour.scarf-shows": {
    says: [
      ["shows", "lifts", look([legs({}, { hex: "#1f6b3a" }), top()], [greenScarf], tied("knot in front"))],
    ],
    silent: look([legs({}, { hex: "#8a1f2a" }), top()], [greenScarf], tied("knot in front")),
  },
  "style.focal": {
    says: [["many", "rubs", look(worn, [p("earrings", { statement: 2 }), p("scarf", { statement: 2 })])]],
    silent: look(worn, [p("earrings", { statement: 2 }), p("scarf", { statement: 0 })]),
  },
  "proportion.bag-lands": {
    says: [["low", "jars", look(worn, [p("bag", {}, { carry: "shoulder", strap: 180 })])]],
    silent: look(worn, [p("bag", {}, { carry: "hand" })]),
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
  "style.wrist": {
    says: [["hidden", "note", look(worn, [p("watch", { statement: 1 })])]],
    silent: look([legs(), top("#b9bcc0", {}, { sleeve: "elbow" })], [p("watch", { statement: 1 })]),
  },
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
      [shoe({}, { hex: "#17171a" }), p("hosiery", { hex: sampleClient.colouring.skin })],
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
  "comfort.compression": {
    says: [["fitted", "note", look(worn, [shoe(), p("hosiery", {}, { compression: true })])]],
    silent: look(worn, [shoe(), p("hosiery")]),
  },
  "comfort.heavy-bag": {
    says: [["heavy", "note", look(worn, [shoe(), p("bag", {}, { weight: 1900 })])]],
    silent: look(worn, [shoe(), p("bag", {}, { weight: 900 })]),
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
  "comfort.company": {
    says: [["seen", "rubs", look(worn, [shoe()], seenBy("the board", "2026-04-20"))]],
    silent: look(worn, [shoe()], seenBy("the board", "2026-01-20")),
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

describe("each rule by itself", () => {
  it("has a case of its own", () => {
    expect(Object.keys(cases).sort()).toEqual(registry.map(({ id }) => id).sort());
  });

  describe.each(registry.map((rule) => [rule.id, rule] as const))("%s", (id, rule) => {
    const { says = [], silent } = cases[id] ?? {};

    it.each(says)("says %s: %s", (message, effect, given) => {
      const findings = rule.read(dress(given));
      expect(findings.map((finding) => `${finding.message} ${finding.effect}`)).toContain(
        `${message} ${effect}`,
      );
      // Its sentence finds every name and figure it asks for.
      for (const finding of findings) expect(phrase(finding, "cm")).toMatch(/^[\p{Lu}\d].*\.$/u);
    });

    it("says none of it of a look that differs in just that", () => {
      const said = new Set(says.map(([message]) => message));
      const heard = silent ? rule.read(dress(silent)).map(({ message }) => message) : [];
      expect(heard.filter((message) => said.has(message))).toEqual([]);
    });

    it.each(says.filter(([, effect]) => effect !== "note" && effect !== "unread"))(
      "decides by it (%s): the look reads otherwise once it rests",
      (_message, _effect, given) => {
        const { ruleBook } = given.client;
        const rests = { ...ruleBook, weights: { ...ruleBook.weights, [id]: 0 } };
        const resting = read({ ...given, client: { ...given.client, ruleBook: rests } });
        expect(resting.findings.map((finding) => finding.rule)).not.toContain(id);
        expect(resting.points).not.toBe(read(given).points);
      },
    );
  });
});
