import type { ComponentProps, ReactNode } from "react";
import { Fault } from "./fault";

type Given<Tag extends "input" | "textarea"> = Omit<
  ComponentProps<Tag>,
  "id" | "value" | "onChange" | "className"
>;

interface Worded {
  readonly id: string;
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

function Labelled({ id, label, children }: Pick<Worded, "id" | "label"> & { readonly children: ReactNode }) {
  return (
    <div>
      <label htmlFor={id} className="font-medium">
        {label}
      </label>
      {children}
    </div>
  );
}

/** A line of text under its label; below it why what was typed is not taken. */
export function TextField({
  label,
  onChange,
  fault = null,
  ...given
}: Worded & { readonly fault?: string | null } & Given<"input">) {
  const faultId = `${given.id}-fault`;
  return (
    <Labelled id={given.id} label={label}>
      <input
        type="text"
        autoComplete="off"
        {...given}
        aria-invalid={fault !== null}
        aria-describedby={fault === null ? undefined : faultId}
        onChange={(event) => onChange(event.target.value)}
        className={`mt-1 h-10 w-full border bg-white px-2.5 text-body touch:h-11 ${fault === null ? "border-rule-strong" : "border-thread"}`}
      />
      <Fault id={faultId} say={fault} />
    </Labelled>
  );
}

/** Some lines of text under their label. */
export function TextLines({ label, onChange, ...given }: Worded & Given<"textarea">) {
  return (
    <Labelled id={given.id} label={label}>
      <textarea
        {...given}
        onChange={(event) => onChange(event.target.value)}
        className="mt-1 w-full border border-rule-strong bg-white px-2.5 py-1.5 text-body"
      />
    </Labelled>
  );
}
