import { readyBooks, polished } from "@/core/rule-book/rule-book";
import { piece, type DemoClient } from "./wardrobe";

const hushed = readyBooks.find((book) => book.name === "Hushed") ?? polished;

const garments = {
  tealDress: piece("dress", "Teal wool tea-length dress", "#17606a", [5, 6.5, 8], { cut: "a-line", length: 108, hemWidth: 190, neckline: "boat", sleeve: "three-quarter" }, { statement: 1, poles: ["romantic", "classic"] }),
  cobaltSkirt: piece("skirt", "Cobalt pencil skirt", "#2148b8", [5, 6, 7], { cut: "pencil", length: 60, hemWidth: 92 }, { statement: 1, poles: ["tailored"] }),
  greyKnit: piece("top", "Dove-grey fine knit", "#a7abb0", [3, 5, 7], { neckline: "crew", length: 58, bodyGirth: 92, tucked: true }, { finish: "knit", poles: ["minimal"] }),
  poplinTunic: piece("top", "Optic-white poplin tunic", "#f7f9fb", [3, 4.5, 6], { neckline: "shirt collar", length: 76, bodyGirth: 112 }, { poles: ["minimal"] }),
  oysterCulottes: piece("trousers", "Oyster culottes", "#eee3c9", [3, 5, 6.5], { leg: "culotte", inseam: 42, opening: 66, above: 66, drop: 2 }, { poles: ["minimal"] }),
  charcoalWides: piece("trousers", "Wide charcoal flannel trousers", "#3c3e43", [5, 6, 7.5], { leg: "wide", inseam: 73.5, opening: 54, above: 54.5 }, { finish: "suede", poles: ["tailored"] }),
  silverShirt: piece("top", "Silver-grey silk shirt", "#c9cdd2", [5, 6, 8], { neckline: "shirt collar", length: 64, bodyGirth: 100, tucked: true }, { finish: "satin", poles: ["tailored", "minimal"] }),
  plumJacket: piece("jacket", "Plum velvet jacket", "#4b2346", [6, 7.5, 9], { collar: "shawl", length: 62, closed: false }, { finish: "velvet", statement: 2, poles: ["gala"] }),
  plumKnit: piece("top", "Inky plum fine knit", "#3a1f3c", [4, 5.5, 7], { neckline: "boat", length: 58, bodyGirth: 92, tucked: true }, { finish: "knit", poles: ["minimal"] }),
  oysterTrousers: piece("trousers", "Oyster straight trousers", "#e9e2d2", [4, 5.5, 7], { leg: "straight", inseam: 64, opening: 34, above: 35 }, { poles: ["tailored"] }),
  navyStraights: piece("trousers", "Navy straight trousers", "#1d2742", [5, 6, 7], { leg: "straight", inseam: 62.5, opening: 34.5, above: 35.8 }, { poles: ["tailored"] }),
  iceShirt: piece("top", "Ice-blue shirt", "#cfe0ee", [4, 5.5, 7], { neckline: "shirt collar", length: 66, bodyGirth: 102, tucked: true }, { poles: ["classic"] }),
  inkJeans: piece("trousers", "Ink narrow jeans", ["#27324d 1", "#8b9bb5 1 reverse"], [1, 2.5, 4], { leg: "narrow", inseam: 66.5, opening: 31, above: 32, madeToTurn: true }, { finish: "denim", metal: "steel", metalSize: 1, poles: ["rugged", "minimal"] }),
  lilacKnit: piece("top", "Lilac mohair knit", "#bda9d3", [2, 3.5, 5], { neckline: "crew", length: 56, bodyGirth: 110 }, { finish: "shearling", statement: 1, poles: ["romantic"] }),
  midnightTrousers: piece("trousers", "Midnight crepe trousers", "#141c33", [5, 7, 8], { leg: "flared", inseam: 75, opening: 48, above: 42.5 }, { poles: ["minimal"] }),
  blackMerino: piece("top", "Black merino roll neck", "#141416", [3, 5.5, 7], { neckline: "roll", length: 60, bodyGirth: 90, tucked: true }, { poles: ["minimal"] }),
  botanicalDress: piece("dress", "Botanical print silk dress", ["#1f2b3d 0.5", "#3f8f8a 0.25 motif", "#c6d9d2 0.15 motif", "#7a5aa6 0.1 motif"], [5, 6.5, 8], { cut: "gathered", length: 112, hemWidth: 240, neckline: "v", sleeve: "long" }, { finish: "satin", pattern: "floral", patternScale: 9, statement: 2, poles: ["romantic"] }),
};

