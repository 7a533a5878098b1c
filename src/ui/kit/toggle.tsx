"use client";

import { Toggle as Radix } from "radix-ui";
import type { ReactNode } from "react";
import { Hint } from "./hint";

interface ToggleProps {
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
  readonly hint?: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** One thing that is done or not. */
export function Toggle({ on, onChange, hint, className = "h-7 px-2", children }: ToggleProps) {
  return (
    <Hint words={hint}>
      <Radix.Root
        pressed={on}
        onPressedChange={onChange}
        className={`border border-rule-strong bg-paper hover:bg-well aria-pressed:bg-ink aria-pressed:text-paper ${className}`}
      >
        {children}
      </Radix.Root>
    </Hint>
  );
}
