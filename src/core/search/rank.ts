import { swap, wear, type Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import { stacks, type Slot } from "../piece/slots";
import type { Finding } from "../rules/finding";
import { isFault } from "../reading/severity";
import { read, type Reading } from "../reading/read";
import type { Verdict } from "../reading/verdict";
import { byWorth, worthOf, type Worth } from "../reading/worth";

/** A piece that could take a slot, with the real change it would make. */
export interface Candidate {
  readonly piece: Piece;
  readonly worth: Worth;
  readonly verdict: Verdict;
  /** Ids of the rules whose faults it mends, and of those it brings in. */
  readonly mends: readonly string[];
  readonly brings: readonly string[];
  readonly worn: boolean;
}

/** Reads the look with every piece of the wardrobe that fits a slot, the best first. */
export function rank(look: Look, slot: Slot, wardrobe: readonly Piece[]): Candidate[] {
  const now = read(look);
  const faultsNow = faultsOf(now);
  const fitting = wardrobe.filter((piece) => slotOf(piece) === slot);
  return fitting
    .map((piece): Candidate => {
      const worn = look.accessories.some((other) => other.id === piece.id);
      const reading = worn ? now : read(stacks(slot) ? wear(look, piece) : swap(look, slot, piece));
      const faults = faultsOf(reading);
      return {
        piece,
        worth: worthOf(now, reading),
        verdict: reading.verdict,
        mends: [...faultsNow].filter((rule) => !faults.has(rule)),
        brings: [...faults].filter((rule) => !faultsNow.has(rule)),
        worn,
      };
    })
    .sort(byPromise);
}

function faultsOf(reading: Reading): Set<string> {
  return new Set(reading.findings.filter(isFault).map((finding: Finding) => finding.rule));
}

const byName = new Intl.Collator("en");

/** By what each is worth, then by name, so that equal pieces keep their order. */
function byPromise(one: Candidate, other: Candidate): number {
  return byWorth(one, other) || byName.compare(one.piece.name, other.piece.name);
}
