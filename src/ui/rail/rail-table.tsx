"use client";
// The table and its window keep one object and change it: nothing here may be kept from before.
"use no memo";

import { createColumnHelper, rowSortingFeature, tableFeatures, useTable } from "@tanstack/react-table";
import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { ChevronDown, ChevronUp } from "lucide-react";
import { Link } from "../kit/link";
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import { levelWord } from "@/core/register/ladder";
import type { PieceRecord } from "@/core/studio/piece-record";
import { familiesOf, type RailOrder } from "@/core/studio/rail";
import { railWords } from "@/words/rail";
import { Plate } from "../drawing/plate";
import { useLengthUnit } from "../kit/length-unit";
import { SwatchStrip } from "../kit/swatches";
import { captionOf } from "../pieces/caption";
import { PickBox } from "./pick-box";

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
const features = tableFeatures({ rowSortingFeature });
const column = createColumnHelper<typeof features, PieceRecord>();
const none: readonly PieceRecord[] = [];

/** Some of the rail as a table; only the rows near the window are laid out. */
export function RailTable({ count, pieces, reach, nameOf, order, falling, onOrder }: RailTableProps) {
  const body = useRef<HTMLTableElement>(null);
  const [offset, setOffset] = useState(0);
  useLayoutEffect(() => setOffset(body.current?.offsetTop ?? 0), []);
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
  useEffect(() => {
    if (to >= from) reach(from, to);
  }, [from, to, reach]);
  const shown = useMemo(() => {
    const list: PieceRecord[] = [];
    for (let at = from; at <= to; at += 1) {
      const record = pieces.get(at);
      if (record) list.push(record);
    }
    return list.length > 0 ? list : none;
  }, [from, to, pieces]);
  const columns = useColumns(nameOf);
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
  const before = from * rowHeight;
  const after = Math.max(0, count - 1 - to) * rowHeight;
  return (
    <table
      ref={body}
      className="w-full min-w-220 table-fixed border border-rule-strong bg-paper"
      aria-rowcount={count + 1}
    >
      <thead className="text-left text-tiny text-ink-soft">
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id} className="border-b border-rule-strong">
            {group.headers.map((header) => {
              const sorted = header.column.getIsSorted();
              return (
                <th
                  key={header.id}
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
                      <table.FlexRender header={header} />
                      {sorted === "asc" && <ChevronUp className="size-3" aria-hidden="true" />}
                      {sorted === "desc" && <ChevronDown className="size-3" aria-hidden="true" />}
                    </button>
                  ) : (
                    <table.FlexRender header={header} />
                  )}
                </th>
              );
            })}
          </tr>
        ))}
      </thead>
      <tbody>
        {before > 0 && <Gap height={before} />}
        {table.getRowModel().rows.map((row) => (
          <tr key={row.id} className="relative h-14 border-b border-rule last:border-b-0 hover:bg-white">
            {row.getAllCells().map((cell) => (
              <td key={cell.id} className="pr-4 first:py-1 first:pl-4">
                <table.FlexRender cell={cell} />
              </td>
            ))}
          </tr>
        ))}
        {after > 0 && <Gap height={after} />}
      </tbody>
    </table>
  );
}

/** The room of rows that are not laid out. */
function Gap({ height }: { readonly height: number }) {
  return (
    <tr aria-hidden="true">
      <td colSpan={8} style={{ height, padding: 0 }} />
    </tr>
  );
}

function useColumns(nameOf: RailTableProps["nameOf"]) {
  const unit = useLengthUnit();
  return useMemo(
    () =>
      column.columns([
        column.display({
          id: "pick",
          header: () => <span className="sr-only">{railWords.pickPieces}</span>,
          cell: ({ row: { original } }) => <PickBox record={original} className="relative" />,
        }),
        column.display({
          id: "plate",
          header: "Plate",
          cell: ({ row }) => <Plate piece={row.original.piece} className="h-12 w-18" />,
        }),
        column.accessor(({ piece }) => piece.name, {
          id: "name",
          header: "Piece",
          cell: ({ row: { original } }) => (
            <>
              <Link
                href={`/rail/${original.piece.id}`}
                className="block truncate text-body font-medium after:absolute after:inset-0"
              >
                {original.piece.name}
              </Link>
              <span className="tabular block truncate text-tiny text-ink-soft">
                {captionOf(original.piece, unit)}
              </span>
            </>
          ),
        }),
        column.display({
          id: "colours",
          header: "Colours",
          cell: ({ row: { original } }) => (
            <>
              <SwatchStrip swatches={original.piece.swatches} className="h-4 w-20" />
              <span className="text-tiny text-ink-soft">
                {familiesOf(original.piece.swatches).join(", ")}
              </span>
            </>
          ),
        }),
        column.accessor(({ piece }) => piece.finish, { id: "finish", header: "Finish" }),
        column.accessor(({ piece }) => piece.register?.centre ?? null, {
          id: "level",
          header: "Level",
          cell: ({ getValue }) => {
            const level = getValue();
            if (level === null) return <span className="text-ink-soft">{railWords.notSaid}</span>;
            return (
              <span className="tabular">
                {level} <span className="text-ink-soft">{levelWord(level)}</span>
              </span>
            );
          },
        }),
        column.display({
          id: "owner",
          header: "Owner",
          cell: ({ row: { original } }) => nameOf(original.clientId),
        }),
        column.accessor(({ state }) => state, { id: "state", header: "State" }),
      ]),
    [nameOf, unit],
  );
}
