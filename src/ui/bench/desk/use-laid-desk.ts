import { useEffect, useMemo, useState } from "react";
import { useStore } from "zustand";
import { dress } from "@/core/dressing/dress";
import { apply } from "@/core/reading/change";
import { layersOfDay } from "@/core/reading/layers-of-day";
import { readDressed } from "@/core/reading/read";
import { lookIf } from "@/core/reading/what-if";
import { standingOf } from "@/core/reading/standing";
import { putOn } from "@/core/search/rank";
import type { BenchSource } from "@/core/studio/bench-source";
import type { LookStep } from "@/core/studio/look-steps";
import { layOut, pieceOf } from "@/core/studio/wardrobe";
import { useWorkers } from "../../workers/use-workers";
import { useAnswers } from "../use-answers";
import { useJudging, type JudgementActions } from "../use-judging";
import type { LookActions } from "../look-actions";
import { useDeclined, type DecliningActions } from "../use-declined";
import { useKeeping } from "../use-keeping";
import { useDraftScope } from "../../kit/draft-scope";
import { keptSince } from "../this-page";
import { readWaiting } from "../waiting-looks";
import { createBenchStore } from "./bench-store";
import { nextStation } from "@/core/reading/next-station";
import { benchSteps, keyOf } from "./steps";
import type { Desk } from "./use-desk";
import { useLookSteps } from "./use-look-steps";

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
  const { look: benchLook, active, cursor, tried, words, steps: taken } = state;
  const { beyond, filter, whose, family, metal, rest, whatIf, layersOff } = state;
  const key = useMemo(() => keyOf(benchLook, source), [benchLook, source]);
  const look = useMemo(() => layOut(source, key), [source, key]);
  const { wardrobe, ...declining } = useDeclined(source, declines);
  const workers = useWorkers(wardrobe);
  const { holding, judging, refusal } = useJudging({ source, judgement, look: benchLook, key, workers });

  const named = useMemo(() => (id: string) => pieceOf(source, id), [source]);
  const asIs = useMemo(() => {
    const dressed = dress(look);
    const reading = readDressed(dressed);
    return { dressed, reading, standing: standingOf(reading, holding) };
  }, [look, holding]);
  const { level } = asIs.reading;
  const { kit, lastWorn, today } = source;
  const answers = useAnswers(workers, key, active, {
    beyond,
    filter,
    whose,
    kit,
    family,
    metal,
    rest,
    lastWorn,
    today,
    named,
    level,
  });
  const candidate = cursor === null ? undefined : answers.candidates[cursor];
  const shown = useMemo(() => {
    const piece = candidate && pieceOf(source, candidate.pieceId);
    const on = piece && putOn(look, active, piece);
    const previewed = on && candidate.also ? apply(on, candidate.also) : on;
    const other = tried ? apply(look, tried) : previewed;
    if (!other) return asIs;
    const dressed = dress(other);
    const reading = readDressed(dressed);
    return { dressed, reading, standing: standingOf(reading, holding) };
  }, [tried, candidate, source, look, active, asIs, holding]);
  const layers = useMemo(
    () =>
      layersOfDay(look).map(({ off, look: other }, i) => ({
        off,
        look: other,
        standing: i === 0 ? asIs.standing : standingOf(readDressed(dress(other)), holding),
      })),
    [look, asIs, holding],
  );
  const supposed = useMemo(() => {
    const of = shown.dressed.look;
    const other = layersOff > 0 ? layersOfDay(of)[layersOff]?.look : whatIf && lookIf(of, whatIf);
    if (!other) return null;
    const dressed = dress(other);
    const reading = readDressed(dressed);
    return { dressed, reading, standing: standingOf(reading, holding) };
  }, [whatIf, layersOff, shown, holding]);

  const record = useMemo(() => {
    const { verdict, score } = asIs.standing;
    const ruleBookVersion = source.client.ruleBook.version;
    const { name, note } = words.get(benchLook.id) ?? { name: "", note: "" };
    const read = { verdict, score, ruleBookVersion };
    return { ...benchLook, name, note, clientId: source.client.id, read };
  }, [benchLook, words, source, asIs]);
  const newest = taken.get(benchLook.id) ?? noSteps;
  const madeBy = useDraftScope();
  const { keeping, keeper } = useKeeping(source, record, newest, source.kept ? looks.save : null);
  useLookSteps({ source, store, steps }, keeper, looks.stepsOf);
  const isApart = keeping.state === "apart";
  useEffect(() => {
    if (isApart) steps.open("apart");
  }, [isApart, steps]);
  useEffect(() => {
    if (!source.kept) return;
    const waiting = [...keptSince(source, madeBy), ...readWaiting(madeBy, source.client.id)];
    if (waiting.length > 0) steps.takeIn(waiting, new URLSearchParams(location.search).get("look"));
  }, [source, steps, madeBy]);
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

const noSteps: readonly LookStep[] = [];
