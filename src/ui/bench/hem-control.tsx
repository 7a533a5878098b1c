"use client";

import { Minus, Plus } from "lucide-react";
import type { Dressed } from "@/core/dressing/dressed";
import { isTucked } from "@/core/dressing/extent";
import { sayLength } from "@/core/length/length";
import { isLegged } from "@/core/piece/piece";
import type { Change } from "@/core/reading/change";
import type { TurnUpAnswer } from "@/core/reading/turn-ups";
import { ruleOf } from "@/core/rules/registry";
import { useLengthUnit } from "../kit/length-unit";
import { sayTurn } from "./change-words";

interface HemControlProps {
  readonly dressed: Dressed;
  readonly turnUp: TurnUpAnswer | null;
  readonly onChange: (change: Change) => void;
  readonly onTailor: () => void;
}

const step = 0.5;
const initialDepth = { 1: 4, 2: 3 } as const;

/** What is done to the hem and the top: turn-up, tuck, and the turn-up that suits the pair best. */
export function HemControl({ dressed, turnUp, onChange, onTailor }: HemControlProps) {
  const unit = useLengthUnit();
  const { look, leg } = dressed;
  const trousers = look.garments.find(isLegged);
  const top = look.garments.find((piece) => piece.kind === "top");
  const turn = look.adjustments.find((adjustment) => adjustment.kind === "turn");
  const tucked = look.adjustments.some((adjustment) => adjustment.kind === "tuck-into-boot");
  if (!trousers && !top) return null;
  const count = tucked ? "boot" : (turn?.count ?? 0);
  return (
    <div>
      {trousers && (
        <>
          <div role="group" aria-label="Hem" className="flex">
            <Choice on={count === 0} onClick={() => onChange({ kind: "unturn", piece: trousers.id })}>
              As cut
            </Choice>
            {([1, 2] as const).map((n) => (
              <Choice
                key={n}
                on={count === n}
                onClick={() =>
                  onChange({ kind: "turn", piece: trousers.id, count: n, depth: initialDepth[n] })
                }
              >
                {n === 1 ? "Once" : "Twice"}
              </Choice>
            ))}
            {leg?.isBoot && (
              <Choice on={tucked} onClick={() => onChange({ kind: "tuck-into-boot", piece: trousers.id })}>
                In boot
              </Choice>
            )}
          </div>
          {turn && !tucked && (
            <div className="mt-1.5 flex items-center justify-between">
              <Stepper
                label="Shallower turn"
                onClick={() => onChange({ ...turn, depth: Math.max(1, turn.depth - step) })}
              >
                <Minus className="size-3.5" aria-hidden="true" />
              </Stepper>
              <output className="tabular font-medium">each turn {sayLength(turn.depth, unit)}</output>
              <Stepper
                label="Deeper turn"
                onClick={() => onChange({ ...turn, depth: Math.min(12, turn.depth + step) })}
              >
                <Plus className="size-3.5" aria-hidden="true" />
              </Stepper>
            </div>
          )}
          <button
            type="button"
            onClick={onTailor}
            className="mt-1.5 underline decoration-rule-strong underline-offset-2 hover:decoration-ink"
          >
            Ask the tailor, or measure this hem
          </button>
          {leg && turnUp && (
            <Best turnUp={turnUp} current={turn ?? null} onChange={onChange} trousers={trousers.id} />
          )}
        </>
      )}
      {top && (
        <div role="group" aria-label="Top" className="mt-1.5 flex">
          <Choice
            on={!isTucked(top, look.adjustments)}
            onClick={() => onChange({ kind: "wear-out", piece: top.id })}
          >
            Top out
          </Choice>
          <Choice
            on={isTucked(top, look.adjustments)}
            onClick={() => onChange({ kind: "tuck-in", piece: top.id })}
          >
            Tucked in
          </Choice>
        </div>
      )}
    </div>
  );
}

interface BestProps extends Pick<HemControlProps, "onChange"> {
  readonly turnUp: TurnUpAnswer;
  readonly current: { readonly count: number; readonly depth: number } | null;
  readonly trousers: string;
}

function Best({ turnUp, current, onChange, trousers }: BestProps) {
  const unit = useLengthUnit();
  const { best, because } = turnUp;
  if (!best) {
    const reasons = [...new Set(because)].map((id) => ruleOf(id)?.title.toLowerCase() ?? id);
    return <p className="mt-1.5 text-ink-soft">No turn-up suits this pair: {reasons.join("; ")}.</p>;
  }
  const { turn } = best;
  const same =
    turn === null ? current === null : current?.count === turn.count && current.depth === turn.depth;
  if (same) return <p className="mt-1.5 text-ink-soft">This is the best hem for the pair.</p>;
  return (
    <button
      type="button"
      className="mt-1.5 min-h-7 w-full border border-dashed border-thread bg-paper px-1.5 text-left font-medium hover:bg-well"
      onClick={() => onChange(turn ?? { kind: "unturn", piece: trousers })}
    >
      Best: {turn ? sayTurn(turn, unit).toLowerCase() : "as cut"}
    </button>
  );
}

function Choice({
  on,
  onClick,
  children,
}: {
  readonly on: boolean;
  readonly onClick: () => void;
  readonly children: string;
}) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onClick}
      className={`h-7 flex-1 border border-l-0 border-rule-strong px-1 first:border-l ${on ? "bg-ink text-paper" : "bg-paper hover:bg-well"}`}
    >
      {children}
    </button>
  );
}

function Stepper({
  label,
  onClick,
  children,
}: {
  readonly label: string;
  readonly onClick: () => void;
  readonly children: React.ReactNode;
}) {
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
