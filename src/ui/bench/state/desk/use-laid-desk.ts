import { useEffect, useMemo, useState } from "react";
import { useStore } from "zustand";
import type { BenchSource } from "@/core/studio/bench-source";
import type { LookWords } from "@/core/studio/look-record";
import type { LookStep } from "@/core/studio/look-steps";
import { layOut, pieceOf } from "@/core/studio/wardrobe";
import { useWorkers } from "../../../workers/use-workers";
import { useAnswers } from "../use-answers";
import { useJudging, type JudgementActions } from "../use-judging";
import type { LookActions } from "../look-actions";
import { useDeclined, type DecliningActions } from "../use-declined";
import { useKeeping } from "../use-keeping";
import { useDraftScope } from "../../../kit/draft-scope";
import { keptSince } from "../this-page";
import { readWaiting } from "../waiting-looks";
import { createBenchStore, type BenchState } from "./bench-store";
import { nextStation } from "@/core/reading/next-station";
import { benchSteps, keyOf, type BenchSteps } from "./steps";
import type { Desk } from "./use-desk";
import { useLookSteps } from "./use-look-steps";
import { standingLook, useShownLook } from "./use-shown-look";

interface DeskActions {
  readonly looks: LookActions;
  readonly judgement: JudgementActions;
  readonly declines: DecliningActions;
}

/** Lays a bench out: one store, one look dressed and read once for whatever shows it, one worker beside it. */
export function useLaidDesk(
  source: BenchSource,
  { looks, judgement, declines }: DeskActions,
): Omit<Desk, "toClient" | "openLook"> {
  const [store] = useState(() => createBenchStore(source));
  const steps = useMemo(() => benchSteps(store, source), [store, source]);
  const state = useStore(store);
  const { look: benchLook, active, words, steps: taken } = state;
  const key = useMemo(() => keyOf(benchLook, source), [benchLook, source]);
  const look = useMemo(() => layOut(source, key), [source, key]);
  const { wardrobe, ...declining } = useDeclined(source, declines);
  const workers = useWorkers(wardrobe);
  const { holding, judging, refusal } = useJudging({ source, judgement, look: benchLook, key, workers });

  const named = useMemo(() => (id: string) => pieceOf(source, id), [source]);
  const asIs = useMemo(() => standingLook(look, holding), [look, holding]);
  const { level } = asIs.reading;
  const answers = useAnswers(workers, key, active, { ...narrowing(state, source), named, level });
  const { shown, layers, supposed } = useShownLook(
    { source, look, asIs, holding },
    state,
    answers.candidates,
  );
  const record = useMemo(() => {
    const { verdict, score } = asIs.standing;
    const read = { verdict, score, ruleBookVersion: source.client.ruleBook.version };
    return { ...benchLook, ...(words.get(benchLook.id) ?? unnamed), clientId: source.client.id, read };
  }, [benchLook, words, source, asIs]);
  const newest = taken.get(benchLook.id) ?? noSteps;
  const { keeping, keeper } = useKeeping(source, record, newest, source.kept ? looks.save : null);
  useLookSteps({ source, store, steps }, keeper, looks.stepsOf);
  useLooksToTakeIn(source, steps, keeping.state === "apart");
  const isShown = shown === asIs && !supposed;
  const next = useMemo(() => nextStation(shown.dressed, shown.reading.findings), [shown]);
  return {
    source,
    store,
    steps,
    workers,
    key,
    look,
    ...(supposed ?? shown),
    otherwise: supposed && shown.reading,
    layers,
    isShown,
    next,
    answers,
    judging,
    declining,
    refusal,
    keeping,
    keeper,
    named,
  };
}

/** Takes in what this browser kept of the client's looks; opens the choice where two pages kept one of them. */
function useLooksToTakeIn(source: BenchSource, steps: BenchSteps, isApart: boolean): void {
  const madeBy = useDraftScope();
  useEffect(() => {
    if (isApart) steps.open("apart");
  }, [isApart, steps]);
  useEffect(() => {
    if (!source.kept) return;
    const waiting = [...keptSince(source, madeBy), ...readWaiting(madeBy, source.client.id)];
    if (waiting.length > 0) steps.takeIn(waiting, new URLSearchParams(location.search).get("look"));
  }, [source, steps, madeBy]);
}

/** What of the candidates the tray shows. */
function narrowing(
  { beyond, filter, whose, family, metal, rest }: BenchState,
  { kit, lastWorn, today }: BenchSource,
) {
  return { beyond, filter, whose, family, metal, rest, kit, lastWorn, today };
}

const noSteps: readonly LookStep[] = [];
const unnamed: LookWords = { name: "", note: "" };
