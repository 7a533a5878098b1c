import { useMemo } from "react";
import { dress } from "@/core/dressing/dress";
import type { Look } from "@/core/piece/look";
import { apply } from "@/core/reading/change";
import { layersOfDay } from "@/core/reading/layers-of-day";
import { readDressed } from "@/core/reading/read";
import { standingOf } from "@/core/reading/standing";
import { lookIf } from "@/core/reading/what-if";
import { putOn } from "@/core/search/rank";
import type { BenchSource } from "@/core/studio/bench-source";
import type { Overruling } from "@/core/studio/overruling";
import { pieceOf } from "@/core/studio/wardrobe";
import type { RankedPiece } from "@/workers/answers";
import type { BenchState } from "./bench-store";

type Overrulings = readonly Overruling[];

/** A look dressed and read, and how it stands with what the stylist overruled. */
export type StandingLook = ReturnType<typeof standingLook>;

export function standingLook(look: Look, overrulings: Overrulings) {
  const dressed = dress(look);
  const reading = readDressed(dressed);
  return { dressed, reading, standing: standingOf(reading, overrulings) };
}

interface OnTheBench {
  readonly source: BenchSource;
  readonly look: Look;
  /** The look as it is, without what is only tried or supposed. */
  readonly asIs: StandingLook;
  /** What is overruled of this look. */
  readonly holding: Overrulings;
}

/**
 * What the bench shows of a look: with the candidate or the change that is tried on; without its layers, one after
 * another; and as it would be under what is supposed of the day, null where nothing is.
 */
export function useShownLook(
  { source, look, asIs, holding }: OnTheBench,
  { active, cursor, tried, whatIf, layersOff }: BenchState,
  candidates: readonly RankedPiece[],
) {
  const candidate = cursor === null ? undefined : candidates[cursor];
  const shown = useMemo(() => {
    const piece = candidate && pieceOf(source, candidate.pieceId);
    const on = piece && putOn(look, active, piece);
    const previewed = on && candidate.also ? apply(on, candidate.also) : on;
    const other = tried ? apply(look, tried) : previewed;
    return other ? standingLook(other, holding) : asIs;
  }, [tried, candidate, source, look, active, asIs, holding]);
  const layers = useMemo(
    () =>
      layersOfDay(look).map(({ off, look: other }, i) => ({
        off,
        look: other,
        standing: i === 0 ? asIs.standing : standingLook(other, holding).standing,
      })),
    [look, asIs, holding],
  );
  const supposed = useMemo(() => {
    const of = shown.dressed.look;
    const other = layersOff > 0 ? layersOfDay(of)[layersOff]?.look : whatIf && lookIf(of, whatIf);
    return other ? standingLook(other, holding) : null;
  }, [whatIf, layersOff, shown, holding]);
  return { shown, layers, supposed };
}
