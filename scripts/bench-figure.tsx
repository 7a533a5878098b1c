import { flushSync } from "react-dom";
import { createRoot } from "react-dom/client";
import { dress } from "../src/core/dressing/dress";
import type { Dressed } from "../src/core/dressing/dressed";
import { parseBundle, type Bundle } from "../src/core/formats/bundle";
import { adjust } from "../src/core/piece/adjustment";
import type { Look } from "../src/core/piece/look";
import { isKind } from "../src/core/piece/piece";
import { canBeTied, clothOf, picturedOn, type Scarf, type TieSettings } from "../src/core/piece/tied-scarf";
import { readDressed } from "../src/core/reading/read";
import { namedFolds } from "../src/core/scarf/folds";
import { foldOf, sidesOf } from "../src/core/scarf/tied";
import { tieNames, tieSpec } from "../src/core/scarf/ties";
import { usualWay } from "../src/core/scarf/usual-way";
import { sampleLook } from "../src/core/testing/sample";
import { FoldedPicture } from "../src/ui/drawing/scarf/folded-picture";
import { Figure } from "../src/ui/drawing/figure/figure";

/** What drawing takes in a page, ms: the middle and the slowest of all that was drawn. */
export interface FigureFigures {
  /** A look drawn anew, and one accessory of it changed. */
  readonly draws: Spread;
  readonly updates: Spread;
  /** A folded scarf with its picture, drawn anew. */
  readonly folded: Spread;
  /** A scarf tied another way: the look is dressed, read and drawn. */
  readonly ties: Spread;
}

interface Spread {
  readonly middle: number;
  readonly slowest: number;
}

/** How often each look is drawn and changed. */
const rounds = 40;

declare global {
  interface Window {
    figureFigures: (bundles: readonly string[]) => FigureFigures;
  }
}

/** Draws looks of the bundles' clients anew, and swaps one accessory of each; the middle of many rounds of each. */
window.figureFigures = (bundles) => {
  const pairs = bundles.map(parseBundle).flatMap(looksAndSwaps);
  // The first pass over all looks only warms the page up.
  for (const [look] of pairs) middleOf(() => drawnOnce(look));
  const drawn = pairs.map(([look]) => middleOf(() => drawnOnce(look)));
  const updated = pairs.map(([look, swapped]) => {
    const { root } = mounted(look);
    let isSwapped = false;
    const took = middleOf(() => {
      isSwapped = !isSwapped;
      return timed(() => root.render(<Shown dressed={isSwapped ? swapped : look} />));
    });
    root.unmount();
    return took;
  });
  const scarves = bundles.map(parseBundle).flatMap(tiedLooks);
  return {
    draws: spreadOf(drawn),
    updates: spreadOf(updated),
    folded: spreadOf(scarves.flatMap(({ scarf, ways }) => ways.map((way) => foldedTime(scarf, way)))),
    ties: spreadOf(scarves.map(tieTime)),
  };
};

interface TiedLook {
  readonly look: Look;
  readonly scarf: Scarf;
  /** The usual way of every tie at the neck that its cloth can be folded for. */
  readonly ways: readonly TieSettings[];
}

/** The first base of a client with each of the scarves that can be tied. */
function tiedLooks({ client, pieces, bases }: Bundle): TiedLook[] {
  const [base] = bases;
  return pieces.flatMap((scarf) => {
    if (!isKind(scarf, "scarf") || !canBeTied(scarf)) return [];
    const look = sampleLook({
      client: { ...client, id: client.name },
      garments: pieces.filter(({ id }) => base?.pieceIds.includes(id)),
      accessories: [scarf],
    });
    const names = tieNames.filter((name) => tieSpec(name).place === "neck");
    const ways = names.flatMap((name) => usualWay(name, sidesOf(clothOf(scarf))) ?? []);
    return [{ look, scarf, ways }];
  });
}

function foldedTime(scarf: Scarf, way: TieSettings): number {
  const cloth = clothOf(scarf);
  const drawing = (
    <FoldedPicture
      folded={foldOf(cloth, way)}
      picture={picturedOn(scarf)}
      sides={sidesOf(cloth)}
      axis={namedFolds[way.fold].axis}
      view="front"
      paler={scarf.figures.paler}
      label="the fold"
    />
  );
  return middleOf(() => {
    const root = createRoot(document.body.appendChild(document.createElement("div")));
    const took = timed(() => root.render(drawing));
    root.unmount();
    return took;
  });
}

/** From one way of tying to the next, over and over: what was worked out before is known, as it is at the bench. */
function tieTime({ look, scarf, ways }: TiedLook): number {
  const { root } = mounted(dress(look));
  let at = 0;
  const took = middleOf(() => {
    const way = ways[(at += 1) % ways.length];
    return timed(() => {
      const adjustments = way ? adjust(look.adjustments, { kind: "tie", piece: scarf.id, ...way }) : [];
      const dressed = dress({ ...look, adjustments });
      readDressed(dressed);
      root.render(<Shown dressed={dressed} />);
    });
  });
  root.unmount();
  return took;
}

/** Each base under a set of its client's, and the same with another shoe. */
function looksAndSwaps({ client, pieces, bases, sets }: Bundle): [Dressed, Dressed][] {
  const named = (ids: readonly string[]) => pieces.filter(({ id }) => ids.includes(id));
  return bases.map((base, i) => {
    const accessories = named(sets[i % sets.length]?.pieceIds ?? []);
    const shoe = pieces.find(({ kind, id }) => kind === "shoe" && !accessories.some((one) => one.id === id));
    const swapped = [...accessories.filter(({ kind }) => kind !== "shoe"), ...(shoe ? [shoe] : [])];
    const worn = { client: { ...client, id: client.name }, garments: named(base.pieceIds) };
    return [
      dress(sampleLook({ ...worn, accessories })),
      dress(sampleLook({ ...worn, accessories: swapped })),
    ];
  });
}

function Shown({ dressed }: { readonly dressed: Dressed }) {
  return <Figure dressed={dressed} unit="cm" label="the look" />;
}

function mounted(dressed: Dressed) {
  const place = document.createElement("div");
  place.style.height = "640px";
  document.body.replaceChildren(place);
  const root = createRoot(place);
  const took = timed(() => root.render(<Shown dressed={dressed} />));
  return { root, took };
}

function drawnOnce(dressed: Dressed): number {
  const { root, took } = mounted(dressed);
  root.unmount();
  return took;
}

function timed(work: () => void): number {
  const from = performance.now();
  flushSync(work);
  return performance.now() - from;
}

function middleOf(work: () => number): number {
  const taken = Array.from({ length: rounds }, work);
  return spreadOf(taken).middle;
}

function spreadOf(taken: readonly number[]): Spread {
  const sorted = [...taken].sort((a, b) => a - b);
  return { middle: sorted[Math.floor(sorted.length / 2)] ?? 0, slowest: sorted.at(-1) ?? 0 };
}
