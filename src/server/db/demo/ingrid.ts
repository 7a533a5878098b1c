import { polished } from "@/core/rule-book/rule-book";
import { piece, type DemoClient } from "./wardrobe";

const garments = {
  rustCulottes: piece("trousers", "Rust corduroy culottes", "#9c4a2b", [3, 4.5, 6], { leg: "culotte", inseam: 46, opening: 68, above: 68, drop: 2 }, { finish: "suede", statement: 1, poles: ["bohemian", "classic"] }),
  ivoryRoll: piece("top", "Ivory roll neck", "#f1e8d4", [3, 5, 7], { neckline: "roll", length: 64, bodyGirth: 104, tucked: true }, { finish: "knit", poles: ["classic"] }),
  pistachioDress: piece("dress", "Pistachio linen shirtdress", "#bcd29f", [3, 4.5, 6], { cut: "straight", length: 116, hemWidth: 130, neckline: "shirt collar", sleeve: "elbow" }, { finish: "canvas", poles: ["classic"] }),
  aranKnit: piece("top", "Oatmeal Aran knit", "#d6c7aa", [2, 3.5, 5], { neckline: "crew", length: 66, bodyGirth: 118 }, { finish: "knit", statement: 1, poles: ["rugged"] }),
  camelTrousers: piece("trousers", "Camel straight trousers", "#c2a57d", [4, 5.5, 7], { leg: "straight", inseam: 73.5, opening: 35, above: 36.5 }, { poles: ["tailored"] }),
  navyJacket: piece("jacket", "Navy double-breasted jacket", "#1c2640", [5, 6.5, 8], { collar: "notched", length: 72, closed: false }, { metal: "gold", metalSize: 2, poles: ["tailored"], statement: 1 }),
  navyTrousers: piece("trousers", "Navy pressed trousers", "#1c2640", [5, 6.5, 8], { leg: "straight", inseam: 77, opening: 37, above: 38.2 }, { poles: ["tailored"] }),
  creamBlouse: piece("top", "Cream silk blouse", "#f3ead7", [5, 6.5, 8], { neckline: "v", length: 66, bodyGirth: 108, tucked: true }, { finish: "satin", poles: ["classic"] }),
  raincoat: piece("coat", "Marigold waxed raincoat", "#dd9a2b", [2, 4, 5.5], { collar: "hood", length: 100, closed: false }, { finish: "waxed", metal: "brass", metalSize: 2, statement: 2, poles: ["sport", "rugged"] }),
  navyKnit: piece("top", "Navy cotton knit", "#222c47", [2, 4, 6], { neckline: "crew", length: 63, bodyGirth: 106, tucked: true }, { finish: "knit" }),
  darkJeans: piece("trousers", "Dark straight jeans", ["#2c3a57 1", "#93a5c0 1 reverse"], [1, 3, 4.5], { leg: "straight", inseam: 77, opening: 37, above: 38, madeToTurn: true }, { finish: "denim", metal: "brass", metalSize: 1, poles: ["rugged"] }),
  oliveSkirt: piece("skirt", "Olive pleated skirt", "#63653a", [4, 5.5, 7], { cut: "pleated", length: 78, hemWidth: 260 }, { poles: ["classic"] }),
  burgundyDress: piece("dress", "Burgundy wool dress", "#6b1f2f", [5, 6.5, 8], { cut: "pencil", length: 112, hemWidth: 104, neckline: "crew", sleeve: "long" }, { statement: 1, poles: ["tailored"] }),
  whiteTrousers: piece("trousers", "Optic-white wide trousers", "#f8f9fb", [3, 5, 7], { leg: "wide", inseam: 80.5, opening: 52, above: 53 }, { poles: ["minimal"] }),
  camelCoat: piece("coat", "Camel wool coat", "#bf9a6a", [4, 6, 8], { collar: "shawl", length: 112, closed: false }, { metal: "none", poles: ["classic", "minimal"] }),
};

