import { putInOrder } from "../../lists/put-in-order";
import { speaks, type Piece } from "../../piece/piece";
import type { Schools } from "../../rule-book/schools";
import { param, type Values } from "../../rule-book/params";
import { answers } from "../../style/answers";
import { definePairRule } from "../define-rule";
import { atMost } from "../figures";
import { swapOrTakeOff } from "../proposals";
import type { Worn } from "../../dressing/dressed";
import { doomed, hopeFor, noHope } from "../outlook";

const leadParams = {
  statement: param(2, "statement", "how much a piece speaks from which it leads"),
  most: param(2, "count", "leads that can answer one another"),
  layered: param(3, "count", "the same where layering is the school"),
} as const;

/** How many pieces may lead at once by a client's school of ornament. */
export function leadsAllowed({ most, layered }: Values<typeof leadParams>, { ornament }: Schools): number {
  return ornament === "layered" ? layered : most;
}

export const oneLead = definePairRule({
  id: "style.one-lead",
  reads: "everything",
  title: "One piece leads",
  fault: "too many leads",
  why: "The first thing seen sets the tone. A second may answer it from elsewhere on the body, in the same spirit or the same surface; a third makes a crowd.",
  params: leadParams,
  schools: ["ornament"],
  tags: ["set"],
  messages: {
    leads:
      "{lead} {leadCount, plural, one {leads, and everything else lets it} other {lead, and everything else lets them}}.",
    answer: "{count} pieces lead together, and they belong together: {leads}.",
    many: "{count} pieces want to be seen first: {leads}.",
  },
  pair: ["answer", "many"],
  concerns: ({ piece }, { statement }) => speaks(piece, statement),
  read({ visible, accessories }, { params, schools, judge }) {
    const leads: Piece[] = [];
    for (const { piece } of visible) if (speaks(piece, params.statement)) leads.push(piece);
    if (leads.length === 0) return [];
    const [lead, ...others] = putInOrder(
      leads,
      (one, other) => (other.statement ?? 0) - (one.statement ?? 0) || (one.id < other.id ? -1 : 1),
    );
    if (!lead) return [];
    const allowed = leadsAllowed(params, schools);
    const most = others.length === 0 ? 1 : allowed;
    const figures = { count: atMost("pieces that lead", leads.length, "count", most) };
    // What leads is praised for the company that lets it: with nothing put beside it, it just is.
    if (others.length === 0)
      return accessories.length > 0 ? [judge("lifts", "leads", { of: { lead }, figures })] : [];
    const crowd = leads.length > allowed;
    if (!crowd && others.every((other) => answers(lead, other)))
      return [judge("note", "answer", { of: { leads }, figures })];
    const proposals = swapOrTakeOff(...leads);
    return [judge(crowd ? "jars" : "rubs", "many", { of: { leads }, figures, proposals })];
  },
  hope({ on, all }, { params, schools }) {
    const leads = ({ piece }: Worn) => speaks(piece, params.statement);
    const now = on.visible.filter(leads).length;
    if (now > leadsAllowed(params, schools)) return doomed("jars");
    return now < 2 && all.some(leads) ? hopeFor("lifts") : noHope;
  },
});
