"use client";

import { useState } from "react";
import { useController } from "react-hook-form";
import { bareLength } from "@/core/length/length";
import { parseLength } from "@/core/length/parse-length";
import { useLengthUnit } from "../length-unit";
import { controlOf, Field } from "./field";

interface Props {
  readonly name: string;
  readonly label: string;
  readonly help?: string | undefined;
  readonly className?: string | undefined;
  readonly suffix?: string | undefined;
  readonly placeholder?: string | undefined;
  /** What an emptied field sends: null, or nothing at all. */
  readonly empty?: null | undefined;
  readonly onFocus?: (() => void) | undefined;
}

interface Reading {
  /** The text of a value when the form opens. */
  readonly show: (value: number) => string;
  /** The value of a text; null when it is none, and then the text itself is sent, for the server to name. */
  readonly read: (text: string) => number | null;
}

function NumberInput({
  name,
  label,
  help,
  className,
  suffix,
  placeholder,
  empty,
  onFocus,
  show,
  read,
}: Props & Reading) {
  const {
    field: { ref, ...field },
    fieldState,
  } = useController({ name });
  const [text, setText] = useState(() => textOf(field.value, show));
  const fault = fieldState.error?.message;
  const control = controlOf(name, fault, help);
  return (
    <Field {...{ name, label, help, fault, className }}>
      <span className="relative">
        <input
          {...control}
          className={`${control.className} tabular ${suffix ? "pr-9" : ""}`}
          ref={ref}
          inputMode="decimal"
          autoComplete="off"
          value={text}
          placeholder={placeholder}
          onBlur={field.onBlur}
          onFocus={onFocus}
          onChange={(event) => {
            const next = event.target.value;
            setText(next);
            field.onChange(next.trim() === "" ? empty : (read(next) ?? next));
          }}
        />
        {suffix && (
          <span
            aria-hidden="true"
            className="pointer-events-none absolute inset-y-0 right-2.5 flex items-center text-ink-soft"
          >
            {suffix}
          </span>
        )}
      </span>
    </Field>
  );
}

/** What stands in a field when it opens: a figure as it is shown, or a text that was no figure. */
function textOf(value: unknown, show: Reading["show"]): string {
  if (typeof value === "number") return show(value);
  return typeof value === "string" ? value : "";
}

/** A length, written in cm or inches; the value is cm. */
export function LengthField(props: Props) {
  const unit = useLengthUnit();
  return (
    <NumberInput
      {...props}
      suffix={unit}
      show={(cm) => bareLength(cm, unit)}
      read={(text) => parseLength(text, unit)}
    />
  );
}

/** A plain number; `scale` is how many of what is shown make one of what is kept, as 100 for a percentage. */
export function NumberField({ scale = 1, ...props }: Props & { readonly scale?: number }) {
  return (
    <NumberInput
      {...props}
      show={(value) => String(Math.round(value * scale * 1000) / 1000)}
      read={(text) => {
        const value = Number(text.replace(",", "."));
        return Number.isFinite(value) ? value / scale : null;
      }}
    />
  );
}
