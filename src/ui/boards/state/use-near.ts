"use client";
// The window keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import { useVirtualizer } from "@tanstack/react-virtual";
import type { RefObject } from "react";

/** The rows and columns near the window, each from one place to before another. */
export function useNear(
  rowCount: number,
  columnCount: number,
  look: { readonly row: number; readonly column: number; readonly names: number },
  wrap: RefObject<HTMLElement | null>,
) {
  const rows = useVirtualizer({
    count: rowCount,
    getScrollElement: () => wrap.current,
    estimateSize: () => look.row,
    overscan: 3,
    // Until the window is known, and on the server, the rows that fill one are laid out.
    initialRect: { width: 1280, height: 800 },
  });
  const columns = useVirtualizer({
    horizontal: true,
    count: columnCount,
    getScrollElement: () => wrap.current,
    estimateSize: () => look.column,
    paddingStart: look.names,
    overscan: 4,
    initialRect: { width: 1232, height: 800 },
  });
  const down = rows.getVirtualItems();
  const across = columns.getVirtualItems();
  return {
    top: down[0]?.index ?? 0,
    bottom: (down[down.length - 1]?.index ?? -1) + 1,
    from: across[0]?.index ?? 0,
    to: (across[across.length - 1]?.index ?? -1) + 1,
  };
}
