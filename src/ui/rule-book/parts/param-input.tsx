"use client";

import { useState } from "react";
import { bareLength, trimmed } from "@/core/length/length";
import { parseLength } from "@/core/length/parse-length";
import { sayValue } from "@/core/reading/phrase";
import type { Param } from "@/core/rule-book/params";
import { sayWith } from "@/words/say";
import { ruleBookWords } from "@/words/rule-book";
import { useLengthUnit } from "../../kit/length-unit";

interface ParamInputProps {
  readonly spec: Param;
  /** The value set in this book; null where the default holds. */
  readonly value: number | null;
  /** Null goes back to the default. */
  readonly onChange: (value: number | null) => void;
}

/** One figure of a rule: empty is the default, which stands in it in grey. */
export function ParamInput({ spec, value, onChange }: ParamInputProps) {
  const unit = useLengthUnit();
  const show = (of: number) => (spec.unit === "cm" ? bareLength(of, unit) : trimmed(of, 3));
  const [text, setText] = useState(value === null ? "" : show(value));
  const [wrong, setWrong] = useState(false);
  const readText = (of: string) => (spec.unit === "cm" ? parseLength(of, unit) : numberOf(of));
  const [of, setOf] = useState(value);
  if (of !== value) {
    setOf(value);
    const said = text.trim() === "" ? null : readText(text);
    // Another book was taken up: what stands here is not what it says.
    if (said !== value && !(value === null && said === spec.value)) {
      setWrong(false);
      setText(value === null ? "" : show(value));
    }
  }
  return (
    <label className="grid grid-cols-[minmax(0,1fr)_5.5rem_6.5rem] items-center gap-2">
      <span>{spec.means}</span>
      <input
        inputMode="decimal"
        value={text}
        placeholder={show(spec.value)}
        aria-invalid={wrong}
        onChange={(event) => {
          const next = event.target.value;
          setText(next);
          const read = next.trim() === "" ? null : readText(next);
          setWrong(next.trim() !== "" && read === null);
          if (next.trim() === "" || read !== null) onChange(read === spec.value ? null : read);
        }}
        className={`tabular h-8 border bg-paper px-2 placeholder:text-ink-soft/70 ${wrong ? "border-thread" : "border-rule-strong"}`}
      />
      <span className="tabular text-tiny text-ink-soft">
        {wrong
          ? ruleBookWords.notANumber
          : value === null
            ? sayWith(ruleBookWords.defaultWord, { shown: sayValue(spec.value, spec.unit, unit) })
            : sayWith(ruleBookWords.defaultWordWord, { shown: sayValue(spec.value, spec.unit, unit) })}
      </span>
    </label>
  );
}

function numberOf(text: string): number | null {
  const value = Number(text.replace(",", ".").trim());
  return Number.isFinite(value) ? value : null;
}