const shoes = {
  slatePumps: piece("shoe", "Slate block-heel pumps", "#4c5562", [5, 6.5, 8], { form: "pump", lift: 5, platform: 0.3, tip: "block", toe: "almond" }),
  silverFlats: piece("shoe", "Pewter pointed flats", "#8d9096", [4, 6, 8], { form: "flat", lift: 1.2, platform: 0.4, tip: "flat", toe: "pointed", soleBulk: "fine" }, { finish: "metallic", statement: 1 }),
  midBoots: piece("shoe", "Loose black ankle boots", "#18181a", [2, 4, 5.5], { form: "boot", lift: 3.5, platform: 0.8, tip: "block", toe: "round", soleBulk: "middling", shaft: 12, shaftTop: 30 }, { metal: "steel", metalSize: 1, poles: ["rugged"] }),
  lowBoots: piece("shoe", "Close navy ankle boots", "#1f2942", [3, 5, 7], { form: "boot", lift: 4.5, platform: 0.5, tip: "block", toe: "almond", shaft: 8, shaftTop: 24.5 }, { metal: "silver", metalSize: 1 }),
  tallBoots: piece("shoe", "Charcoal stretch boots", "#36383d", [4, 5.5, 7], { form: "boot", lift: 4.8, platform: 0.5, tip: "block", toe: "pointed", shaft: 20, shaftTop: 27.2 }, { finish: "suede", poles: ["minimal"] }),
  oxfords: piece("shoe", "Ink laced shoes", ["#20242f 0.9", "#10131a 0.1 sole"], [4, 5.5, 7], { form: "laced shoe", lift: 2.5, tip: "block", toe: "almond" }, { poles: ["tailored"] }),
  whiteTrainers: piece("shoe", "White leather trainers", ["#f3f4f5 0.8", "#ffffff 0.2 sole"], [1, 2.5, 4], { form: "trainer", lift: 3, platform: 2.2, tip: "flat", toe: "round", soleBulk: "middling" }, { poles: ["sport", "minimal"] }),
  cobaltMules: piece("shoe", "Cobalt suede mules", "#2a4fbd", [4, 6, 7.5], { form: "mule", lift: 4.5, platform: 0.4, tip: "slim", toe: "pointed", soleBulk: "fine" }, { finish: "suede", statement: 1 }),
  patentPumps: piece("shoe", "Lacquered patent pumps", "#121216", [6, 7.5, 9], { form: "pump", lift: 6.5, platform: 0.3, tip: "slim", toe: "pointed", soleBulk: "fine" }, { finish: "patent", statement: 1, poles: ["gala"] }),
  greySandals: piece("shoe", "Grey strap sandals", "#8f949b", [4, 6, 8], { form: "sandal", lift: 4.8, platform: 0.5, tip: "block", toe: "open" }, { metal: "silver", metalSize: 1 }),
};

const bags = {
  cobaltSatchel: piece("bag", "Cobalt satchel", "#2450c0", [4, 5.5, 7], { shape: "satchel", width: 28, height: 21, depth: 9, carry: "cross-body", strap: 106 }, { metal: "silver", metalSize: 1, statement: 1 }),
  slateTote: piece("bag", "Slate tote", "#515a67", [4, 6, 7], { shape: "tote", width: 34, height: 30, depth: 13, weight: 820, carry: "shoulder", strap: 58 }, { metal: "silver", metalSize: 1, finish: "pebbled" }),
  navyCrescent: piece("bag", "Navy crescent bag", "#222d4a", [3, 5, 7], { shape: "crescent", width: 27, height: 16, depth: 7, structure: "soft", carry: "shoulder", strap: 52 }, { metal: "silver", metalSize: 1 }),
  pewterFold: piece("bag", "Pewter satin fold", "#9a9da4", [6, 8, 9], { shape: "fold", width: 24, height: 13, depth: 3, weight: 240, carry: "clutch", strap: 0 }, { finish: "satin", poles: ["gala", "minimal"] }),
  velvetPouch: piece("bag", "Plum velvet pouch", "#53284f", [6, 7.5, 9], { shape: "pouch", width: 19, height: 17, depth: 8, weight: 220, structure: "soft", carry: "wrist", strap: 22 }, { finish: "velvet", metal: "silver", metalSize: 1, statement: 1, poles: ["romantic", "gala"] }),
  brassBucket: piece("bag", "Tan bucket with brass rings", "#a77b4f", [2, 4, 6], { shape: "bucket", width: 24, height: 27, depth: 16, carry: "shoulder", strap: 60 }, { metal: "brass", metalSize: 2, poles: ["bohemian"] }),
};

