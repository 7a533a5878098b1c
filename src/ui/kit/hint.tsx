"use client";

import { Tooltip } from "radix-ui";
import type { ReactElement } from "react";

interface HintProps {
  /** Left out: there is nothing more to say. */
  readonly words?: string | undefined;
  readonly children: ReactElement;
}

/** A few words beside a control that is pointed at or has the focus. */
export function Hint({ words, children }: HintProps) {
  if (!words) return children;
  return (
    <Tooltip.Root>
      <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content
          sideOffset={4}
          className="z-50 max-w-72 border border-rule-strong bg-ink px-2 py-1 text-tiny text-paper"
        >
          {words}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}

/** Every hint stands below one of these. */
export const HintProvider = Tooltip.Provider;
