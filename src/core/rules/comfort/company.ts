import { daysBetween } from "../../piece/on-record";
import { param } from "../../rule-book/params";
import { called } from "../../words/called";
import { sayDay } from "../../words/day";
import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import { wear } from "../proposals";

export const company = defineRule({
  id: "comfort.company",
  reads: "everything",
  title: "The same look before the same people",
  fault: "a look they have seen",
  why: "Whoever meets the same people often is asked not to come in the same look twice in a row.",
  params: {
    interval: param(60, "count", "days after which a look may be shown to the same people again"),
    same: param(0.8, "share", "part of its pieces from which a look is the same"),
  },
  messages: {
    seen: "{company} saw this look at {before}, on {day}: {days} days earlier.",
  },
  read({ look }, { params, judge }) {
    const { onRecord, occasion } = look;
    if (!onRecord || !occasion?.company) return [];
    const worn = [...look.garments, ...look.accessories].map(({ id }) => id);
    const seen = onRecord.shown
      .map((shown) => ({ ...shown, days: daysBetween(shown.day, occasion.day) }))
      .filter(
        ({ company: who, days, pieces }) =>
          isSameCompany(who, occasion.company) &&
          days > 0 &&
          days < params.interval &&
          overlapOf(worn, pieces) >= params.same,
      )
      .sort((one, other) => one.days - other.days)[0];
    if (!seen) return [];
    return [
      judge("rubs", "seen", {
        about: [...look.garments, ...look.accessories],
        words: { company: capital(occasion.company), before: called(seen.occasion), day: sayDay(seen.day) },
        figures: {
          days: atLeast("days since", seen.days, "count", params.interval),
          same: figure("part that is the same", overlapOf(worn, seen.pieces), "share"),
        },
        proposals: wear("neck", "shoe", "bag", "necklace", "layer"),
      }),
    ];
  },
});

/** What two looks have in common: the part of all their pieces that is in both. */
function overlapOf(one: readonly string[], other: readonly string[]): number {
  const both = one.filter((id) => other.includes(id)).length;
  return both / new Set([...one, ...other]).size;
}

function isSameCompany(one: string, other: string): boolean {
  return one.trim().toLowerCase() === other.trim().toLowerCase();
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
