"use client";

import { Dialog as Radix } from "radix-ui";
import type { ReactNode } from "react";

interface DialogProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly title: string;
  /** One sentence that says what the dialog is for. */
  readonly about: string;
  readonly children: ReactNode;
  /** For what stands side by side. */
  readonly wide?: boolean;
}

/** A dialog over the place; Escape closes it and focus goes back to where it was. */
export function Dialog({ open, onOpenChange, title, about, children, wide = false }: DialogProps) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/35" />
        <Radix.Content
          className={`fixed top-1/2 left-1/2 z-50 max-h-[90dvh] -translate-x-1/2 -translate-y-1/2 overflow-auto border border-rule-strong bg-paper p-6 shadow-lg focus-visible:outline-none ${wide ? "w-[min(60rem,94vw)]" : "w-[min(30rem,94vw)]"}`}
        >
          <Radix.Title className="text-lead">{title}</Radix.Title>
          <Radix.Description className="mt-1 mb-4 text-ink-soft">{about}</Radix.Description>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
