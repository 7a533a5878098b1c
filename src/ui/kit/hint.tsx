"use client";

import { Tooltip } from "radix-ui";
import { useState, type ReactElement } from "react";
import { overPage } from "./over-page";

interface HintProps {
  /** Left out: there is nothing more to say. */
  readonly words?: string | undefined;
  readonly children: ReactElement;
}

/** A few words beside a control that is pointed at or has the focus. */
export function Hint({ words, children }: HintProps) {
  const [isOpen, setIsOpen] = useState(false);
  if (!words) return children;
  return (
    <Tooltip.Root open={isOpen} onOpenChange={setIsOpen}>
      <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
      <Tooltip.Portal container={isOpen ? overPage(document.activeElement) : null}>
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
