import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { adjust, wear } from "../proposals";
import { hopeFor, isOpen, noHope, surely } from "../outlook";

/** Where a bag goes with the walk, unless the client likes it elsewhere. */
const usual: ReadonlySet<string> = new Set(["waist", "high hip", "hip"]);

export const bagLands = defineRule({
  id: "proportion.bag-lands",
  reads: "everything",
  title: "Where the bag lands",
  fault: "where the bag lands",
  why: "A bag draws a line across the body where it ends; between waist and hip it goes with the walk, below mid-thigh it knocks against it.",
  params: {
    large: param(0.26, "ratio", "diagonal over body height from which a bag is large"),
    dressy: param(6.5, "step", "level from which a strap across the body is too easy"),
  },
  messages: {
    low: "{bag} {bagCount, plural, one {hangs} other {hang}} below mid-thigh and will knock at each step.",
    liked: "{bag} {bagCount, plural, one {lies} other {lie}} at the {zone}, where {client} likes it.",
    usual: "{bag} {bagCount, plural, one {lies} other {lie}} at the {zone}, where a bag moves with the walk.",
    elsewhere:
      "{bag} {bagCount, plural, one {lies} other {lie}} at the {zone}; {client} likes it at the {wanted}.",
    lies: "{bag} {bagCount, plural, one {lies} other {lie}} at the {zone}.",
    across:
      "{bag} {bagCount, plural, one {is} other {are}} dressed down by a leather strap across the body. With something as dressy as this, carry it on a short chain or in the hand.",
    large: "{bag} {bagCount, plural, one {is} other {are}} large on this body.",
  },
  read({ landing, body, look, level }, { params, judge }) {
    if (!landing || landing.bag.figures.carry === "hand" || landing.bag.figures.carry === "clutch") return [];
    const { bag, zone, top, scale } = landing;
    const wanted = look.client.goals.bagLands;
    const facts = {
      of: { bag },
      words: { zone, client: look.client.name, wanted: wanted ?? "" },
      figures: { top: figure("top of the bag over the footbed", top, "cm") },
      estimated: body.measures.shoulder.estimated,
    };
    const proposals = [adjust("strap", bag), ...wear("bag")];
    const lands = () => {
      if (zone === "below mid-thigh") return judge("jars", "low", { proposals }, facts);
      if (
        level !== null &&
        level >= params.dressy &&
        bag.figures.carry === "cross-body" &&
        bag.figures.strapMade !== "chain"
      )
        return judge("rubs", "across", { proposals }, facts);
      if (wanted ? zone === wanted : usual.has(zone))
        return judge(wanted ? "lifts" : "note", wanted ? "liked" : "usual", facts);
      return judge("note", wanted ? "elsewhere" : "lies", { proposals }, facts);
    };
    if (scale <= params.large) return [lands()];
    const figures = { scale: atMost("diagonal over height", scale, "ratio", params.large) };
    return [lands(), judge("note", "large", { figures }, facts)];
  },
  hope(outlook, { said }) {
    const { on } = outlook;
    const [first] = isOpen(outlook, "bag") ? [] : said();
    if (first?.message === "low") return surely([first]);
    return on.look.client.goals.bagLands !== null && (isOpen(outlook, "bag") || on.landing)
      ? hopeFor("lifts")
      : noHope;
  },
});
