import { adjustmentOn, adjustmentSpec, optionsOf } from "../piece/adjustment";
import type { AdjustmentKind } from "../piece/adjustments";
import type { Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import type { Proposal } from "../rules/finding";
import { apply, standsFor, wornSo, type Change } from "./change";
import { read } from "./read";
import { identityOf, isSameFinding } from "./same-finding";
import { isFault } from "./severity";
import { solveTurnUp } from "./turn-ups";
import type { Reading } from "./read";
import type { Verdict } from "./verdict";

/** A change that was applied and read again: what it is, and what it does to the score. */
export interface Remedy {
  readonly change: Change;
  readonly before: number;
  readonly after: number;
  readonly verdict: Verdict;
}

/** A finding with the changes that mend it, the best first. */
export interface Mended {
  /** Position of the finding in the reading. */
  readonly finding: number;
  readonly remedies: readonly Remedy[];
}

const kept = 3;

/**
 * Tries what each fault or note proposes, with the pieces at hand, and keeps the changes after which it is
 * no longer said, or no longer of all its pieces, and the score is higher.
 */
export function remediesOf(look: Look, reading: Reading, wardrobe: readonly Piece[]): Mended[] {
  return reading.findings.flatMap((finding, i) => {
    if (!isFault(finding) && finding.effect !== "note") return [];
    const identity = identityOf(finding);
    const changes = finding.proposals.flatMap((proposal) => changesFor(look, proposal, wardrobe));
    const remedies = changes
      .flatMap((change): Remedy[] => {
        const after = read(apply(look, change));
        const stands = standsFor(look, change);
        const still = after.findings.some((other) => isSameFinding(identity, other, stands));
        if (still || after.score <= reading.score) return [];
        return [{ change, before: reading.score, after: after.score, verdict: after.verdict }];
      })
      .sort((one, other) => other.after - one.after)
      .slice(0, kept);
    return remedies.length > 0 ? [{ finding: i, remedies }] : [];
  });
}

/** What a proposal comes to with the pieces at hand. */
function changesFor(look: Look, proposal: Proposal, wardrobe: readonly Piece[]): Change[] {
  switch (proposal.kind) {
    case "wear":
      return wardrobe
        .filter((piece) => slotOf(piece) === proposal.slot && !look.accessories.includes(piece))
        .map((piece): Change => ({ kind: "wear", piece }));
    case "take-off":
      return [proposal];
    case "adjust":
      return waysFor(look, proposal.way, proposal.piece);
  }
}

/** The ways of wearing a piece that are worth trying: of a turn-up the one that suits best, of others each. */
function waysFor(look: Look, way: AdjustmentKind, id: string): Change[] {
  const undo: Change = { kind: "undo", way, piece: id };
  if (way === "turn") {
    const best = solveTurnUp(look)?.best;
    return best ? [best.turn ? wornSo(best.turn) : undo] : [];
  }
  const piece = [...look.garments, ...look.accessories].find((worn) => worn.id === id);
  if (!piece) return [];
  const isSimple = Object.keys(adjustmentSpec(way).settings).length === 0;
  if (isSimple && adjustmentOn(look.adjustments, way, id)) return [undo];
  return optionsOf(way, piece).map(wornSo);
}
