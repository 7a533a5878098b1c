"use client";

import { useState } from "react";
import { useController } from "react-hook-form";
import { familyOf } from "@/core/colour/family";
import { parseColour } from "@/core/colour/parse-colour";
import { shadeOf } from "@/core/colour/shade";
import { sayWith } from "@/words/say";
import { kitWords } from "@/words/kit";
import { controlOf, Field } from "./field";

interface Props {
  readonly name: string;
  readonly label: string;
  readonly className?: string | undefined;
  /** What an emptied field sends where a colour need not be said. */
  readonly empty?: null | undefined;
}

const hex = /^#[0-9a-f]{6}$/;

/** An empty box with a stroke through it: the picker always holds a colour, and shows none until one is there. */
const noColour =
  "bg-[linear-gradient(to_top_right,transparent_48%,var(--rule-strong)_48%,var(--rule-strong)_52%,transparent_52%)] [&::-webkit-color-swatch]:opacity-0 [&::-moz-color-swatch]:opacity-0";

/** A colour by its name, pasted from elsewhere or picked, with the family it belongs to; the value is hex. */
export function ColourField({ name, label, className, empty }: Props) {
  const {
    field: { ref, ...field },
    fieldState,
  } = useController({ name });
  const value = String(field.value ?? "");
  const [own, setOwn] = useState({ value, text: value });
  // A colour that came from elsewhere takes the place of what was typed.
  const { text } = own.value === value ? own : { text: value };
  if (own.value !== value) setOwn({ value, text });
  const whole = hex.test(value);
  const fault = fieldState.error?.message;
  const help = whole
    ? `${familyOf(shadeOf(value))}${text === value ? "" : `, ${value}`}`
    : empty === null && value === ""
      ? kitWords.colourNotSaid
      : kitWords.aNameSuchAsNavy;
  const control = controlOf(name, fault, help);
  return (
    <Field {...{ name, label, help, fault, className }}>
      <span className="flex">
        <input
          type="color"
          aria-label={sayWith(kitWords.pick, { label })}
          className={`h-9 w-10 shrink-0 cursor-pointer touch:size-11 border border-r-0 border-rule-strong bg-white p-1 ${whole ? "" : noColour}`}
          value={whole ? value : "#808080"}
          onChange={(event) => field.onChange(event.target.value)}
        />
        <input
          {...control}
          ref={ref}
          className={`${control.className} tabular`}
          spellCheck={false}
          autoComplete="off"
          value={text}
          onBlur={field.onBlur}
          onChange={(event) => {
            const typed = event.target.value;
            const next = parseColour(typed) ?? typed.trim();
            setOwn({ value: next, text: typed });
            field.onChange(next === "" && empty === null ? empty : next);
          }}
        />
      </span>
    </Field>
  );
}
