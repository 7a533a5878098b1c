"use client";

import { useController } from "react-hook-form";
import { controlOf, Field } from "./field";

interface LevelFieldProps {
  readonly name: string;
  readonly label: string;
  /** The words of the whole steps, from 1 upwards. */
  readonly words: readonly string[];
}

/** A level of the register, in half steps, by its word. */
export function LevelField({ name, label, words }: LevelFieldProps) {
  const {
    field: { ref, ...field },
    fieldState,
  } = useController({ name });
  const fault = fieldState.error?.message;
  const steps = Array.from({ length: 2 * words.length - 1 }, (_, i) => 1 + i / 2);
  return (
    <Field name={name} label={label} fault={fault}>
      <select
        {...controlOf(name, fault, undefined)}
        ref={ref}
        value={field.value as number}
        onBlur={field.onBlur}
        onChange={(event) => field.onChange(Number(event.target.value))}
      >
        {steps.map((step) => (
          <option key={step} value={step}>
            {Number.isInteger(step) ? `${step} ${words[step - 1]}` : `${step}`}
          </option>
        ))}
      </select>
    </Field>
  );
}
