import { param } from "../../rule-book/params";
import { answers } from "../../style/answers";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { listed, swapOrTakeOff } from "../visible";

export const oneLead = defineRule({
  id: "style.one-lead",
  lens: "style",
  weight: 1,
  title: "One piece leads",
  why: "The first thing seen sets the tone. A second may answer it from elsewhere on the body, in the same spirit or the same surface; a third makes a crowd.",
  params: {
    statement: param(2, "boldness", "statement from which a piece leads"),
    most: param(2, "count", "leads that can answer one another"),
  },
  schools: ["ornament"],
  read({ visible }, { statement, most }, schools) {
    const leads = visible
      .filter(({ piece }) => piece.statement >= statement)
      .map(({ piece }) => piece)
      .sort((one, other) => other.statement - one.statement);
    const [lead, ...others] = leads;
    if (!lead) return [];
    const names = { lead: lead.name, leads: listed(leads) };
    const pieces = leads.map(({ id }) => id);
    const allowed = schools.ornament === "layered" ? most + 1 : most;
    const figures = {
      count: atMost("pieces that lead", leads.length, "count", others.length === 0 ? 1 : allowed),
    };
    if (others.length === 0)
      return [{ effect: "lifts", say: "{lead} leads, and the rest lets it.", names, figures, pieces }];
    const stray = others.filter((other) => !answers(lead, other));
    if (stray.length === 0 && leads.length <= allowed)
      return [
        { effect: "note", say: "{count} lead and answer one another: {leads}.", names, figures, pieces },
      ];
    return [
      {
        effect: leads.length > allowed ? "jars" : "rubs",
        say: "{count} pieces lead at once: {leads}.",
        names,
        figures,
        pieces,
        proposals: swapOrTakeOff(leads),
      },
    ];
  },
});
