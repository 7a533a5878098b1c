"use client";
// The table and its window keep one object and change it: nothing here may be kept from before.
"use no memo";

import { useTable, type Header } from "@tanstack/react-table";
import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { ChevronDown, ChevronUp } from "lucide-react";
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import type { PieceRecord } from "@/core/studio/piece-record";
import type { RailOrder } from "@/core/studio/rail";
import { features, useRailColumns } from "./rail-columns";

interface RailTableProps {
  readonly count: number;
  /** What was fetched so far, by its place. */
  readonly pieces: ReadonlyMap<number, PieceRecord>;
  readonly reach: (from: number, to: number) => void;
  readonly nameOf: (clientId: string | null) => string;
  readonly order: RailOrder;
  readonly falling: boolean;
  readonly onOrder: (order: RailOrder, falling: boolean) => void;
}

const rowHeight = 57;
/** The columns keep their width while rows come and go. */
const widths: Readonly<Record<string, string>> = {
  pick: "w-10 touch:w-16",
  plate: "w-24",
  colours: "w-32 xl:w-52",
  finish: "w-28 xl:w-36",
  level: "w-32 xl:w-40",
  owner: "w-32 xl:w-40",
  state: "w-22",
};
const none: readonly PieceRecord[] = [];

/** Some of the rail as a table; only the rows near the window are laid out. */
export function RailTable({ count, pieces, reach, nameOf, order, falling, onOrder }: RailTableProps) {
  const body = useRef<HTMLTableElement>(null);
  const [offset, setOffset] = useState(0);
  useLayoutEffect(() => setOffset(body.current?.offsetTop ?? 0), []);
  const { from, to } = useNearRows(count, offset);
  useEffect(() => {
    if (to >= from) reach(from, to);
  }, [from, to, reach]);
  const shown = useMemo(() => recordsOf(pieces, from, to), [from, to, pieces]);
  const columns = useRailColumns(nameOf);
  const table = useTable({
    features,
    columns,
    data: shown,
    getRowId: ({ piece }) => piece.id,
    manualSorting: true,
    enableSortingRemoval: false,
    sortDescFirst: false,
    state: { sorting: order === "newest" ? [] : [{ id: order, desc: falling }] },
    onSortingChange: (update) => {
      const before = order === "newest" ? [] : [{ id: order as string, desc: falling }];
      const [next] = typeof update === "function" ? update(before) : update;
      onOrder((next?.id ?? "newest") as RailOrder, next?.desc ?? false);
    },
  });
  return (
    <table
      ref={body}
      className="w-full min-w-220 table-fixed border border-rule-strong bg-paper"
      aria-rowcount={count + 1}
    >
      <thead className="text-left text-tiny text-ink-soft">
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id} className="border-b border-rule-strong">
            {group.headers.map((header) => (
              <HeadCell key={header.id} header={header} Render={table.FlexRender} />
            ))}
          </tr>
        ))}
      </thead>
      <tbody>
        <Gap height={from * rowHeight} />
        {table.getRowModel().rows.map((row) => (
          <tr key={row.id} className="relative h-14 border-b border-rule last:border-b-0 hover:bg-white">
            {row.getAllCells().map((cell) => (
              <td key={cell.id} className="pr-4 first:py-1 first:pl-4">
                <table.FlexRender cell={cell} />
              </td>
            ))}
          </tr>
        ))}
        <Gap height={(count - 1 - to) * rowHeight} />
      </tbody>
    </table>
  );
}

/** What was fetched of the rows from one place to another. */
function recordsOf(
  pieces: ReadonlyMap<number, PieceRecord>,
  from: number,
  to: number,
): readonly PieceRecord[] {
  const list: PieceRecord[] = [];
  for (let at = from; at <= to; at += 1) {
    const record = pieces.get(at);
    if (record) list.push(record);
  }
  return list.length > 0 ? list : none;
}

/**
 * The rows near the window, from the first to the last.
 * @param offset px from the top of the page to the table
 */
function useNearRows(count: number, offset: number) {
  const rows = useWindowVirtualizer({
    count,
    estimateSize: () => rowHeight,
    overscan: 6,
    scrollMargin: offset,
    initialRect: { width: 1280, height: 800 },
  });
  const near = rows.getVirtualItems();
  const from = near[0]?.index ?? 0;
  const to = near[near.length - 1]?.index ?? -1;
  return { from, to };
}

interface HeadCellProps {
  readonly header: Header<typeof features, PieceRecord>;
  readonly Render: ReturnType<typeof useTable<typeof features, PieceRecord>>["FlexRender"];
}

/** The name of a column, which puts the rows in its order where it has one. */
function HeadCell({ header, Render }: HeadCellProps) {
  const sorted = header.column.getIsSorted();
  return (
    <th
      scope="col"
      aria-sort={sorted === false ? undefined : sorted === "asc" ? "ascending" : "descending"}
      className={`py-1.5 font-medium first:pl-4 last:pr-4 ${widths[header.column.id] ?? ""}`}
    >
      {header.column.getCanSort() ? (
        <button
          type="button"
          onClick={header.column.getToggleSortingHandler()}
          className="inline-flex items-center gap-0.5 underline decoration-rule-strong decoration-dotted underline-offset-2 hover:text-ink hover:decoration-ink"
        >
          <Render header={header} />
          {sorted === "asc" && <ChevronUp className="size-3" aria-hidden="true" />}
          {sorted === "desc" && <ChevronDown className="size-3" aria-hidden="true" />}
        </button>
      ) : (
        <Render header={header} />
      )}
    </th>
  );
}

/** The room of rows that are not laid out. */
function Gap({ height }: { readonly height: number }) {
  if (height <= 0) return null;
  return (
    <tr aria-hidden="true">
      <td colSpan={8} style={{ height, padding: 0 }} />
    </tr>
  );
}