const shoes = {
  chestnutLoafers: piece("shoe", "Chestnut loafers", "#6d3f26", [3, 5, 6.5], { form: "loafer", lift: 2.2, tip: "block", toe: "almond" }, { metal: "gold", metalSize: 1 }),
  tanBoots: piece("shoe", "Tan close ankle boots", "#a9794b", [3, 4.5, 6], { form: "boot", lift: 4.5, tip: "block", toe: "almond", shaft: 9, shaftTop: 25.8 }),
  looseBoots: piece("shoe", "Loose cognac boots", "#8d5430", [2, 4, 5.5], { form: "boot", lift: 4, tip: "block", toe: "round", soleBulk: "middling", shaft: 12, shaftTop: 31 }, { finish: "suede", poles: ["rugged"] }),
  tallBoots: piece("shoe", "Dark-brown tall boots", "#3f2a1d", [3, 5, 7], { form: "boot", lift: 5, tip: "block", toe: "almond", shaft: 38, shaftTop: 39.5 }),
  navyPumps: piece("shoe", "Navy almond pumps", "#1d2743", [5, 7, 8], { form: "pump", lift: 6, platform: 0.3, tip: "block", toe: "almond", soleBulk: "fine" }),
  deckShoes: piece("shoe", "Navy deck shoes", ["#232e4b 0.85", "#f2efe8 0.15 sole"], [1, 2.5, 4], { form: "laced shoe", lift: 2, tip: "flat", toe: "round" }, { finish: "canvas", poles: ["sport"] }),
  bronzeFlats: piece("shoe", "Bronze pointed flats", "#8f6f49", [4, 6, 8], { form: "flat", lift: 1.2, platform: 0.3, tip: "flat", toe: "pointed", soleBulk: "fine" }, { finish: "metallic", statement: 1 }),
  burgundyHeels: piece("shoe", "Burgundy suede pumps", "#64202e", [5, 7, 8], { form: "pump", lift: 6.5, platform: 0.3, tip: "slim", toe: "pointed", soleBulk: "fine" }, { finish: "suede", statement: 1 }),
  toggleWellies: piece("shoe", "Olive rain boots", "#4c5136", [1, 2.5, 4], { form: "boot", lift: 3, platform: 1.5, tip: "flat", toe: "round", soleBulk: "heavy", shaft: 30, shaftTop: 40 }, { finish: "waxed", poles: ["rugged"] }),
  rustSandals: piece("shoe", "Rust strap sandals", "#a44f30", [3, 5, 7], { form: "sandal", lift: 5, tip: "block", toe: "open" }, { metal: "gold", metalSize: 1 }),
};

const bags = {
  cognacSatchel: piece("bag", "Cognac satchel", "#8f5733", [4, 5.5, 7], { shape: "satchel", width: 30, height: 23, depth: 11, carry: "shoulder", strap: 60 }, { metal: "gold", metalSize: 1 }),
  navyTote: piece("bag", "Navy board-room tote", "#1f2a47", [5, 6.5, 8], { shape: "tote", width: 36, height: 29, depth: 13, weight: 980, carry: "crook", strap: 46 }, { metal: "gold", metalSize: 1, finish: "pebbled", poles: ["tailored"] }),
  burgundyBox: piece("bag", "Burgundy box bag", "#6b2030", [5, 7, 8], { shape: "box", width: 22, height: 16, depth: 9, carry: "hand", strap: 26 }, { metal: "gold", metalSize: 2, finish: "croc-embossed", statement: 1 }),
  canvasSling: piece("bag", "Sand canvas sling", "#cdb98f", [1, 3, 4.5], { shape: "crescent", width: 30, height: 20, depth: 8, structure: "soft", carry: "cross-body", strap: 112, strapMade: "cloth" }, { finish: "canvas", metal: "brass", metalSize: 1, poles: ["sport"] }),
  goldFold: piece("bag", "Old-gold satin fold", "#b08d4a", [6, 8, 9], { shape: "fold", width: 25, height: 13, depth: 3, carry: "clutch", strap: 0 }, { finish: "satin", metal: "gold", metalSize: 1, poles: ["gala"] }),
  raffiaTote: piece("bag", "Raffia tote", "#d2b67f", [2, 3.5, 5], { shape: "tote", width: 38, height: 28, depth: 14, structure: "semi", carry: "shoulder", strap: 62 }, { finish: "raffia", poles: ["bohemian"] }),
};

