import { flushSync } from "react-dom";
import { createRoot } from "react-dom/client";
import { dress } from "../src/core/dressing/dress";
import type { Dressed } from "../src/core/dressing/dressed";
import { parseBundle, type Bundle } from "../src/core/formats/bundle";
import { sampleLook } from "../src/core/testing/sample";
import { Figure } from "../src/ui/drawing/figure/figure";

/** What drawing the figure takes in a page, ms: the middle and the slowest of ten looks. */
export interface FigureFigures {
  readonly draws: Spread;
  readonly updates: Spread;
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
  return { draws: spreadOf(drawn), updates: spreadOf(updated) };
};

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