const rest = {
  slateBelt: piece("belt", "Slate belt", "#555e6b", [3, 5, 7], { width: 2.5, firstHole: 66, lastHole: 80 }, { metal: "silver", metalSize: 1 }),
  sandBelt: piece("belt", "Woven sand belt", "#c9b48f", [2, 4, 6], { width: 4, firstHole: 66, lastHole: 84 }, { finish: "raffia", metal: "silver", metalSize: 1, poles: ["bohemian", "classic"] }),
  cobaltBelt: piece("belt", "Narrow cobalt belt", "#2450c0", [4, 5.5, 7], { width: 1.8, firstHole: 66, lastHole: 80 }, { metal: "silver", metalSize: 1, statement: 1 }),
  starScarf: piece("scarf", "Ice and cobalt silk square", ["#cfdfee 0.55", "#2450c0 0.3 motif", "#1d2742 0.15 trim"], [4, 6, 8], { sideA: 90, sideB: 90, worn: "tied at the front" }, { finish: "satin", pattern: "placed", patternScale: 12, statement: 1, poles: ["classic"] }),
  rustShawl: piece("scarf", "Muted rust shawl", "#96523a", [2, 4, 6], { sideA: 190, sideB: 70, thickness: 0.5, worn: "draped" }, { poles: ["bohemian"] }),
  plumScarf: piece("scarf", "Plum wool scarf", "#4d2549", [3, 5, 7], { sideA: 180, sideB: 32, thickness: 0.5, worn: "wrapped" }),
  silverStuds: piece("earrings", "Silver disc studs", "#c6c9cc", [3, 6, 9], { form: "stud", drop: 1, width: 1 }, { finish: "brushed", metal: "silver", metalSize: 3, poles: ["minimal"] }),
  sapphireDrops: piece("earrings", "Blue glass drops", "#2a55b8", [5, 7, 9], { form: "drop", drop: 3.5, width: 1.2 }, { finish: "crystal", metal: "silver", metalSize: 2, statement: 2, poles: ["gala"] }),
  amethystDrops: piece("earrings", "Plum glass drops", "#5a2c58", [4, 6.5, 9], { form: "drop", drop: 3, width: 1 }, { finish: "lacquer", metal: "silver", metalSize: 2, statement: 1 }),
  orbitPendant: piece("necklace", "Orbit pendant on a silver chain", "#c6c9cc", [3, 5.5, 8], { loop: 66, pendant: 4, weight: "fine" }, { finish: "polished", metal: "silver", metalSize: 3, statement: 1, poles: ["minimal"] }),
  fineChain: piece("necklace", "Fine silver chain", "#c6c9cc", [3, 6, 9], { loop: 42, pendant: 0, weight: "fine" }, { finish: "polished", metal: "silver", metalSize: 3 }),
  cometBrooch: piece("brooch", "Steel comet brooch", "#a6adb4", [4, 6, 8], { form: "star", width: 5 }, { finish: "brushed", metal: "steel", metalSize: 3, statement: 2 }),
  steelWatch: piece("watch", "Steel watch on navy leather", "#222d4a", [3, 6, 8], { face: 3, strapMade: "leather" }, { metal: "steel", metalSize: 2 }),
  silverCuff: piece("bracelet", "Silver cuff", "#c6c9cc", [3, 6, 9], { form: "cuff", width: 1.4 }, { finish: "brushed", metal: "silver", metalSize: 3, statement: 1 }),
  slateTights: piece("hosiery", "Slate tights, 60 den", "#4b525d", [3, 5.5, 7], { form: "tights", denier: 60, toe: "reinforced" }, { finish: "sheer" }),
  sheerTights: piece("hosiery", "Sheer navy tights, 15 den", "#3a4257", [5, 7, 9], { form: "tights", denier: 15, toe: "sheer" }, { finish: "sheer" }),
  navyCrew: piece("hosiery", "Navy crew socks", "#222c48", [2, 4.5, 7], { form: "crew sock", denier: 200, toe: "reinforced" }, { finish: "knit" }),
  skyFrames: piece("eyewear", "Steel reading frames", "#7f8790", [2, 5, 9], { form: "oval", width: 13.2 }, { finish: "brushed", metal: "steel", metalSize: 2 }),
  navyBeret: piece("hat", "Navy wool beret", "#202a45", [2, 4, 6], { form: "beret", brim: 0 }, { statement: 1 }),
  greyGloves: piece("gloves", "Grey leather gloves", "#70757d", [3, 5.5, 8], { length: 7 }),
};

