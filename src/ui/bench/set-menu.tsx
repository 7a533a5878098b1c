"use client";

import { DropdownMenu } from "radix-ui";
import type { NamedPieces } from "@/core/studio/bench-source";

/** Puts one of the client's sets on the base, in place of what is worn. */
export function SetMenu({
  sets,
  onPut,
}: {
  readonly sets: readonly NamedPieces[];
  readonly onPut: (set: NamedPieces) => void;
}) {
  if (sets.length === 0) return null;
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="h-9 border border-rule-strong bg-paper px-3 font-medium hover:bg-well">
        Put on set
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          className="z-30 max-h-96 min-w-56 overflow-auto border border-rule-strong bg-paper py-1 shadow-md"
        >
          {sets.map((set) => (
            <DropdownMenu.Item
              key={set.id}
              onSelect={() => onPut(set)}
              className="cursor-pointer px-3 py-2 data-[highlighted]:bg-well"
            >
              {`${set.name} (${set.pieceIds.length})`}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
