"use client";

import { useController } from "react-hook-form";
import { Select } from "../select";
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
      <Select
        label={label}
        control={controlOf(name, fault, undefined)}
        ref={ref}
        value={String(field.value)}
        onBlur={field.onBlur}
        onChange={(value) => field.onChange(Number(value))}
        options={steps.map((step) => ({
          id: String(step),
          name: Number.isInteger(step) ? `${step} ${words[step - 1]}` : String(step),
        }))}
      />
    </Field>
  );
}
