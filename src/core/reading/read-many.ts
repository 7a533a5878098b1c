import { dress } from "../dressing/dress";
import type { Dressed, Worn } from "../dressing/dressed";
import { addAll } from "../lists/add-all";
import type { Look } from "../piece/look";
import type { Rule } from "../rules/define-rule";
import type { Finding } from "../rules/finding";
import { bitsRead, everyBit, sideBySide, type SlotBits } from "../rules/reads";
import { registry } from "../rules/registry";
import { differing, exchangedIn } from "./differing";
import { sumUp, type Reading } from "./read";

/** A look that was read, with what each rule said of it, in the order of the rules. */
export interface ReadLook {
  readonly dressed: Dressed;
  readonly said: readonly (readonly Finding[])[];
  readonly reading: Reading;
}

/** Reads a look, to read others beside it. */
export function readLook(look: Look): ReadLook {
  const dressed = dress(look);
  const said = registry.map((rule) => rule.read(dressed));
  return { dressed, said, reading: sumUp(said.flat(), dressed) };
}

/** One of many looks that were read: what it was made of, the look, and its reading. */
export interface ReadOne<T> {
  readonly of: T;
  readonly look: Look;
  readonly reading: Reading;
}

/**
 * Reads many looks, each the same to the byte as `read` would. Every rule is asked about one look after another while it
 * is at hand; and of a look that stands beside one that was read, only about what differs in something it reads.
 * They come as they are read: what a caller keeps of one is all that is kept of it.
 * @param all what the looks are made of
 * @param besideOf the look that was read before one of these: a neighbour in a piece or two helps most
 */
export function* readMany<T>(
  all: readonly T[],
  lookOf: (one: T) => Look,
  besideOf: (one: T) => ReadLook | null = () => null,
): Generator<ReadOne<T>, void> {
  for (let from = 0; from < all.length; from += sideBySide) {
    const some = all.slice(from, from + sideBySide).map((of) => toRead(of, lookOf(of), besideOf(of)));
    askRules(some);
    for (const { of, dressed, findings } of some)
      yield { of, look: dressed.look, reading: sumUp(findings, dressed) };
  }
}

/** A look that is being read. */
interface LookToRead<T> {
  readonly of: T;
  readonly dressed: Dressed;
  /** What the rules said of the look beside it, and where the two differ. */
  readonly known: ReadLook["said"];
  readonly differs: SlotBits;
  /** The accessories that took the place of others, and those others; null where the rest is not worn alike. */
  readonly exchanged: readonly Worn[] | null;
  readonly findings: Finding[];
}

function toRead<T>(of: T, look: Look, beside: ReadLook | null): LookToRead<T> {
  const dressed = dress(look, beside?.dressed);
  const differs = beside ? differing(beside.dressed.look, look) : everyBit;
  const exchanged = beside && differs !== everyBit ? exchangedIn(beside.dressed, dressed) : null;
  return { of, dressed, known: beside?.said ?? [], differs, exchanged, findings: [] };
}

const asked = registry.map(({ read, reads, concerns }) => ({ read, reads: bitsRead(reads), concerns }));

/** Asks each rule about every look in which something differs that it reads, and that can have a part in what it says. */
function askRules<T>(looks: readonly LookToRead<T>[]): void {
  asked.forEach(({ read, reads, concerns }, i) => {
    for (let k = 0; k < looks.length; k += 1) {
      const { dressed, known, differs, exchanged, findings } = looks[k] as LookToRead<T>;
      const isSame =
        (reads & differs) === 0 || (concerns && exchanged && !concernsAny(concerns, exchanged, dressed));
      addAll(findings, (isSame ? known[i] : undefined) ?? read(dressed));
    }
  });
}

/** Whether any of some pieces can have a part in what a rule says. */
function concernsAny(
  concerns: NonNullable<Rule["concerns"]>,
  items: readonly Worn[],
  { look }: Dressed,
): boolean {
  for (const item of items) if (concerns(item, look.client.ruleBook)) return true;
  return false;
}
