"use client";

import { useState, type ReactNode } from "react";

interface UnfoldProps {
  readonly summary: ReactNode;
  readonly summaryClass?: string;
  readonly className?: string;
  /** Shown unfolded from the start. */
  readonly open?: boolean;
  readonly children: ReactNode;
}

/** A line that unfolds: what is under it is laid out only while it is open. */
export function Unfold({ summary, summaryClass, className, open = false, children }: UnfoldProps) {
  const [isOpen, setIsOpen] = useState(open);
  return (
    <details
      // It can be opened before the page's code has arrived, and then tells nobody.
      ref={(sheet) => {
        if (sheet?.open) setIsOpen(true);
      }}
      open={isOpen}
      onToggle={(event) => setIsOpen(event.currentTarget.open)}
      className={className}
    >
      <summary className={summaryClass}>{summary}</summary>
      {isOpen && children}
    </details>
  );
}
