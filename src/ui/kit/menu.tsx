"use client";

import { DropdownMenu } from "radix-ui";
import { useState, type ReactNode } from "react";
import { overPage } from "./over-page";

interface MenuProps {
  readonly label: string;
  readonly children: ReactNode;
}

/** A menu under a button. */
export function Menu({ label, children }: MenuProps) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <DropdownMenu.Root modal={false} open={isOpen} onOpenChange={setIsOpen}>
      <DropdownMenu.Trigger className="h-9 border border-rule-strong bg-paper px-3 font-medium hover:bg-well">
        {label}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={isOpen ? overPage(null) : null}>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          className="z-30 max-h-(--radix-dropdown-menu-content-available-height) min-w-52 overflow-auto border border-rule-strong bg-paper py-1 shadow-md"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

interface MenuItemProps {
  readonly onSelect: () => void;
  /** The key that does the same. */
  readonly keys?: string;
  readonly children: ReactNode;
}

export function MenuItem({ onSelect, keys, children }: MenuItemProps) {
  return (
    <DropdownMenu.Item
      onSelect={onSelect}
      className="flex cursor-pointer justify-between gap-6 px-3 py-2 data-[highlighted]:bg-well"
    >
      {children}
      {keys && <kbd className="text-ink-soft">{keys}</kbd>}
    </DropdownMenu.Item>
  );
}
