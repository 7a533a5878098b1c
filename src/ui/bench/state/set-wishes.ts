import { slotOf, type Piece } from "@/core/piece/piece";
import type { Slot } from "@/core/piece/slots";
import type { SetWish } from "@/core/search/best/set-problem";
import { benchWords } from "@/words/bench";

/** What the sets may be asked to be, beside what their slots are. */
export const leanings = ["dressier", "quieter", "for rain"] as const;
export type Leaning = (typeof leanings)[number];

/** What can be done with a slot, in the order in which a press goes through it. */
const handlings = {
  choose: { words: benchWords.ifItHelps, note: "", look: "border-rule bg-paper" },
  fill: { words: benchWords.alwaysFilled, note: ": always", look: "border-ink bg-paper" },
  keep: { words: "kept", note: ": kept", look: "basted border-transparent bg-white" },
  "leave out": {
    words: benchWords.leftOut,
    note: "",
    look: "border-rule bg-paper text-ink-soft line-through",
  },
} as const;

/** A slot is filled if that helps, or always; what is on stays; or it stays empty. */
type Handling = keyof typeof handlings;

export type Handled = Readonly<Partial<Record<Slot, Handling>>>;

/** Slots a set is sought for; what stacks is sought one of. */
export const sought: readonly Slot[] = [
  "earrings",
  "neck",
  "necklace",
  "wrist",
  "belt",
  "bag",
  "hosiery",
  "shoe",
];

/** What "another like this" exchanges. */
const exchanged: ReadonlySet<Slot> = new Set(["shoe", "bag"]);

/** How a slot is handled, in words and looks. */
export function handlingOf(handled: Handled, slot: Slot) {
  return handlings[handled[slot] ?? "choose"];
}

/** The next way of handling a slot. */
export function handledNext(handled: Handled, slot: Slot): Handled {
  const ways = Object.keys(handlings) as Handling[];
  return {
    ...handled,
    [slot]: ways[(ways.indexOf(handled[slot] ?? "choose") + 1) % ways.length] ?? "choose",
  };
}

type Worn = (slot: Slot) => boolean;

/** Ways to begin: what is done with every slot at once. */
export const presets: readonly { readonly name: string; readonly handle: (worn: Worn) => Handled }[] = [
  { name: "afresh", handle: () => ({}) },
  { name: benchWords.roundWhatIsOn, handle: (worn) => keeping(worn) },
  {
    name: benchWords.anotherLikeThis,
    handle: (worn) => keeping((slot) => worn(slot) && !exchanged.has(slot)),
  },
];

function keeping(kept: Worn): Handled {
  return Object.fromEntries(sought.filter(kept).map((slot) => [slot, "keep"]));
}

/** What is asked of the search. */
export function wishOf(
  leaning: Leaning | null,
  handled: Handled,
  accessories: readonly Piece[],
  level: number | null,
): SetWish {
  const worn = (slot: Slot) => accessories.find((piece) => slotOf(piece) === slot)?.id ?? null;
  return {
    slots: sought
      .filter((slot) => handled[slot] !== "leave out")
      .map((slot) => ({
        slot,
        optional: slot !== "shoe" && handled[slot] !== "fill",
        pinned: handled[slot] === "keep" ? worn(slot) : null,
      })),
    forRain: leaning === "for rain",
    from: leaning === "dressier" && level !== null ? level + 1 : null,
    to: leaning === "quieter" && level !== null ? level - 1 : null,
  };
}
