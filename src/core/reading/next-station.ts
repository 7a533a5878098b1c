import type { Dressed } from "../dressing/dressed";
import { wornSlot } from "../piece/adjustment";
import type { Slot } from "../piece/slots";
import type { Finding } from "../rules/finding";

/** Why a station is the next to be filled. */
export type NextReason =
  | { readonly why: "shoes decide" }
  | { readonly why: "occasion expects"; readonly occasion: string }
  | { readonly why: "more waist" }
  | { readonly why: "nothing to carry" }
  | { readonly why: "colour alone"; readonly family: string };

/** The station that is best filled next, and why. */
export interface Next {
  readonly slot: Slot;
  readonly reason: NextReason;
}

/** What a finding asks for at a station that is still empty. */
const asks: readonly {
  readonly rule: string;
  readonly message: string;
  readonly slot: Slot;
  readonly reason: (finding: Finding) => NextReason;
}[] = [
  {
    rule: "register.occasion",
    message: "hosiery expected",
    slot: "hosiery",
    reason: ({ words }) => ({ why: "occasion expects", occasion: words.occasion ?? "" }),
  },
  {
    rule: "register.occasion",
    message: "head covered",
    slot: "hat",
    reason: ({ words }) => ({ why: "occasion expects", occasion: words.occasion ?? "" }),
  },
  { rule: "proportion.belt-need", message: "unmarked", slot: "belt", reason: () => ({ why: "more waist" }) },
  {
    rule: "colour.echo",
    message: "bare",
    slot: "neck",
    reason: ({ words }) => ({ why: "colour alone", family: words.family ?? "" }),
  },
];

/**
 * The station to fill next: shoes first, which decide the most, then what the rules ask for, then a bag. Null when
 * nothing is missing that anybody asked for.
 */
export function nextStation({ look, worn }: Dressed, findings: readonly Finding[]): Next | null {
  const filled = new Set(look.accessories.map((piece) => wornSlot(piece, look.adjustments)));
  if (worn.length === 0) return null;
  if (!filled.has("shoe")) return { slot: "shoe", reason: { why: "shoes decide" } };
  for (const { rule, message, slot, reason } of asks) {
    const finding = findings.find((each) => each.rule === rule && each.message === message);
    if (finding && !filled.has(slot)) return { slot, reason: reason(finding) };
  }
  return filled.has("bag") ? null : { slot: "bag", reason: { why: "nothing to carry" } };
}
