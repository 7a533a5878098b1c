import type { Dressed } from "@/core/dressing/dressed";
import { drawingWords } from "@/words/drawing";
import { apart } from "../apart";

/** A depth below the side neck points, cm. */
interface Drop {
  readonly label: string;
  readonly cm: number;
}

/** What the neck window shows either side of the plumb line, and below the side neck points, cm. */
export const neckView = { half: 26, down: 48 } as const;
/** Line height of a label, and what its two lines take with the air about them. */
export const neckLine = 2.6;
export const neckLabelTall = 2.4 * neckLine;

/** What is measured at the neck: the edges of cloth, and the chains from the shortest down. */
export function dropsOf({ neck, worn }: Dressed): {
  readonly edges: readonly Drop[];
  readonly chains: readonly Drop[];
} {
  const { edge, scarf, scarfBelow } = neck;
  const ends = scarf && worn.find(({ piece }) => piece === scarf)?.extent;
  const edges = [
    ...(edge && edge.below > 0 ? [{ label: "neckline", cm: edge.below }] : []),
    ...(scarf && scarfBelow !== null ? [{ label: drawingWords.scarfsEdge, cm: scarfBelow }] : []),
    ...(scarf && scarfBelow === null && ends
      ? [{ label: drawingWords.scarfsEnds, cm: ends.to - 5 - ends.from }]
      : []),
  ];
  const several = neck.necklaces.length > 1;
  const chains = neck.necklaces.flatMap(({ necklace, drops }) =>
    drops.map((cm, i) => ({
      label: several
        ? necklace.name.split(" ").slice(0, 2).join(" ")
        : drops.length > 1 && i === 0
          ? drawingWords.upperLoop
          : "drop",
      cm,
    })),
  );
  return { edges, chains };
}

/** A drop with the place of its line and of its label; `labelAt` is below the side neck points, cm. */
export interface PlacedDrop extends Drop {
  readonly x: number;
  readonly labelX: number;
  readonly anchor: "start" | "end";
  readonly labelAt: number;
}

const firstX = { edges: -16, chains: 11.5 } as const;
const step = 2.2;

/** Edges of cloth on the left and chains on the right, each label clear of the next. */
export function placeDrops(dressed: Dressed): PlacedDrop[] {
  const { edges, chains } = dropsOf(dressed);
  const room = { from: -2, to: neckView.down - neckLine - 1 };
  const edgesAt = apart(
    edges.map(({ cm }) => cm / 2),
    neckLabelTall,
    room,
  );
  const chainsAt = apart(
    chains.map(({ cm }) => cm - 1),
    neckLabelTall,
    room,
  );
  return [
    ...edges.map((drop, i): PlacedDrop => ({
      ...drop,
      x: firstX.edges + i * step,
      labelX: 0.8 - neckView.half,
      anchor: "start",
      labelAt: edgesAt[i] ?? 0,
    })),
    ...chains.map((drop, i): PlacedDrop => ({
      ...drop,
      x: firstX.chains + i * step,
      labelX: neckView.half - 0.8,
      anchor: "end",
      labelAt: chainsAt[i] ?? 0,
    })),
  ];
}
