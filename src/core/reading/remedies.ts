import { isDoubled } from "../piece/adjustment";
import type { Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import type { Finding, Proposal } from "../rules/finding";
import { waysOf } from "../strap/configure";
import { apply, type Change } from "./change";
import { isFault } from "./effects";
import { read, type Reading, type Verdict } from "./read";
import { solveTurnUp } from "./turn-ups";

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
 * Tries what each finding proposes, with the pieces at hand, and keeps the changes after which the
 * finding is gone or weaker and the score no lower.
 */
export function remediesOf(look: Look, reading: Reading, wardrobe: readonly Piece[]): Mended[] {
  return reading.findings.flatMap((finding, i) => {
    if (!isFault(finding) && finding.effect !== "note") return [];
    const changes = finding.proposals.flatMap((proposal) => changesFor(look, proposal, wardrobe));
    const remedies = changes
      .map((change): Remedy & { mends: boolean } => {
        const after = read(apply(look, change));
        return {
          change,
          before: reading.score,
          after: after.score,
          verdict: after.verdict,
          mends: !repeats(after, finding) && after.score > reading.score,
        };
      })
      .filter((remedy) => remedy.mends)
      .sort((one, other) => other.after - one.after)
      .slice(0, kept)
      .map(({ change, before, after, verdict }) => ({ change, before, after, verdict }));
    return remedies.length > 0 ? [{ finding: i, remedies }] : [];
  });
}

/** Whether a reading still holds a finding as grave on the same pieces. */
function repeats(reading: Reading, finding: Finding): boolean {
  return reading.findings.some(
    (other) =>
      other.rule === finding.rule &&
      other.effect === finding.effect &&
      other.pieces.some((piece) => finding.pieces.includes(piece)),
  );
}

function changesFor(look: Look, proposal: Proposal, wardrobe: readonly Piece[]): Change[] {
  switch (proposal.kind) {
    case "turn": {
      const best = solveTurnUp(look)?.best;
      if (!best) return [];
      return [best.turn ?? { kind: "unturn", piece: proposal.piece }];
    }
    case "wear":
      return wardrobe
        .filter((piece) => slotOf(piece) === proposal.slot && !look.accessories.includes(piece))
        .map((piece): Change => ({ kind: "wear", piece }));
    case "double":
      return [
        { kind: isDoubled(look.adjustments, proposal.piece) ? "undouble" : "double", piece: proposal.piece },
      ];
    case "strap":
      return strapChanges(look, proposal.piece);
    case "tuck-into-boot":
    case "tuck-in":
    case "take-off":
      return [proposal];
  }
}

/** Every way the bag can be carried. */
function strapChanges(look: Look, piece: string): Change[] {
  const bag = look.accessories.find(({ id }) => id === piece);
  if (bag?.kind !== "bag") return [];
  return waysOf(bag.figures).map(({ carry, way }): Change => ({ kind: "strap", piece, carry, way }));
}
