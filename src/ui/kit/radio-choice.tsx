"use client";

import { RadioGroup } from "radix-ui";
import { useId, type ReactNode } from "react";

interface RadioChoiceProps<V extends string> {
  readonly label: string;
  readonly options: readonly {
    readonly value: V;
    readonly shown: ReactNode;
    /** What stands under it, and is no part of its name. */
    readonly after?: ReactNode;
  }[];
  readonly value: V;
  readonly onChange: (value: V) => void;
  readonly className?: string;
}

/** One choice of a few that each say a little more. */
export function RadioChoice<V extends string>({
  label,
  options,
  value,
  onChange,
  className = "flex flex-wrap gap-x-4 gap-y-1",
}: RadioChoiceProps<V>) {
  const id = useId();
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value}
      onValueChange={(next) => {
        const chosen = options.find((option) => option.value === next);
        if (chosen) onChange(chosen.value);
      }}
      className={className}
    >
      {options.map((option, i) => (
        <span key={option.value} className="flex items-start gap-1.5">
          <RadioGroup.Item
            id={`${id}-${i}`}
            value={option.value}
            className="mt-0.5 flex size-3.5 shrink-0 items-center justify-center rounded-full border border-ink bg-white"
          >
            <RadioGroup.Indicator className="size-2 rounded-full bg-ink" />
          </RadioGroup.Item>
          <span>
            <label htmlFor={`${id}-${i}`} className="cursor-pointer">
              {option.shown}
            </label>
            {option.after}
          </span>
        </span>
      ))}
    </RadioGroup.Root>
  );
}
