"use client";

import type { ReactNode } from "react";
import { fieldId } from "./field-id";

interface FieldProps {
  readonly name: string;
  readonly label: string;
  readonly help?: string | undefined;
  readonly fault?: string | undefined;
  readonly className?: string | undefined;
  readonly children: ReactNode;
}

/** A label, its control, and either help or what is wrong with it. */
export function Field({ name, label, help, fault, className = "", children }: FieldProps) {
  const id = fieldId(name);
  return (
    <div className={`flex flex-col gap-1 ${className}`}>
      <label htmlFor={id} className="font-medium">
        {label}
      </label>
      {children}
      {fault ? (
        <p id={`${id}-say`} className="text-thread">
          {fault}
        </p>
      ) : (
        help && (
          <p id={`${id}-say`} className="text-tiny text-ink-soft">
            {help}
          </p>
        )
      )}
    </div>
  );
}

/** What a control needs to belong to its field. */
export function controlOf(name: string, fault: string | undefined, help: string | undefined) {
  const id = fieldId(name);
  return {
    id,
    "aria-invalid": fault !== undefined,
    "aria-describedby": fault || help ? `${id}-say` : undefined,
    className: `h-9 w-full min-w-0 rounded-[2px] border bg-white px-2.5 text-body ${fault ? "border-thread" : "border-rule-strong"}`,
  };
}