const rest = {
  chestnutBelt: piece("belt", "Chestnut belt", "#6b3d25", [3, 5, 7], { width: 3, firstHole: 76, lastHole: 92 }, { metal: "gold", metalSize: 1 }),
  wovenBelt: piece("belt", "Woven tan belt", "#b48a57", [2, 4, 6], { width: 4, firstHole: 76, lastHole: 98 }, { finish: "raffia", metal: "brass", metalSize: 1 }),
  burgundyBelt: piece("belt", "Burgundy waist belt", "#6b2030", [4, 6, 8], { width: 5.5, firstHole: 76, lastHole: 94 }, { metal: "gold", metalSize: 2, statement: 1 }),
  harbourSquare: piece("scarf", "Harbour-chart silk square", ["#f1e8d4 0.45", "#1d2743 0.3 motif", "#c0562f 0.15 motif", "#c79a45 0.1 trim"], [4, 6, 8], { sideA: 90, sideB: 90, worn: "tied at the side" }, { finish: "satin", pattern: "placed", patternScale: 14, statement: 1 }),
  mustardScarf: piece("scarf", "Mustard wool scarf", "#c4922f", [2, 4, 6], { sideA: 185, sideB: 34, thickness: 0.5, worn: "wrapped" }, { statement: 1 }),
  oliveStole: piece("scarf", "Olive cashmere stole", "#5f6238", [3, 5.5, 8], { sideA: 190, sideB: 65, thickness: 0.4, worn: "draped" }),
  goldHoops: piece("earrings", "Gold hoops", "#c8a24a", [2, 5, 8], { form: "hoop", drop: 2.6, width: 2.6 }, { finish: "polished", metal: "gold", metalSize: 3 }),
  pearlClusters: piece("earrings", "Pearl clusters", "#ece3d4", [5, 7.5, 9], { form: "cluster", drop: 1.6, width: 1.6 }, { finish: "pearl", metal: "gold", metalSize: 2, statement: 1, poles: ["classic", "gala"] }),
  amberDrops: piece("earrings", "Amber drops", "#c27a2c", [4, 6, 8], { form: "drop", drop: 3.4, width: 1.3 }, { finish: "lacquer", metal: "gold", metalSize: 2, statement: 2 }),
  goldRope: piece("necklace", "Gold rope chain", "#c8a24a", [4, 6, 9], { loop: 50, pendant: 0, weight: "bold" }, { finish: "polished", metal: "gold", metalSize: 3, statement: 2 }),
  shellPendant: piece("necklace", "Shell pendant on a gold chain", "#c8a24a", [3, 5, 7], { loop: 72, pendant: 3.5, weight: "fine" }, { finish: "polished", metal: "gold", metalSize: 3, statement: 1 }),
  pearlString: piece("necklace", "Pearl string", "#ece3d4", [5, 7.5, 9], { loop: 48, pendant: 0, weight: "middling" }, { finish: "pearl", metal: "gold", metalSize: 1, statement: 1 }),
  leafBrooch: piece("brooch", "Gold leaf brooch", "#c8a24a", [4, 6, 8], { form: "leaf", width: 6 }, { finish: "brushed", metal: "gold", metalSize: 3, statement: 2 }),
  goldWatch: piece("watch", "Gold watch on chestnut leather", "#6b3d25", [3, 6, 8], { face: 2.8, strapMade: "leather" }, { metal: "gold", metalSize: 2 }),
  steelWatch: piece("watch", "Steel deck watch", "#9aa0a5", [1, 3.5, 6], { face: 3.8, strapMade: "metal" }, { finish: "brushed", metal: "steel", metalSize: 3, poles: ["sport"] }),
  goldBangle: piece("bracelet", "Gold bangle", "#c8a24a", [3, 6, 9], { form: "bangle", width: 0.8 }, { finish: "polished", metal: "gold", metalSize: 3 }),
  signet: piece("ring", "Gold anchor ring", "#c8a24a", [2, 5, 8], { width: 1.2 }, { finish: "polished", metal: "gold", metalSize: 3 }),
  brownTights: piece("hosiery", "Espresso tights, 70 den", "#33251d", [3, 5, 7], { form: "tights", denier: 70, toe: "reinforced" }, { finish: "sheer" }),
  sheerTights: piece("hosiery", "Sheer tan tights, 12 den", "#c79b76", [5, 7, 9], { form: "tights", denier: 12, toe: "sheer" }, { finish: "sheer" }),
  navyKnee: piece("hosiery", "Navy knee-highs", "#1f2944", [3, 5.5, 8], { form: "knee-high", denier: 120, toe: "reinforced" }, { finish: "knit" }),
  ivorySocks: piece("hosiery", "Ivory boot socks", "#ece2cc", [1, 3, 4.5], { form: "boot sock", denier: 300, toe: "reinforced" }, { finish: "knit" }),
  strawHat: piece("hat", "Natural straw hat", ["#dcc596 0.9", "#1d2743 0.1 trim"], [2, 4, 6], { form: "straw", brim: 9 }, { finish: "raffia", statement: 1 }),
  camelGloves: piece("gloves", "Camel leather gloves", "#b98d5c", [3, 6, 8], { length: 8 }),
  amberFrames: piece("eyewear", "Amber horn frames", "#8a5a2e", [2, 5, 9], { form: "square", width: 13.8 }, { finish: "tortoiseshell", metal: "gold", metalSize: 1 }),
};

