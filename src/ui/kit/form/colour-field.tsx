"use client";

import { useController } from "react-hook-form";
import { familyOf } from "@/core/colour/family";
import { shadeOf } from "@/core/colour/shade";
import { controlOf, Field } from "./field";

interface Props {
  readonly name: string;
  readonly label: string;
  readonly className?: string | undefined;
}

const hex = /^#[0-9a-f]{6}$/i;

/** A colour as hex, pasted or picked, with the family it belongs to. */
export function ColourField({ name, label, className }: Props) {
  const {
    field: { ref, ...field },
    fieldState,
  } = useController({ name });
  const fault = fieldState.error?.message;
  const text = String(field.value ?? "");
  const whole = hex.test(text);
  const help = whole ? familyOf(shadeOf(text.toLowerCase())) : "as #rrggbb";
  const control = controlOf(name, fault, help);
  return (
    <Field {...{ name, label, help, fault, className }}>
      <span className="flex">
        <input
          type="color"
          aria-label={`${label}: pick`}
          className="h-9 w-10 shrink-0 cursor-pointer border border-r-0 border-rule-strong bg-white p-1"
          value={whole ? text : "#808080"}
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
          onChange={(event) => field.onChange(event.target.value.trim())}
        />
      </span>
    </Field>
  );
}