/** Ottoline Varga: lecture tour, cool colouring, a single silver, heels to 5 cm. */
export const ottoline: DemoClient = {
  client: {
    name: "Ottoline Varga",
    measured: { height: 158, crotch: 73.5, waistLine: 98, shoulder: 129, neckPoint: 133.5, ankle: 21, calf: 34.5, knee: 35, thigh: 51, hip: 94, waist: 70, bust: 88, neck: 33.5, shoulderWidth: 37, upperArm: 27 },
    colouring: { skin: "#e3c4ae", hair: "#5b5350", eyes: "#5d7285", undertone: "cool" },
    limits: { heel: 5, noLeather: false, coveredShoulders: false, coveredAnkles: false, nickelAllergy: false, clipEarrings: false },
    ruleBook: hushed,
    notes: "Planetarium lecture tour. Trains between cities: one bag. Wears a single silver and nothing that swings while she points.",
  },
  pieces: { ...garments, ...shoes, ...bags, ...rest },
  bases: [
    { name: "Navy straights, ice shirt", garments: ["navyStraights", "iceShirt"] },
    { name: "Tunic over culottes", garments: ["poplinTunic", "oysterCulottes"] },
    { name: "Cobalt skirt, grey knit", garments: ["cobaltSkirt", "greyKnit"] },
    { name: "Teal dress", garments: ["tealDress"] },
    { name: "Charcoal wides, silver shirt", garments: ["charcoalWides", "silverShirt"] },
    { name: "Plum over oyster", garments: ["plumKnit", "oysterTrousers"] },
    { name: "Midnight and black", garments: ["midnightTrousers", "blackMerino"] },
    { name: "Ink jeans, lilac mohair", garments: ["inkJeans", "lilacKnit"] },
    { name: "Velvet over midnight", garments: ["midnightTrousers", "silverShirt", "plumJacket"] },
    { name: "Botanical silk", garments: ["botanicalDress"] },
  ],
  sets: [
    { name: "Lecture, quiet silver", accessories: ["lowBoots", "slateTote", "silverStuds", "orbitPendant", "steelWatch"] },
    { name: "Cobalt carried through", accessories: ["cobaltMules", "navyCrescent", "sapphireDrops", "silverCuff"] },
  ],
  occasions: [
    { name: "Planetarium lecture", place: "the dome, Harbour Museum", day: "2026-11-27", span: { low: 5, high: 6.5 }, flags: ["no denim", "no trainers"], temperature: 19, rain: 0.2, wind: 3, ground: "stage", light: "evening", onFoot: 90 },
    { name: "Night train to the coast", place: "Quay station", day: "2026-11-29", span: { low: 2, high: 4.5 }, flags: [], temperature: 7, rain: 0.5, wind: 6, ground: "pavement", light: "evening", onFoot: 45 },
  ],
  looks: [
    { base: "Navy straights, ice shirt", occasion: "Planetarium lecture", accessories: ["midBoots", "brassBucket", "silverStuds", "steelWatch"], adjustments: [] },
  ],
};
