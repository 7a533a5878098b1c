import { useMemo, useState } from "react";
import { useStore } from "zustand";
import { dress } from "@/core/dressing/dress";
import { swap, wear, type Look } from "@/core/piece/look";
import type { Piece } from "@/core/piece/piece";
import { stacks, type Slot } from "@/core/piece/slots";
import { apply } from "@/core/reading/change";
import { readDressed } from "@/core/reading/read";
import { standingOf } from "@/core/reading/standing";
import type { BenchSource } from "@/core/studio/bench-source";
import { layOut, pieceOf } from "@/core/studio/wardrobe";
import { useCounsel } from "../../counsel/use-counsel";
import { useAnswers } from "../use-answers";
import { useJudging, type JudgementActions } from "../use-judging";
import { useKeeping, type SaveLook } from "../use-keeping";
import { createBenchStore } from "./bench-store";
import { benchSteps, keyOf } from "./steps";
import type { Desk } from "./use-desk";

interface DeskActions {
  readonly saveLook: SaveLook;
  readonly judgement: JudgementActions;
}

/** Lays a bench out: one store, one look dressed and read once for whatever shows it, one worker beside it. */
export function useLaidDesk(
  source: BenchSource,
  { saveLook, judgement }: DeskActions,
): Omit<Desk, "toClient" | "openLook"> {
  const [store] = useState(() => createBenchStore(source.start));
  const steps = useMemo(() => benchSteps(store, source), [store, source]);
  const { look: benchLook, active, cursor, tried, filter } = useStore(store);
  const key = useMemo(() => keyOf(benchLook, source), [benchLook, source]);
  const look = useMemo(() => layOut(source, key), [source, key]);
  const advisor = useCounsel(source);
  const answers = useAnswers(advisor, key, active, filter);
  const { holding, judging, refusal } = useJudging({ source, judgement, look: benchLook, key, advisor });

  const asIs = useMemo(() => {
    const dressed = dress(look);
    const reading = readDressed(dressed);
    return { dressed, reading, standing: standingOf(reading, holding) };
  }, [look, holding]);
  const candidate = cursor === null ? undefined : answers.candidates[cursor]?.pieceId;
  const shown = useMemo(() => {
    const piece = candidate === undefined ? undefined : pieceOf(source, candidate);
    const other = tried ? apply(look, tried) : piece ? withPiece(look, piece, active) : null;
    if (!other) return asIs;
    const dressed = dress(other);
    const reading = readDressed(dressed);
    return { dressed, reading, standing: standingOf(reading, holding) };
  }, [tried, candidate, source, look, active, asIs, holding]);

  const keeping = useKeeping(
    useMemo(() => {
      const { verdict, score } = asIs.standing;
      const ruleBookVersion = source.client.ruleBook.version;
      return { ...benchLook, clientId: source.client.id, read: { verdict, score, ruleBookVersion } };
    }, [benchLook, source, asIs]),
    source.kept ? saveLook : null,
  );
  const named = useMemo(() => (id: string) => pieceOf(source, id), [source]);
  const isShown = shown === asIs;
  return {
    source,
    store,
    steps,
    advisor,
    key,
    look,
    ...shown,
    isShown,
    answers,
    judging,
    refusal,
    keeping,
    named,
  };
}

function withPiece(look: Look, piece: Piece, slot: Slot): Look {
  return stacks(slot) ? wear(look, piece) : swap(look, slot, piece);
}
