"use client";
// The table and its window keep one object and change it: nothing here may be kept from before.
"use no memo";

import { createColumnHelper, useTable } from "@tanstack/react-table";
import { useMemo, useRef, type ReactNode } from "react";
import { BoardRow, features, HeadRow, Spacer, type BoardLine, type BoardLook } from "./board-rows";
import { useNear } from "../state/use-near";

interface BoardTableProps<R, C, A> {
  readonly label: string;
  readonly corner: ReactNode;
  readonly lines: readonly BoardLine<R, A>[];
  readonly columns: readonly C[];
  readonly columnId: (column: C) => string;
  readonly look: BoardLook<R, C, A>;
  /** Rows stand by rank instead of as given. */
  readonly ranked?: boolean;
}

/** As high as what is left of the screen, and whole on paper. */
const windowOfBoard =
  "max-h-[max(20rem,calc(100dvh-17.5rem-var(--first-line,0px)))] w-fit max-w-full overflow-auto border border-rule-strong bg-paper print:max-h-none";
const byRank = [{ id: "name", desc: true }];

/** Everything against everything under a head that stays in view: only what is near the window is laid out. */
export function BoardTable<R, C, A>(props: BoardTableProps<R, C, A>) {
  const { label, corner, lines, columns, columnId, look, ranked = false } = props;
  const definitions = useDefinitions<R, C, A>(corner, columns, columnId, look);
  const table = useTable({
    features,
    columns: definitions,
    data: lines,
    getRowId: ({ id }) => id,
    state: { sorting: ranked ? byRank : [] },
  });
  const { rows } = table.getRowModel();
  const wrap = useRef<HTMLDivElement>(null);
  const { top, bottom, from, to } = useNear(rows.length, columns.length, look, wrap);
  return (
    <div ref={wrap} className={windowOfBoard} tabIndex={0} role="region" aria-label={label}>
      <table
        className="border-separate border-spacing-0"
        aria-label={label}
        aria-rowcount={rows.length + 1}
        aria-colcount={columns.length + 1}
      >
        <thead>
          {table.getHeaderGroups().map(({ id, headers }) => (
            <HeadRow
              key={id}
              headers={headers}
              from={from}
              to={to}
              count={columns.length}
              look={look}
              Render={table.FlexRender}
            />
          ))}
        </thead>
        <tbody>
          <Spacer height={top * look.row} />
          {rows.slice(top, bottom).map((row, i) => (
            <BoardRow
              key={row.id}
              row={row}
              of={row.original.of}
              answers={row.original.answers}
              at={top + i}
              from={from}
              to={to}
              count={columns.length}
              look={look}
              Render={table.FlexRender}
            />
          ))}
          <Spacer height={(rows.length - bottom) * look.row} />
        </tbody>
      </table>
    </div>
  );
}

/** The first column names the rows; each other column is one of the board's. */
function useDefinitions<R, C, A>(
  corner: ReactNode,
  columns: readonly C[],
  columnId: (column: C) => string,
  look: BoardLook<R, C, A>,
) {
  return useMemo(() => {
    const column = createColumnHelper<typeof features, BoardLine<R, A>>();
    return column.columns([
      column.accessor(({ rank }) => rank, {
        id: "name",
        header: () => corner,
        cell: ({ row }) => look.name(row.original.of),
      }),
      ...columns.map((each, at) =>
        column.display({
          id: columnId(each),
          header: () => look.head(each),
          cell: ({ row: { original } }) => look.cell(original.of, each, original.answers, at),
        }),
      ),
    ]);
  }, [corner, columns, columnId, look]);
}
