import { adjustmentOn, adjustmentSpec, optionsAmong } from "../piece/adjustment";
import type { AdjustmentKind } from "../piece/adjustments";
import type { Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import type { Finding, Proposal } from "../rules/finding";
import { apply, mayComeOff, standsFor, wornSo, type Change } from "./change";
import { readLook, readMany } from "./read-many";
import { identityOf, isSameFinding, isSameMatter } from "./same-finding";
import { isFault, valueOf } from "./severity";
import { solveTurnUp } from "./turn-ups";
import type { Reading } from "./read";
import { compareVerdicts, type Verdict } from "./verdict";
import { byWorth, worthOf, type Worth } from "./worth";

/** A change that was applied and read again: what it is, and what it is worth. */
export interface Remedy {
  readonly change: Change;
  readonly worth: Worth;
  readonly verdict: Verdict;
}

/** A finding with the changes that mend it, the best first. */
export interface Mended {
  /** Position of the finding in the reading. */
  readonly finding: number;
  readonly remedies: readonly Remedy[];
}

/** What could be done to a look. */
export interface Remedies {
  readonly mended: readonly Mended[];
  /** What mends nothing that is said, and is better all the same; the best first. */
  readonly alsoBetter: readonly Remedy[];
}

const mostRemedies = 3;

/**
 * Tries what each fault or note proposes, with the pieces at hand. Under a finding stand the changes after which
 * the look reads better, the finding is gone or less grave, and nothing as grave as it was has come; what
 * merely makes the look better stands apart.
 */
export function remediesOf(look: Look, reading: Reading, wardrobe: readonly Piece[]): Remedies {
  const proposed = reading.findings.flatMap((finding, i) => {
    if (!isFault(finding) && finding.effect !== "note") return [];
    const changes = finding.proposals.flatMap((proposal) => changesFor(look, proposal, wardrobe));
    return [{ finding, i, changes: new Map(changes.map((change) => [keyOf(change), change])) }];
  });
  const tried = trials(look, reading, new Map(proposed.flatMap(({ changes }) => [...changes])));
  const mending = new Set<string>();
  const mended = proposed.flatMap(({ finding, i, changes }): Mended[] => {
    const remedies: TriedRemedy[] = [];
    for (const key of changes.keys()) {
      const known = tried.get(key);
      if (!known || known.worth.gain <= 0 || !mends(finding, reading, known)) continue;
      mending.add(key);
      remedies.push(known);
    }
    return remedies.length > 0 ? [{ finding: i, remedies: bestOf(remedies) }] : [];
  });
  const better = [...tried].filter(
    ([key, { worth, after }]) =>
      worth.gain > 0 && !mending.has(key) && compareVerdicts(after.verdict, reading.verdict) >= 0,
  );
  return { mended, alsoBetter: bestOf(better.map(([, each]) => each)) };
}

/** A change with the reading it leads to. */
interface TriedRemedy extends Remedy {
  readonly after: Reading;
  readonly standsFor: (piece: string) => string;
}

/** Applies each change and reads again. */
function trials(
  look: Look,
  before: Reading,
  changes: ReadonlyMap<string, Change>,
): ReadonlyMap<string, TriedRemedy> {
  const beside = readLook(look);
  const read = readMany(
    [...changes],
    ([, change]) => apply(look, change),
    () => beside,
  );
  return new Map(
    Array.from(read, ({ of: [key, change], reading: after }) => {
      const worth = worthOf(before, after);
      const { verdict } = after;
      return [key, { change, worth, verdict, after, standsFor: standsFor(look, change) }];
    }),
  );
}

function bestOf(tried: readonly TriedRemedy[]): Remedy[] {
  return [...tried]
    .sort(byWorth)
    .slice(0, mostRemedies)
    .map(({ change, worth, verdict }) => ({ change, worth, verdict }));
}

/** Whether a change mends a finding: it is gone or less grave, and nothing as grave as it was has come. */
function mends(finding: Finding, before: Reading, { after, standsFor: stands }: TriedRemedy): boolean {
  if (compareVerdicts(after.verdict, before.verdict) < 0) return false;
  const value = valueOf(finding);
  const others = before.findings.filter((then) => then !== finding).map(identityOf);
  return after.findings.every((now) => {
    const left = valueOf(now);
    if (left > value || left > 0) return true;
    // What stood there before beside it has not come by this change.
    if (others.some((then) => isSameFinding(then, now, stands))) return true;
    if (isSameMatter(identityOf(finding), now, stands)) return false;
    return left === 0;
  });
}

function keyOf(change: Change): string {
  return change.kind === "wear" ? `wear ${change.piece.id}` : JSON.stringify(change);
}

/** What a proposal comes to with the pieces at hand. */
function changesFor(look: Look, proposal: Proposal, wardrobe: readonly Piece[]): Change[] {
  switch (proposal.kind) {
    case "wear":
      return wardrobe
        .filter((piece) => slotOf(piece) === proposal.slot && !look.accessories.includes(piece))
        .map((piece): Change => ({ kind: "wear", piece }));
    case "take-off":
      return look.accessories.some((piece) => piece.id === proposal.piece && mayComeOff(piece))
        ? [proposal]
        : [];
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
  return optionsAmong(way, piece, [...look.garments, ...look.accessories]).map(wornSo);
}
