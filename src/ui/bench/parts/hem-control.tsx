"use client";

import { Minus, Plus } from "lucide-react";
import type { ReactNode } from "react";
import { sayLength } from "@/core/length/length";
import { adjustmentOn, type Turn } from "@/core/piece/adjustment";
import { isLegged, type Legged } from "@/core/piece/piece";
import { wornSo } from "@/core/reading/change";
import { faultOf } from "@/core/rules/registry";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { useLengthUnit } from "../../kit/length-unit";
import { Segments } from "../../kit/segments";
import { TextButton } from "../../kit/text-button";
import { sayWay } from "../words/change-words";
import { useDesk } from "../state/desk/use-desk";

const step = 0.5;
const [shallowest, deepest] = [1, 12];
const initialDepth = { 1: 4, 2: 3 } as const;

/** What is done to the hem: turn-up, tuck, and the turn-up that suits the pair best. */
export function HemControl() {
  const { look, dressed, steps } = useDesk();
  const trousers = look.garments.find(isLegged);
  if (!trousers) return null;
  const turn = adjustmentOn(look.adjustments, "turn", trousers.id);
  const tucked = adjustmentOn(look.adjustments, "tuck-into-boot", trousers.id);
  const piece = trousers.id;
  const ways = [
    {
      value: "as cut",
      shown: benchWords.asCutLabel,
      change: { kind: "undo", way: "turn", piece } as const,
    },
    ...([1, 2] as const).map((count) => ({
      value: String(count),
      shown: count === 1 ? "Once" : "Twice",
      change: wornSo({ kind: "turn", piece, count, depth: initialDepth[count] }),
    })),
    ...(dressed.leg?.isBoot
      ? [{ value: "boot", shown: benchWords.inBoot, change: wornSo({ kind: "tuck-into-boot", piece }) }]
      : []),
  ];
  return (
    <>
      <Segments
        label={benchWords.hem}
        segments={ways}
        value={tucked ? "boot" : turn ? String(turn.count) : "as cut"}
        onChange={(value) => {
          const way = ways.find((each) => each.value === value);
          if (way) steps.change(way.change);
        }}
      />
      {turn && <Depth turn={turn} />}
      <TextButton onClick={() => steps.open("tailor")} className="mt-1.5">
        {benchWords.askTheTailorOrMeasure}
      </TextButton>
      {dressed.leg && <Best trousers={trousers} turn={turn} />}
    </>
  );
}

function Depth({ turn }: { readonly turn: Turn }) {
  const unit = useLengthUnit();
  const { steps } = useDesk();
  const turnBy = (depth: number) => steps.change(wornSo({ ...turn, depth }));
  return (
    <div className="mt-1.5 flex items-center justify-between">
      <Stepper
        label={benchWords.shallowerTurn}
        onClick={() => turnBy(Math.max(shallowest, turn.depth - step))}
      >
        <Minus className="size-3.5" aria-hidden="true" />
      </Stepper>
      <output className="tabular font-medium">
        {sayWith(benchWords.eachTurn, { depth: sayLength(turn.depth, unit) })}
      </output>
      <Stepper label={benchWords.deeperTurn} onClick={() => turnBy(Math.min(deepest, turn.depth + step))}>
        <Plus className="size-3.5" aria-hidden="true" />
      </Stepper>
    </div>
  );
}

function Best({ trousers, turn: current }: { readonly trousers: Legged; readonly turn: Turn | null }) {
  const unit = useLengthUnit();
  const { answers, steps } = useDesk();
  if (!answers.turnUp) return null;
  const { best, because, pressed } = answers.turnUp;
  if (!best && pressed) return <p className="mt-1.5 text-ink-soft">{benchWords.pressedClothIsNotRolled}</p>;
  if (!best) {
    const reasons = [...new Set(because)].map(faultOf);
    return (
      <p className="mt-1.5 text-ink-soft">
        {sayWith(benchWords.noTurnUpSuitsThis, { reasons: reasons.join("; ") })}
      </p>
    );
  }
  const { turn } = best;
  const same =
    turn === null ? current === null : current?.count === turn.count && current.depth === turn.depth;
  if (same) return <p className="mt-1.5 text-ink-soft">{benchWords.thisIsTheBestHem}</p>;
  return (
    <button
      type="button"
      className="mt-1.5 min-h-7 w-full border border-dashed border-thread bg-paper px-1.5 text-left font-medium hover:bg-well"
      onClick={() => steps.change(turn ? wornSo(turn) : { kind: "undo", way: "turn", piece: trousers.id })}
    >
      {benchWords.best} {turn ? sayWay(turn, "done", unit, "") : benchWords.asCut}
    </button>
  );
}

interface StepperProps {
  readonly label: string;
  readonly onClick: () => void;
  readonly children: ReactNode;
}

function Stepper({ label, onClick, children }: StepperProps) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onClick}
      className="flex size-7 items-center justify-center border border-rule-strong hover:bg-well"
    >
      {children}
    </button>
  );
}
