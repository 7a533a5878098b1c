import { swap, wear, type Look } from "../piece/look";
import { isKind, slotOf, type Piece } from "../piece/piece";
import { stacks, type Slot } from "../piece/slots";
import type { Change } from "../reading/change";
import { bySeverity, isFault } from "../reading/severity";
import type { Reading } from "../reading/read";
import { readLook, readMany, type ReadOne } from "../reading/read-many";
import type { Verdict } from "../reading/verdict";
import { isAtHome, keepsOut } from "./belonging";
import { asWorn, bestTurn } from "./reach";
import { bestTied } from "./scarf-ties";
import { byWorth, worthOf, type Worth } from "../reading/worth";

/** A piece that could take a slot, with the real change it would make. */
export interface Candidate {
  readonly piece: Piece;
  readonly worth: Worth;
  readonly verdict: Verdict;
  /** Ids of the rules whose faults it mends, and of those it brings in; of each the gravest first. */
  readonly mends: readonly string[];
  readonly brings: readonly string[];
  /**
   * What is done when it is put on: to the hem, because it would jar as it is worn now; or how a scarf is folded and
   * tied, because the look reads best so. Null where nothing is.
   */
  readonly also: Change | null;
  readonly worn: boolean;
  /** Whether it may be worn there at all: at home among the levels of the occasion, and nothing keeps it out. */
  readonly belongs: boolean;
}

/** Reads the look with every piece of the wardrobe that fits a slot, the best first. */
export function rank(look: Look, slot: Slot, wardrobe: readonly Piece[]): Candidate[] {
  const before = readLook(look);
  const { reading: now } = before;
  const faultsNow = faultsOf(now);
  const span = look.occasion?.span;
  const levels = { from: span?.low ?? null, to: span?.high ?? null };
  const fitting = wardrobe.filter((piece) => slotOf(piece) === slot);
  const isOn = ({ id }: Piece) => look.accessories.some((other) => other.id === id);
  const withEach = (piece: Piece) => (isOn(piece) ? look : putOn(look, slot, piece));
  const candidates = Array.from(
    readMany(fitting, withEach, () => before),
    (plain): Candidate => {
      const { of: piece } = plain;
      const worn = isOn(piece);
      const { reading, also } = worn ? { reading: now, also: null } : atItsBest(plain);
      const faults = faultsOf(reading);
      return {
        piece,
        worth: worthOf(now, reading),
        verdict: reading.verdict,
        mends: [...faultsNow].filter((rule) => !faults.has(rule)),
        brings: [...faults].filter((rule) => !faultsNow.has(rule)),
        also,
        worn,
        belongs: isAtHome(piece, levels) && !reading.findings.some((finding) => keepsOut(finding, piece)),
      };
    },
  );
  return candidates.sort(byPromise);
}

/** The look with a piece in its slot, beside what is there where the slot stacks. */
export function putOn(look: Look, slot: Slot, piece: Piece): Look {
  return stacks(slot) ? wear(look, piece) : swap(look, slot, piece);
}

/** What is on the foot is tried with the turn-up that suits it, and a scarf with the tie the look reads best with. */
function atItsBest({
  of: piece,
  look,
  reading: plain,
}: ReadOne<Piece>): Pick<Candidate, "also"> & { readonly reading: Reading } {
  const slot = slotOf(piece);
  if (slot === "shoe" || slot === "hosiery") {
    const { reading, hem } = asWorn(look, bestTurn, plain);
    return { reading, also: hem };
  }
  return isKind(piece, "scarf") ? bestTied(look, piece) : { reading: plain, also: null };
}

function faultsOf(reading: Reading): Set<string> {
  return new Set(
    reading.findings
      .filter(isFault)
      .sort(bySeverity)
      .map(({ rule }) => rule),
  );
}

const byName = new Intl.Collator("en");

/** By what each is worth, then by name, so that equal pieces keep their order. */
function byPromise(one: Candidate, other: Candidate): number {
  return byWorth(one, other) || byName.compare(one.piece.name, other.piece.name);
}