/** Ingrid Haldane: managing director of a ferry line, warm colouring, gold, covered ankles. */
export const ingrid: DemoClient = {
  client: {
    name: "Ingrid Haldane",
    measured: { height: 174, crotch: 83, waistLine: 108, ankle: 22.5, calf: 37.5, knee: 38.5, thigh: 55, hip: 104, waist: 80, bust: 98, neck: 36.5, shoulderWidth: 40, upperArm: 30, wrist: 16.5 },
    colouring: { skin: "#dcb08c", hair: "#b9a58c", eyes: "#6e5a35", undertone: "warm" },
    limits: { heel: null, noLeather: false, coveredShoulders: false, coveredAnkles: true, nickelAllergy: false, clipEarrings: false },
    ruleBook: { ...polished, schools: { ...polished.schools, ankle: "covered" } },
    notes: "Board rooms and gangways on one day. Wind at ship namings: nothing that flies. Ankles covered.",
  },
  pieces: { ...garments, ...shoes, ...bags, ...rest },
  bases: [
    { name: "Navy suit, cream blouse", garments: ["navyTrousers", "creamBlouse", "navyJacket"] },
    { name: "Aran over camel", garments: ["camelTrousers", "aranKnit"] },
    { name: "Rust culottes, ivory roll neck", garments: ["rustCulottes", "ivoryRoll"] },
    { name: "Pistachio shirtdress", garments: ["pistachioDress"] },
    { name: "Raincoat, jeans, navy knit", garments: ["darkJeans", "navyKnit", "raincoat"] },
    { name: "Olive pleats, ivory roll neck", garments: ["oliveSkirt", "ivoryRoll"] },
    { name: "Burgundy dress", garments: ["burgundyDress"] },
    { name: "Cream over optic white", garments: ["whiteTrousers", "creamBlouse"] },
    { name: "Camel coat over navy", garments: ["navyTrousers", "navyKnit", "camelCoat"] },
  ],
  sets: [
    { name: "Board room, gold and chestnut", accessories: ["chestnutLoafers", "cognacSatchel", "chestnutBelt", "goldHoops", "goldWatch"] },
    { name: "Evening burgundy", accessories: ["burgundyHeels", "burgundyBox", "pearlClusters", "sheerTights"] },
  ],
  occasions: [
    { name: "Board meeting", place: "ferry line head office", day: "2026-11-26", span: { low: 5.5, high: 7 }, flags: ["closed toe", "no denim", "no trainers"], temperature: 12, rain: 0.3, wind: 5, ground: "indoors", light: "indoor", onFoot: 30 },
    { name: "Ship naming on the quay", place: "North quay", day: "2026-12-05", span: { low: 5, high: 7 }, flags: ["closed toe", "hosiery expected"], temperature: 6, rain: 0.45, wind: 9, ground: "cobbles", light: "daylight", onFoot: 80 },
  ],
  looks: [
    { base: "Aran over camel", occasion: null, accessories: ["looseBoots", "canvasSling", "steelWatch", "goldHoops"], adjustments: [] },
  ],
};
