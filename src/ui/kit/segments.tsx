"use client";

import { ToggleGroup } from "radix-ui";
import type { ReactNode } from "react";
import { Hint } from "./hint";

const sizes = {
  tiny: "h-6 px-2 text-tiny",
  small: "h-7 flex-1 px-1",
  normal: "h-8 px-2.5 text-small",
  swatch: "size-6 p-0.5",
  square: "h-9 w-9 justify-center",
  named: "h-9 px-4 font-serif text-body",
} as const;

interface Segment<V extends string> {
  readonly value: V;
  readonly shown: ReactNode;
  /** The name of it where what is shown is a mark, and a hint that says more. */
  readonly name?: string;
  readonly hint?: string;
}

interface SegmentsProps<V extends string> {
  readonly label: string;
  readonly segments: readonly Segment<V>[];
  /** What is chosen; null for none. */
  readonly value: V | null;
  readonly onChange: (value: V) => void;
  /** What is chosen can be pressed again: the press is passed on. */
  readonly again?: boolean;
  readonly size?: keyof typeof sizes;
  /** Standing apart instead of joined. */
  readonly apart?: boolean;
}

/** One choice of a few, side by side. */
export function Segments<V extends string>(props: SegmentsProps<V>) {
  const { label, segments, value, onChange, again = false, size = "small", apart = false } = props;
  const box = apart ? "border" : "border border-l-0 first:border-l";
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value ?? ""}
      onValueChange={(next) => {
        const chosen = segments.find((segment) => segment.value === next)?.value;
        if (chosen !== undefined) onChange(chosen);
        else if (again && value !== null) onChange(value);
      }}
      className={apart ? "flex flex-wrap gap-1" : "flex"}
    >
      {segments.map((segment) => (
        <Hint key={segment.value} words={segment.hint}>
          <ToggleGroup.Item
            value={segment.value}
            aria-label={segment.name}
            className={`flex items-center ${sizes[size]} justify-center ${box} border-rule-strong bg-paper hover:bg-well aria-checked:border-ink aria-checked:bg-ink aria-checked:text-paper`}
          >
            {segment.shown}
          </ToggleGroup.Item>
        </Hint>
      ))}
    </ToggleGroup.Root>
  );
}
