import type { Kind } from "../piece/kinds";

interface GapFormSpec {
  readonly name: string;
  readonly kind: Kind;
  readonly figures: Readonly<Record<string, unknown>>;
  /** The figures that its size is, where a length is said with it. */
  readonly size: readonly string[];
  /** What else it is called, in the singular. */
  readonly called: readonly string[];
}

/** What is tried, one by one, when it is sought what a wardrobe lacks. */
const formsTried = [
  {
    name: "flat shoe",
    kind: "shoe",
    figures: { form: "flat", lift: 1.8, toe: "almond" },
    size: ["lift"],
    called: ["flat", "ballet flat", "ballerina"],
  },
  {
    name: "block-heeled pump",
    kind: "shoe",
    figures: { form: "pump", lift: 4.5, tip: "block", toe: "almond" },
    size: ["lift"],
    called: ["pump", "block heel", "heel", "court shoe"],
  },
  {
    name: "close ankle boot",
    kind: "shoe",
    figures: { form: "boot", lift: 3.5, tip: "block", toe: "almond", shaft: 8, shaftTop: 25.5 },
    size: ["shaft"],
    called: ["ankle boot", "bootee", "boot"],
  },
  {
    name: "small bag",
    kind: "bag",
    figures: { width: 24, height: 18, depth: 8, strap: 60, carry: "shoulder" },
    size: ["width"],
    called: ["bag", "handbag", "shoulder bag"],
  },
  {
    name: "tote",
    kind: "bag",
    figures: { shape: "tote", width: 34, height: 28, depth: 12, strap: 62, carry: "shoulder" },
    size: ["width"],
    called: ["tote bag", "shopper", "large bag"],
  },
  { name: "belt", kind: "belt", figures: { width: 2.8 }, size: ["width"], called: [] },
  {
    name: "opaque tights",
    kind: "hosiery",
    figures: { form: "tights", denier: 70 },
    size: [],
    called: ["tights"],
  },
] as const satisfies readonly GapFormSpec[];

/** What a stylist may write down herself; nothing of it is tried by itself. */
const written = [
  { name: "loafer", kind: "shoe", figures: { form: "loafer" }, size: ["lift"], called: [] },
  {
    name: "laced shoe",
    kind: "shoe",
    figures: { form: "laced shoe" },
    size: ["lift"],
    called: ["lace-up", "lace up", "oxford", "brogue"],
  },
  {
    name: "sandal",
    kind: "shoe",
    figures: { form: "sandal", toe: "open" },
    size: ["lift"],
    called: [],
  },
  { name: "slingback", kind: "shoe", figures: { form: "slingback" }, size: ["lift"], called: ["sling back"] },
  { name: "mule", kind: "shoe", figures: { form: "mule" }, size: ["lift"], called: [] },
  {
    name: "trainer",
    kind: "shoe",
    figures: { form: "trainer", lift: 3, soleBulk: "middling" },
    size: ["lift"],
    called: ["sneaker"],
  },
  {
    name: "tall boot",
    kind: "shoe",
    figures: { form: "boot", lift: 3.5, tip: "block", toe: "almond", shaft: 36, shaftTop: 37 },
    size: ["shaft"],
    called: ["knee boot", "riding boot"],
  },
  {
    name: "clutch",
    kind: "bag",
    figures: { shape: "fold", width: 24, height: 14, depth: 3, strap: 0, carry: "clutch" },
    size: ["width"],
    called: ["clutch bag", "evening bag"],
  },
  {
    name: "satchel",
    kind: "bag",
    figures: { shape: "satchel", carry: "cross-body", strap: 110 },
    size: ["width"],
    called: ["cross-body bag"],
  },
  {
    name: "sheer tights",
    kind: "hosiery",
    figures: { form: "tights", denier: 15 },
    size: [],
    called: [],
  },
  {
    name: "socks",
    kind: "hosiery",
    figures: { form: "crew sock", denier: 150 },
    size: [],
    called: ["sock"],
  },
  {
    name: "square scarf",
    kind: "scarf",
    figures: {},
    size: ["sideA", "sideB"],
    called: ["scarf", "silk scarf", "square"],
  },
  {
    name: "long scarf",
    kind: "scarf",
    figures: { sideA: 180, sideB: 45, worn: "draped" },
    size: ["sideA"],
    called: ["shawl", "stole"],
  },
  { name: "earrings", kind: "earrings", figures: {}, size: ["drop"], called: ["stud"] },
  {
    name: "hoops",
    kind: "earrings",
    figures: { form: "hoop", drop: 3, width: 3 },
    size: ["drop", "width"],
    called: ["hoop", "hoop earrings"],
  },
  {
    name: "necklace",
    kind: "necklace",
    figures: {},
    size: ["loop"],
    called: ["chain", "pendant"],
  },
  { name: "brooch", kind: "brooch", figures: {}, size: ["width"], called: ["pin"] },
  {
    name: "bracelet",
    kind: "bracelet",
    figures: {},
    size: ["width"],
    called: ["bangle", "cuff"],
  },
  { name: "watch", kind: "watch", figures: {}, size: ["face"], called: [] },
  { name: "ring", kind: "ring", figures: {}, size: ["width"], called: [] },
  { name: "gloves", kind: "gloves", figures: {}, size: ["length"], called: ["glove"] },
  { name: "hat", kind: "hat", figures: { brim: 6 }, size: ["brim"], called: ["felt hat"] },
  {
    name: "beret",
    kind: "hat",
    figures: { form: "beret" },
    size: [],
    called: [],
  },
  { name: "glasses", kind: "eyewear", figures: {}, size: ["width"], called: ["frame"] },
  {
    name: "sunglasses",
    kind: "eyewear",
    figures: { filter: 3 },
    size: ["width"],
    called: ["shades"],
  },
  { name: "hair slide", kind: "hair piece", figures: {}, size: ["width"], called: ["slide"] },
  {
    name: "pocket square",
    kind: "pocket square",
    figures: {},
    size: ["side"],
    called: [],
  },
  { name: "umbrella", kind: "umbrella", figures: {}, size: ["length"], called: ["brolly"] },
] as const satisfies readonly GapFormSpec[];

export const triedForms = formsTried.map(({ name }) => name);
export type GapForm = (typeof formsTried)[number]["name"] | (typeof written)[number]["name"];

/** Every form a missing piece may have. */
export const gapForms: readonly (GapFormSpec & { readonly name: GapForm })[] = [...formsTried, ...written];
