"use client";

import { Toggle as Radix } from "radix-ui";
import type { ReactNode } from "react";
import { Hint } from "./hint";

const looks = {
  filled: "border-rule-strong bg-paper hover:bg-well aria-pressed:bg-ink aria-pressed:text-paper",
  basted: "border-rule bg-paper hover:bg-white aria-pressed:basted aria-pressed:border-transparent",
} as const;

interface ToggleProps {
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
  readonly hint?: string;
  /** Filled with ink when on, or basted round, for what is chosen by its picture. */
  readonly look?: keyof typeof looks;
  readonly name?: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** One thing that is done or not. */
export function Toggle(props: ToggleProps) {
  const { on, onChange, hint, look = "filled", name, className = "h-7 px-2", children } = props;
  return (
    <Hint words={hint}>
      <Radix.Root
        pressed={on}
        onPressedChange={onChange}
        aria-label={name}
        className={`border ${looks[look]} ${className}`}
      >
        {children}
      </Radix.Root>
    </Hint>
  );
}
