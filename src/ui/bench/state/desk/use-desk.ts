import { createContext, useContext } from "react";
import { useStore } from "zustand";
import type { Dressed } from "@/core/dressing/dressed";
import type { Look } from "@/core/piece/look";
import type { Piece } from "@/core/piece/piece";
import type { LayerState } from "@/core/reading/layers-of-day";
import type { Next } from "@/core/reading/next-station";
import type { Reading } from "@/core/reading/read";
import type { Standing } from "@/core/reading/standing";
import type { BenchSource } from "@/core/studio/bench-source";
import { stepAfter, stepBefore, type LookStep } from "@/core/studio/look-steps";
import type { LookKey } from "@/core/studio/wardrobe";
import type { Workers } from "../../../workers/use-workers";
import type { BenchAnswers } from "../use-answers";
import type { Declining } from "../use-declined";
import type { Judging } from "../../parts/finding-row";
import type { Keeper, Keeping } from "../keeper";
import type { BenchState, BenchStore } from "./bench-store";
import type { BenchSteps } from "./steps";

/** What lies on the bench, worked out once for everything that shows it. */
export interface Desk {
  readonly source: BenchSource;
  readonly store: BenchStore;
  readonly steps: BenchSteps;
  readonly workers: Workers | null;
  /** The look as it is, by ids and laid out. */
  readonly key: LookKey;
  readonly look: Look;
  /** The look as it is shown: with the candidate or the change that is being tried. */
  readonly dressed: Dressed;
  readonly reading: Reading;
  readonly standing: Standing;
  /** While something is supposed of the occasion: how the same look reads otherwise, as things stand. */
  readonly otherwise: Reading | null;
  /** The look through the day: what has come off, and how it then stands; with everything on first. */
  readonly layers: readonly (LayerState & { readonly standing: Standing })[];
  /** Whether what is shown is the look as it is. */
  readonly isShown: boolean;
  /** The station that is best filled next. */
  readonly next: Next | null;
  readonly answers: BenchAnswers;
  readonly judging: Judging;
  readonly declining: Declining;
  /** Why the last judgement was not kept; null when it was. */
  readonly refusal: string | null;
  readonly keeping: Keeping;
  /** Null for a look from a file, which is not kept. */
  readonly keeper: Keeper | null;
  readonly named: (id: string) => Piece | undefined;
  /** Goes to another client's bench, and lays a look from a file on this one. */
  readonly toClient: (id: string) => void;
  readonly openLook: (source: BenchSource) => void;
}

const DeskContext = createContext<Desk | null>(null);
export const DeskProvider = DeskContext.Provider;

/** The bench this component stands at. @throws outside a bench */
export function useDesk(): Desk {
  const desk = useContext(DeskContext);
  if (!desk) throw new Error("there is no bench here");
  return desk;
}

/** Something of what a hand can change on the bench. */
export function useBenchState<T>(pick: (state: BenchState) => T): T {
  return useStore(useDesk().store, pick);
}

/** The steps of the look on the bench, the oldest first. */
export function useLookHistory(): readonly LookStep[] {
  return useBenchState(({ look, steps }) => steps.get(look.id)) ?? none;
}

const none: readonly LookStep[] = [];

/** Whether there is a step to undo, and one to do again. */
export function useHistory(): { readonly canUndo: boolean; readonly canRedo: boolean } {
  const steps = useLookHistory();
  const stepId = useBenchState(({ look }) => look.stepId);
  return { canUndo: stepBefore(steps, stepId) !== null, canRedo: stepAfter(steps, stepId) !== null };
}
