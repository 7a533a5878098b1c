import type { Dressed, Worn } from "../../dressing/dressed";
import { airOver } from "../../place/forecast";
import { comfortableAir, insulationOf } from "../../place/warmth";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost, figure } from "../figures";
import { takeOff, wear } from "../proposals";

export const warmth = defineRule({
  id: "comfort.warmth",
  title: "An outfit for the air it is worn in",
  fault: "too cold or warm for it",
  why: "What is worn keeps so much warmth in; a stroller in it is comfortable at one temperature, and a few degrees about it. Neck, hands and head feel the cold by themselves, and a cooled room in summer wants something to put on.",
  params: {
    slack: param(6, "degC", "how far the air may lie from what the outfit is comfortable in"),
    neck: param(5, "degC", "under this a bare neck is cold"),
    hands: param(0, "degC", "under this bare hands are cold"),
    head: param(-5, "degC", "under this a bare head is cold"),
    heat: param(26, "degC", "from this rooms are cooled"),
  },
  tags: ["place"],
  messages: {
    cold: "At {air} this outfit is too cold: it is comfortable at about {right}. Put on a layer, or something warmer.",
    warm: "At {air} this outfit is too warm: it is comfortable at about {right}.",
    takeOff:
      "Outdoors at {air} {layer} {layerCount, plural, one {is} other {are}} too warm to walk in; carried, the rest is comfortable at about {right}.",
    room: "At {air} rooms are cooled, and there is no layer to put on in one.",
    neck: "The neck is bare at {air}: a scarf or a collar would keep it warm.",
    hands: "The hands are bare at {air}: gloves would keep them warm.",
    head: "The head is bare at {air}: a hat would keep it warm.",
  },
  read(dressed, { params, judge }) {
    const { look, worn, garments } = dressed;
    const { occasion } = look;
    if (!occasion || occasion.ground === "indoors" || garments.length === 0 || worn.length < 3) return [];
    const { wind } = occasion;
    const { low, high } = airOver(occasion);
    const airOf = (each: number) => figure("air at the occasion", each, "degC");
    const [coldest, warmest] = [airOf(low), airOf(high)];
    const whole = cloOf(worn);
    const right = comfortableAir(whole, wind);
    const clo = figure("insulation of the outfit", whole, "clo");
    const findings = [];
    if (low < right - params.slack) {
      const figures = { air: coldest, right: atLeast("comfortable at", right, "degC", low), clo };
      findings.push(judge("rubs", "cold", { figures, proposals: wear("layer", "neck") }));
    }
    if (high > right + params.slack) {
      const layer = worn.filter(comesOff).sort((a, b) => insulationOf(b) - insulationOf(a))[0];
      const without = layer && comfortableAir(cloOf(worn.filter((each) => each !== layer)), wind);
      const helps = without !== undefined && high <= without + params.slack;
      findings.push(
        helps && layer
          ? judge("note", "takeOff", {
              of: { layer: layer.piece },
              figures: { air: warmest, right: figure("comfortable at", without, "degC"), clo },
              proposals: [takeOff(layer.piece)],
            })
          : judge("rubs", "warm", {
              figures: { air: warmest, right: atMost("comfortable at", right, "degC", high), clo },
              proposals: layer ? [takeOff(layer.piece)] : [],
            }),
      );
    }
    if (high >= params.heat && !worn.some(comesOff))
      findings.push(judge("note", "room", { figures: { air: warmest, clo }, proposals: wear("layer") }));
    const air = coldest;
    if (low < params.neck && isNeckBare(dressed))
      findings.push(judge("rubs", "neck", { figures: { air }, proposals: wear("neck") }));
    if (low < params.hands && !wears(dressed, "gloves"))
      findings.push(judge("rubs", "hands", { figures: { air }, proposals: wear("gloves") }));
    if (low < params.head && !wears(dressed, "hat"))
      findings.push(judge("rubs", "head", { figures: { air }, proposals: wear("hat") }));
    return findings;
  },
});

/** What an outfit is comfortable in, walked in through the wind of its occasion, deg C. */
export function comfortableIn({ look, worn }: Pick<Dressed, "look" | "worn">): { from: number; to: number } {
  const right = comfortableAir(cloOf(worn), look.occasion?.wind ?? 0);
  const { slack } = warmth.settings(look.client.ruleBook).params;
  return { from: right - slack, to: right + slack };
}

const cloOf = (worn: readonly Worn[]) => worn.reduce((sum, item) => sum + insulationOf(item), 0);

const wears = ({ worn }: Dressed, kind: Worn["piece"]["kind"]) =>
  worn.some(({ piece }) => piece.kind === kind);

/** What is taken off at a door and carried. */
function comesOff({ piece, place }: Worn): boolean {
  return place === "layer" || piece.kind === "scarf" || piece.kind === "gloves";
}

/** Whether nothing lies round the neck: no scarf, no neckline that closes high, no closed coat with a collar that does. */
function isNeckBare({ neck: { edge, scarf }, tied, worn }: Dressed): boolean {
  if (scarf || tied?.asked.tie === "head cover") return false;
  const isClosedHigh = worn.some(
    ({ piece }) =>
      piece.kind === "coat" &&
      piece.figures.closed &&
      piece.figures.collar !== "notched" &&
      piece.figures.collar !== "shawl",
  );
  return !isClosedHigh && edge !== null && !edge.high && edge.below > 0;
}
