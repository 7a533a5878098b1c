"use client";

import { useController } from "react-hook-form";
import { Select } from "../select";
import { controlOf, Field } from "./field";

/** A small whole number from 0, each step with its word. */
export function StepField({
  name,
  label,
  steps,
  none,
}: {
  readonly name: string;
  readonly label: string;
  readonly steps: readonly string[];
  /** The word for no step at all, where there may be none. */
  readonly none?: string;
}) {
  const {
    field: { ref, ...field },
    fieldState,
  } = useController({ name });
  const fault = fieldState.error?.message;
  return (
    <Field name={name} label={label} fault={fault}>
      <Select
        label={label}
        control={controlOf(name, fault, undefined)}
        ref={ref}
        value={field.value === null ? "" : String(field.value)}
        onBlur={field.onBlur}
        onChange={(value) => field.onChange(value === "" ? null : Number(value))}
        options={[
          ...(none === undefined ? [] : [{ id: "", name: none }]),
          ...steps.map((word, step) => ({ id: String(step), name: `${step} ${word}` })),
        ]}
      />
    </Field>
  );
}
