"use client";

import type { ReactNode } from "react";
import type { Occasion } from "@/core/piece/occasion";
import { levelWord } from "@/core/register/ladder";
import type { Reading, Verdict } from "@/core/reading/read";
import { verdicts } from "@/core/reading/read";
import type { Standing } from "@/core/reading/standing";
import type { RuleBook } from "@/core/rule-book/rule-book";
import type { KeptReading } from "@/core/studio/look-record";
import { Mark, wordOf } from "../kit/marks";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Keeping } from "./use-keeping";

interface Choice {
  readonly id: string;
  readonly name: string;
}

interface BriefProps {
  readonly clients: readonly Choice[];
  readonly clientId: string;
  readonly onClient: (id: string) => void;
  readonly occasions: readonly Occasion[];
  readonly occasion: Occasion | null;
  readonly onOccasion: (id: string | null) => void;
  readonly bases: readonly NamedPieces[];
  readonly baseId: string;
  readonly onBase: (id: string) => void;
  readonly ruleBook: RuleBook;
  /** What the look was read as when it was last kept; null when it never was. */
  readonly before: KeptReading | null;
  /** What the rules say. */
  readonly reading: Reading;
  /** What stands once the stylist's overrulings are set against it. */
  readonly standing: Standing;
  readonly own: Verdict | null;
  readonly onOwn: (verdict: Verdict) => void;
  readonly keeping: Keeping;
  readonly kept: boolean;
  readonly actions: ReactNode;
}

/** Who, what for, what is laid out; and on the right what the rules and the stylist make of it. */
export function Brief(props: BriefProps) {
  const { occasion, reading, standing } = props;
  const overruled = standing.overruled.some((overruling) => overruling !== null);
  return (
    <div className="flex items-stretch gap-3 border-b border-rule-strong bg-paper px-4 py-1.5">
      <Select
        label="Client"
        wide="max-w-29"
        value={props.clientId}
        options={props.clients}
        onChange={props.onClient}
      />
      <Select
        label="Occasion"
        value={occasion?.id ?? ""}
        options={[{ id: "", name: "none in particular" }, ...props.occasions]}
        onChange={(id) => props.onOccasion(id || null)}
      />
      <Select label="Base" value={props.baseId} options={props.bases} onChange={props.onBase} />
      <div className="hidden min-w-0 flex-1 flex-col justify-center text-tiny leading-tight text-ink-soft xl:flex">
        <span className="truncate">{occasion ? weatherOf(occasion) : "No weather, no dress code."}</span>
        <span className="truncate">
          {occasion ? `Asks ${levelWord(occasion.span.low)} to ${levelWord(occasion.span.high)}` : ""}
          {occasion && occasion.flags.length > 0 ? `; ${occasion.flags.join(", ")}` : ""}
        </span>
        <span className="truncate">
          Rule book: {props.ruleBook.name}, version {props.ruleBook.version}
          {props.before && props.before.ruleBookVersion !== props.ruleBook.version
            ? `; was ${wordOf(props.before.verdict)} ${Math.round(props.before.score)} by version ${props.before.ruleBookVersion}`
            : ""}
        </span>
      </div>
      <div className="ml-auto flex shrink-0 items-center gap-2.5">
        <KeptState keeping={props.keeping} kept={props.kept} />
        <div className="flex items-center gap-2 border-l border-rule pl-3" aria-live="polite">
          <Mark
            of={standing.verdict}
            className={`size-7 ${standing.verdict === "jars" ? "text-thread" : ""}`}
          />
          <span className="grid">
            <span className="flex items-center gap-2">
              <span className="font-serif text-title leading-none">{wordOf(standing.verdict)}</span>
              <span
                className="tabular w-9 text-right text-title leading-none font-medium"
                title="Score, 0 to 100"
              >
                {Math.round(standing.score)}
              </span>
            </span>
            {overruled && (
              <span className="tabular text-right text-tiny leading-none text-ink-soft">
                computed: {wordOf(reading.verdict)} {Math.round(reading.score)}
              </span>
            )}
          </span>
          <span className="tabular hidden w-20 text-tiny leading-tight text-ink-soft 2xl:block">
            {reading.level === null
              ? ""
              : `level ${Math.round(reading.level * 10) / 10}, ${levelWord(reading.level)}`}
          </span>
        </div>
        <div role="group" aria-label="Your own verdict" className="flex">
          {verdicts.map((verdict, i) => (
            <button
              key={verdict}
              type="button"
              aria-pressed={props.own === verdict}
              aria-label={`You say it ${wordOf(verdict)}`}
              title={`You say: ${wordOf(verdict)} (${i + 1})`}
              onClick={() => props.onOwn(verdict)}
              className={`flex h-9 w-9 items-center justify-center border border-l-0 border-rule-strong first:border-l ${props.own === verdict ? "bg-ink text-paper" : "bg-paper hover:bg-well"}`}
            >
              <Mark of={verdict} />
            </button>
          ))}
        </div>
        {props.actions}
      </div>
    </div>
  );
}

function weatherOf({ temperature, rain, wind, ground, light, onFoot }: Occasion): string {
  return `${temperature} \u00b0C, rain ${Math.round(rain * 100)} %, wind ${wind} m/s, ${ground}, ${light}, ${onFoot} min on foot`;
}

interface SelectProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Choice[];
  readonly onChange: (id: string) => void;
  readonly wide?: string;
}

function Select({ label, value, options, onChange, wide = "max-w-48" }: SelectProps) {
  return (
    <label className="flex min-w-16 shrink flex-col">
      <span className="text-tiny text-ink-soft">{label}</span>
      <select
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className={`h-7 w-full ${wide} min-w-0 truncate border-b border-rule-strong bg-transparent pr-5 font-serif text-body font-medium`}
      >
        {options.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Whether the look is kept, in words. */
function KeptState({ keeping, kept }: { readonly keeping: Keeping; readonly kept: boolean }) {
  const words = {
    kept: "kept",
    keeping: "keeping ...",
    waiting: "waiting for the server; kept in this browser",
    refused: "",
  } as const;
  const say = !kept
    ? "from a file, not kept"
    : keeping.state === "refused"
      ? `not kept: ${keeping.say}`
      : words[keeping.state];
  return (
    <span role="status" className="max-w-24 text-right text-tiny leading-tight text-ink-soft">
      {say}
    </span>
  );
}
