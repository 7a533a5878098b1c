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
  /** Called after what was typed is in the form. */
  readonly onRead?: (() => void) | undefined;
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
  onRead,
  show,
  read,
}: Props & Reading) {
  const {
    field: { ref, ...field },
    fieldState,
  } = useController({ name });
  const value = field.value as unknown;
  const [own, setOwn] = useState(() => ({ seen: value, sent: value, text: textOf(value, show) }));
  if (!Object.is(own.seen, value)) {
    // A value that came from elsewhere takes the place of what was typed. Where nothing was sent, the form
    // falls back to what it opened with: the field stays empty all the same.
    const isOwn = Object.is(own.sent, value) || own.sent === undefined;
    setOwn(isOwn ? { ...own, seen: value } : { seen: value, sent: value, text: textOf(value, show) });
  }
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
          value={own.text}
          placeholder={placeholder}
          onBlur={field.onBlur}
          onFocus={onFocus}
          onChange={(event) => {
            const next = event.target.value;
            const sent = next.trim() === "" ? empty : (read(next) ?? next);
            setOwn({ ...own, sent, text: next });
            field.onChange(sent);
            onRead?.();
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
      // Another unit says the same length anew.
      key={unit}
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
