import { chainDrop, necklaceDrop } from "../chain/drop";
import type { Body } from "../body/body";
import { adjustmentOn, adjustmentsOf, asWorn, type Adjustment } from "../piece/adjustment";
import type { Look } from "../piece/look";
import type { PieceOf } from "../piece/piece";
import { tiedOn } from "../piece/tied-scarf";
import { neckEdgeOf, type NeckEdge } from "./neckline";

/** A necklace as it hangs; drops below the side neck points in cm. */
export interface HungNecklace {
  readonly necklace: PieceOf<"necklace">;
  /** Lowest points from the highest loop to the lowest; two when it is doubled. */
  readonly drops: readonly number[];
  readonly lowest: number;
}

/** What is at the neck: the garment's edge, chains as they hang, a scarf. */
export interface WornNeck {
  /** The edge nearest the face; null when no garment has one. */
  readonly edge: NeckEdge | null;
  readonly necklaces: readonly HungNecklace[];
  readonly scarf: PieceOf<"scarf"> | null;
  /** Lower edge of a scarf tied high, below the side neck points, cm; null without one. */
  readonly scarfBelow: number | null;
}

/** How far a scarf tied at the neck reaches down before its ends fall, cm. */
const scarfReach = {
  "tied at the front": 6,
  "tied at the side": 6,
  wrapped: 9,
  draped: null,
  "tied as a bow": 4,
} as const;
/** A loop wound twice lies a little higher the first time round, cm. */
const innerLoop = 1.5;

/** Measures what is at the neck of a look. */
export function wornNeckOf(look: Look, body: Body): WornNeck {
  const girth = body.measures.neck.cm;
  const edges = look.garments.flatMap((piece) => {
    const own = adjustmentsOf(look.adjustments, piece.id);
    return own.some(({ kind }) => kind === "round-shoulders") ? [] : (neckEdgeOf(asWorn(piece, own)) ?? []);
  });
  const laidOver = edges.find(({ piece }) => adjustmentOn(look.adjustments, "collar-over", piece.id));
  return {
    edge: laidOver ?? edges.sort((one, other) => one.below - other.below)[0] ?? null,
    necklaces: look.accessories
      .filter((piece) => piece.kind === "necklace")
      .map((necklace) => hang(necklace, girth, look.adjustments))
      .sort((one, other) => one.lowest - other.lowest),
    ...scarfAt(look, body),
  };
}

/** The scarf at the neck, and how far what lies high of it reaches; none where it is tied elsewhere. */
function scarfAt({ accessories, adjustments }: Look, body: Body): Pick<WornNeck, "scarf" | "scarfBelow"> {
  const scarf = accessories.find((piece) => piece.kind === "scarf") ?? null;
  const tie = scarf && adjustmentOn(adjustments, "tie", scarf.id);
  if (!scarf || !tie) return { scarf, scarfBelow: scarf && scarfReach[scarf.figures.worn] };
  const { answer } = tiedOn(scarf, tie, body);
  if (!answer.possible) return { scarf, scarfBelow: null };
  const { place, edge } = answer.tied.spec;
  return place === "neck" ? { scarf, scarfBelow: edge } : { scarf: null, scarfBelow: null };
}

function hang(
  necklace: PieceOf<"necklace">,
  girth: number,
  adjustments: readonly Adjustment[],
): HungNecklace {
  const double = adjustmentOn(adjustments, "double", necklace.id);
  const { figures } = double ? asWorn(necklace, [double]) : necklace;
  const lowest = necklaceDrop(figures, girth);
  const drops = double ? [Math.max(0, chainDrop(figures.loop, girth) - innerLoop), lowest] : [lowest];
  return { necklace, drops, lowest };
}
