"use client";

import { ChevronDown } from "lucide-react";
import { Select as Radix } from "radix-ui";

interface SelectProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (id: string) => void;
  readonly className?: string;
}

/** Radix keeps the empty value for "nothing chosen": an option without an id goes by this one. */
const none = "none";

/** One choice of a list that may be long. */
export function Select({ label, value, options, onChange, className = "" }: SelectProps) {
  return (
    <Radix.Root value={value || none} onValueChange={(next) => onChange(next === none ? "" : next)}>
      <Radix.Trigger
        aria-label={label}
        className={`flex h-7 w-full min-w-0 items-center gap-1 border-b border-rule-strong text-left font-serif text-body font-medium ${className}`}
      >
        <span className="min-w-0 flex-1 truncate">
          <Radix.Value />
        </span>
        <Radix.Icon className="shrink-0 text-ink-soft">
          <ChevronDown className="size-3.5" aria-hidden="true" />
        </Radix.Icon>
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          position="popper"
          sideOffset={4}
          className="z-50 max-h-[min(24rem,var(--radix-select-content-available-height))] min-w-(--radix-select-trigger-width) overflow-auto border border-rule-strong bg-paper shadow-md"
        >
          <Radix.Viewport className="py-1">
            {options.map(({ id, name }) => (
              <Radix.Item
                key={id || none}
                value={id || none}
                className="cursor-pointer px-3 py-1.5 data-[highlighted]:bg-well data-[state=checked]:font-semibold"
              >
                <Radix.ItemText>{name}</Radix.ItemText>
              </Radix.Item>
            ))}
          </Radix.Viewport>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
