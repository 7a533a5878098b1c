import { putInOrder } from "../../lists/put-in-order";
import type { Dressed, Worn } from "../../dressing/dressed";
import type { Occasion } from "../../piece/occasion";
import { airOver } from "../../place/forecast";
import { isIndoors } from "../../place/indoors";
import { cloOf, comfortableAir } from "../../place/warmth";
import { param, type Values } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost, figure } from "../figures";
import type { Finding } from "../finding";
import type { Judge } from "../judge";
import { isOpen, surely, type Outlook } from "../outlook";
import type { Slot } from "../../piece/slots";
import { adjust, takeOff, wear } from "../proposals";
import { coversBareParts, wears, isHeadBare, isNeckBare } from "./bare-parts";

const caution = "In heat or cold that is hard to bear, see to the wearer first.";

const params = {
  slack: param(6, "degrees", "how far the air may lie from what the outfit is comfortable in"),
  extreme: param(14, "degrees", "how far outside of that a caution is given"),
  neck: param(5, "degC", "under this a bare neck is cold"),
  hands: param(0, "degC", "under this bare hands are cold"),
  head: param(-5, "degC", "under this a bare head is cold"),
  heat: param(26, "degC", "from this rooms are cooled"),
  room: param(21, "degC", "air of a room"),
  cooled: param(19, "degC", "air of a room that is cooled"),
} as const;

const messages = {
  cold: "At {air} this outfit is too cold by {by}: it is comfortable down to {right}. Put on a layer, or something warmer.",
  warm: "At {air} this outfit is too warm by {by}: it is comfortable up to {right}.",
  takeOff:
    "Outdoors at {air} {layer} {layerCount, plural, one {is} other {are}} too warm to walk in; carried, the rest is comfortable at about {right}.",
  room: "At {air} rooms are cooled, and there is no layer to put on in one.",
  way: "On the way there, at {air}, this is too cold by {by}: a coat over it.",
  wayWarm: "On the way there, at {air}, {layer} {layerCount, plural, one {is} other {are}} better carried.",
  closeRoom:
    "In a room of {air} this is too warm by {by} even without what comes off: something lighter underneath.",
  neck: "The neck is bare at {air}: a scarf or a collar would keep it warm.",
  hands: "The hands are bare at {air}: gloves would keep them warm.",
  head: "The head is bare at {air}: a hat would keep it warm.",
} as const;

export const warmth = defineRule({
  id: "comfort.warmth",
  reads: "everything",
  title: "An outfit for the air it is worn in",
  fault: "too cold or warm for it",
  why: "What is worn keeps so much warmth in; whoever walks in it is comfortable at one temperature, and a few degrees about it. Neck, hands and head feel the cold by themselves. Under a roof it is the room that counts, and the way there.",
  params,
  tags: ["place"],
  messages,
  concerns: (item) => item.insulation > 0 || item.place !== null || comesOff(item) || coversBareParts(item),
  read(dressed, { params, judge }) {
    const { look, worn, garments } = dressed;
    const { occasion } = look;
    if (!occasion || garments.length === 0 || worn.length < 3) return [];
    const air = airOver(occasion);
    const { from, to } = comfortableIn(dressed);
    const asked: OutfitInAir = { dressed, occasion, air, from, to, params, judge };
    const cooled = air.high >= params.heat && !worn.some(comesOff);
    const cooledRooms = cooled
      ? [
          judge(isColdAt(params.cooled, asked) ? "rubs" : "note", "room", {
            figures: { air: airFigure(air.high), clo: cloFigure(worn) },
            proposals: wear("layer"),
          }),
        ]
      : [];
    return isIndoors(occasion)
      ? [...onTheWay(asked), ...inTheRoom(asked), ...cooledRooms]
      : [...tooCold(asked), ...tooWarm(asked), ...cooledRooms, ...bareParts(asked)];
  },
  hope: (outlook, { params, said }) =>
    surely(said().filter((finding) => stays(finding, outlook, params.slack))),
});

/** The slots that cover what may be bare. */
const covering: Readonly<Record<string, readonly Slot[]>> = {
  neck: ["neck"],
  hands: ["gloves"],
  head: ["hat", "neck"],
};

/** Whether what is said of an outfit that is still being chosen is said of it whatever is put on. */
function stays({ message }: Finding, outlook: Outlook, slack: number): boolean {
  const { on, open, hidden } = outlook;
  const covers = covering[message];
  if (covers) return !isOpen(outlook, ...covers);
  // What is put on makes it warmer, and only what comes off at a door could be what is too much.
  if (message === "closeRoom") return true;
  if (message === "warm") return !isOpen(outlook, "neck", "gloves");
  const { occasion, client } = on.look;
  if (message !== "cold" || !occasion) return false;
  // Tights under trousers keep warm, whoever sees them.
  const added = [...open].reduce((sum, [slot, items]) => {
    const all = [...items, ...(hidden.get(slot) ?? [])];
    return sum + Math.max(0, ...all.map(({ insulation }) => insulation));
  }, 0);
  const as = client.seated ? "seated" : "strolling";
  return airOver(occasion).low < comfortableAir(cloOf(on.worn) + added, occasion.wind, as) - slack;
}

/** What is asked of an outfit and its air: what it is comfortable in, deg C, and the limits of the book. */
interface OutfitInAir {
  readonly dressed: Dressed;
  readonly occasion: Occasion;
  readonly air: { readonly low: number; readonly high: number };
  readonly from: number;
  readonly to: number;
  readonly params: Values<typeof params>;
  readonly judge: Judge<keyof typeof messages>;
}

const airFigure = (air: number) => figure("air at the occasion", air, "degC");
const cloFigure = (worn: readonly Worn[]) => figure("insulation of the outfit", cloOf(worn), "clo");

