import { createContext, useContext } from "react";
import { useStore } from "zustand";
import type { Dressed } from "@/core/dressing/dressed";
import type { Look } from "@/core/piece/look";
import type { Piece } from "@/core/piece/piece";
import type { Reading } from "@/core/reading/read";
import type { Standing } from "@/core/reading/standing";
import type { BenchSource } from "@/core/studio/bench-source";
import type { LookKey } from "@/core/studio/wardrobe";
import type { Advisor } from "../../counsel/use-counsel";
import type { Answers } from "../use-answers";
import type { Judging } from "../finding-row";
import type { Keeping } from "../use-keeping";
import type { BenchState, BenchStore } from "./bench-store";
import type { BenchSteps } from "./steps";

/** What lies on the bench, worked out once for everything that shows it. */
export interface Desk {
  readonly source: BenchSource;
  readonly store: BenchStore;
  readonly steps: BenchSteps;
  readonly advisor: Advisor | null;
  /** The look as it is, by ids and laid out. */
  readonly key: LookKey;
  readonly look: Look;
  /** The look as it is shown: with the candidate or the change that is being tried. */
  readonly dressed: Dressed;
  readonly reading: Reading;
  readonly standing: Standing;
  /** Whether what is shown is the look as it is. */
  readonly isShown: boolean;
  readonly answers: Answers;
  readonly judging: Judging;
  /** Why the last judgement was not kept; null when it was. */
  readonly refusal: string | null;
  readonly keeping: Keeping;
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

/** Whether there is a step to undo, and one to do again. */
export function useHistory(): { readonly canUndo: boolean; readonly canRedo: boolean } {
  const { temporal } = useDesk().store;
  const canUndo = useStore(temporal, ({ pastStates }) => pastStates.length > 0);
  const canRedo = useStore(temporal, ({ futureStates }) => futureStates.length > 0);
  return { canUndo, canRedo };
}
