"use client";

import type { Ref } from "react";
import { useController } from "react-hook-form";
import { Select } from "../select";
import { controlOf, Field } from "./field";

interface LevelFieldProps {
  readonly name: string;
  readonly label: string;
  /** The words of the whole steps, from 1 upwards. */
  readonly words: readonly string[];
}

interface LevelChoiceProps extends LevelFieldProps {
  readonly value: number | null;
  /** What no level at all is called, where there may be none. */
  readonly none?: string;
  readonly fault: string | undefined;
  readonly onChange: (level: number | null) => void;
  readonly onBlur: () => void;
  readonly ref?: Ref<HTMLButtonElement>;
}

/** A level of the register, in half steps, by its word. */
export function LevelField(props: LevelFieldProps) {
  const {
    field: { ref, ...field },
    fieldState,
  } = useController({ name: props.name });
  return (
    <LevelChoice
      {...props}
      onChange={field.onChange}
      onBlur={field.onBlur}
      ref={ref}
      value={field.value as number}
      fault={fieldState.error?.message}
    />
  );
}

/** The choice of a level, whatever keeps it. */
export function LevelChoice({
  name,
  label,
  words,
  value,
  none,
  fault,
  onChange,
  onBlur,
  ref,
}: LevelChoiceProps) {
  const steps = Array.from({ length: 2 * words.length - 1 }, (_, i) => 1 + i / 2);
  return (
    <Field name={name} label={label} fault={fault}>
      <Select
        label={label}
        control={controlOf(name, fault, undefined)}
        {...(ref && { ref })}
        value={value === null ? "" : String(value)}
        onBlur={onBlur}
        onChange={(chosen) => onChange(chosen === "" ? null : Number(chosen))}
        options={[
          ...(none === undefined ? [] : [{ id: "", name: none }]),
          ...steps.map((step) => ({
            id: String(step),
            name: Number.isInteger(step) ? `${step} ${words[step - 1]}` : String(step),
          })),
        ]}
      />
    </Field>
  );
}
