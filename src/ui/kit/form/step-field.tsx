"use client";

import { useController } from "react-hook-form";
import { controlOf, Field } from "./field";

/** A small whole number from 0, each step with its word. */
export function StepField({
  name,
  label,
  steps,
}: {
  readonly name: string;
  readonly label: string;
  readonly steps: readonly string[];
}) {
  const {
    field: { ref, ...field },
    fieldState,
  } = useController({ name });
  const fault = fieldState.error?.message;
  return (
    <Field name={name} label={label} fault={fault}>
      <select
        {...controlOf(name, fault, undefined)}
        ref={ref}
        value={field.value as number}
        onBlur={field.onBlur}
        onChange={(event) => field.onChange(Number(event.target.value))}
      >
        {steps.map((word, step) => (
          <option key={word} value={step}>
            {step} {word}
          </option>
        ))}
      </select>
    </Field>
  );
}
