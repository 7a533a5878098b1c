"use client";
// The form library keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import { useController, useFormContext } from "react-hook-form";
import { Select } from "../select";
import { controlOf, Field } from "./field";

interface Props {
  readonly name: string;
  readonly label: string;
  readonly help?: string | undefined;
  readonly className?: string | undefined;
}

function useFault(name: string): string | undefined {
  const { getFieldState, formState } = useFormContext();
  return getFieldState(name, formState).error?.message;
}

/** One line of text, or several. */
export function TextField({
  name,
  label,
  help,
  className,
  type = "text",
  autoComplete = autoCompleteOf(type),
  rows,
}: Props & { readonly type?: string; readonly autoComplete?: string | undefined; readonly rows?: number }) {
  const { register, getValues } = useFormContext();
  const fault = useFault(name);
  const initial = getValues(name) as string | undefined;
  const control = controlOf(name, fault, help);
  return (
    <Field {...{ name, label, help, fault, className }}>
      {rows ? (
        <textarea
          {...control}
          rows={rows}
          className={`${control.className} h-auto py-2`}
          {...register(name)}
        />
      ) : (
        <input
          {...control}
          type={type}
          autoComplete={autoComplete}
          defaultValue={initial}
          {...register(name)}
        />
      )}
    </Field>
  );
}

function autoCompleteOf(type: string): string {
  if (type === "password") return "current-password";
  return type === "email" ? "username" : "off";
}

interface Option {
  readonly value: string;
  readonly label: string;
}

/** One of a fixed list; with `none`, also nothing (null). */
export function ChoiceField({
  name,
  label,
  help,
  className,
  options,
  none,
}: Props & { readonly options: readonly Option[]; readonly none?: string }) {
  const {
    field: { ref, ...field },
    fieldState,
  } = useController({ name });
  const fault = fieldState.error?.message;
  return (
    <Field {...{ name, label, help, fault, className }}>
      <Select
        label={label}
        control={controlOf(name, fault, help)}
        ref={ref}
        value={(field.value as string | null) ?? ""}
        onBlur={field.onBlur}
        onChange={(value) => field.onChange(value || null)}
        options={[
          ...(none === undefined ? [] : [{ id: "", name: none }]),
          ...options.map(({ value, label: text }) => ({ id: value, name: text })),
        ]}
      />
    </Field>
  );
}

/** The choices of a list whose values are their own words. */
export function wordsAsOptions(words: readonly string[]): Option[] {
  return words.map((word) => ({ value: word, label: word.charAt(0).toUpperCase() + word.slice(1) }));
}

/** Yes or no. */
export function FlagField({ name, label, help, className = "" }: Props) {
  const { register } = useFormContext();
  const fault = useFault(name);
  const { id, ...described } = controlOf(name, fault, help);
  return (
    <div className={className}>
      <label htmlFor={id} className="flex min-h-9 touch:min-h-11 items-center gap-2.5">
        <input {...described} id={id} type="checkbox" className="size-4 accent-ink" {...register(name)} />
        <span>{label}</span>
      </label>
      {(fault ?? help) && (
        <p id={`${id}-say`} className={fault ? "text-thread" : "text-tiny text-ink-soft"}>
          {fault ?? help}
        </p>
      )}
    </div>
  );
}