function tooCold(asked: OutfitInAir): Finding[] {
  const { dressed, air, from, params, judge } = asked;
  if (air.low >= from) return [];
  const by = from - air.low;
  const figures = {
    air: airFigure(air.low),
    by: figure("too cold by", by, "degrees"),
    right: atLeast("comfortable down to", from, "degC", air.low),
    clo: cloFigure(dressed.worn),
  };
  const own = by > params.extreme ? { figures, caution } : { figures };
  return [judge("rubs", "cold", { ...own, proposals: [...closing(dressed), ...wear("layer", "neck")] })];
}

function tooWarm(asked: OutfitInAir): Finding[] {
  const { dressed, occasion, air, to, params, judge } = asked;
  const { worn } = dressed;
  if (air.high <= to) return [];
  const by = air.high - to;
  const layer = heaviest(worn);
  const clo = cloFigure(worn);
  const without =
    layer && comfortableAir(cloOf(worn.filter((each) => each !== layer)), occasion.wind, "strolling");
  if (layer && without !== undefined && air.high <= without + params.slack) {
    const figures = { air: airFigure(air.high), right: figure("comfortable at", without, "degC"), clo };
    return [
      judge("note", "takeOff", { of: { layer: layer.piece }, figures, proposals: [takeOff(layer.piece)] }),
    ];
  }
  const figures = {
    air: airFigure(air.high),
    by: figure("too warm by", by, "degrees"),
    right: atMost("comfortable up to", to, "degC", air.high),
    clo,
  };
  const own = by > params.extreme ? { figures, caution } : { figures };
  return [
    judge("rubs", "warm", {
      ...own,
      proposals: [...(layer ? [takeOff(layer.piece)] : []), ...lightening(worn)],
    }),
  ];
}

/** Under a roof the way there is walked in the weather: a coat is put on for it, or a layer carried. */
function onTheWay({ dressed: { worn }, air, from, to, judge }: OutfitInAir): Finding[] {
  if (air.low < from) {
    const figures = {
      air: airFigure(air.low),
      by: figure("too cold by", from - air.low, "degrees"),
      clo: cloFigure(worn),
    };
    return [judge("note", "way", { figures, proposals: wear("layer") })];
  }
  const layer = heaviest(worn);
  if (air.high <= to || !layer) return [];
  const figures = { air: airFigure(air.high), clo: cloFigure(worn) };
  return [judge("note", "wayWarm", { of: { layer: layer.piece }, figures })];
}

/** Whether so little is worn that standing in a room of so much air is cold. */
function isColdAt(air: number, { dressed: { worn, look }, params }: OutfitInAir): boolean {
  const as = look.client.seated ? "seated" : "standing";
  return comfortableAir(cloOf(worn), 0, as) - params.slack > air;
}

/** In a room somebody stands, and has taken off what comes off. */
function inTheRoom({ dressed, air, params, judge }: OutfitInAir): Finding[] {
  const room = air.high >= params.heat ? params.cooled : params.room;
  const kept = dressed.worn.filter((item) => !comesOff(item));
  const as = dressed.look.client.seated ? "seated" : "standing";
  const by = room - comfortableAir(cloOf(kept), 0, as) - params.slack;
  if (by <= 0) return [];
  const figures = {
    air: figure("air of the room", room, "degC"),
    by: figure("too warm by", by, "degrees"),
    clo: cloFigure(kept),
  };
  return [judge("rubs", "closeRoom", { figures })];
}

/** Neck, hands and head feel the cold by themselves. */
function bareParts({ dressed, air: { low }, params, judge }: OutfitInAir): Finding[] {
  const figures = { air: airFigure(low) };
  const { worn } = dressed;
  const clothes = worn.filter(({ place }) => place !== null);
  const way = (kind: "collar-up" | "hood-up") => clothes.map(({ piece }) => adjust(kind, piece));
  const findings = [];
  if (low < params.neck && isNeckBare(dressed))
    findings.push(judge("rubs", "neck", { figures, proposals: [...way("collar-up"), ...wear("neck")] }));
  if (low < params.hands && !wears(dressed, "gloves"))
    findings.push(judge("rubs", "hands", { figures, proposals: wear("gloves") }));
  if (low < params.head && isHeadBare(dressed))
    findings.push(judge("rubs", "head", { figures, proposals: [...way("hood-up"), ...wear("hat")] }));
  return findings;
}

/** What an outfit is comfortable in, walked in through the wind of its occasion, deg C. */
export function comfortableIn({ look, worn }: Pick<Dressed, "look" | "worn">): { from: number; to: number } {
  const as = look.client.seated ? "seated" : "strolling";
  const right = comfortableAir(cloOf(worn), look.occasion?.wind ?? 0, as);
  const { slack } = warmth.settings(look.client.ruleBook).params;
  return { from: right - slack, to: right + slack };
}

/** The open layers of a look, closed. */
const closing = ({ worn }: Dressed) =>
  worn.filter(({ place }) => place === "layer").map(({ piece }) => adjust("front", piece));

/** Closed layers opened, and knits tied round the shoulders. */
const lightening = (worn: readonly Worn[]) => [
  ...worn.filter(({ place }) => place === "layer").map(({ piece }) => adjust("front", piece)),
  ...worn.filter(({ place }) => place === "top").map(({ piece }) => adjust("round-shoulders", piece)),
];

/** What comes off and keeps the most warmth in. */
const heaviest = (worn: readonly Worn[]) =>
  putInOrder(worn.filter(comesOff), (one, other) => other.insulation - one.insulation)[0];

/** What is taken off at a door and carried. */
function comesOff({ piece, place }: Worn): boolean {
  return place === "layer" || piece.kind === "scarf" || piece.kind === "gloves";
}
