"use client";
// The table and its window keep one object and change it: nothing here may be kept from before.
"use no memo";

import {
  createColumnHelper,
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type Header,
  type Row,
} from "@tanstack/react-table";
import { useVirtualizer } from "@tanstack/react-virtual";
import { memo, useMemo, useRef, type ReactNode } from "react";

/** One row of a board: what it is about, and what is known of it in each column so far. */
export interface BoardLine<R, A> {
  readonly id: string;
  readonly of: R;
  readonly answers: A | undefined;
  /** What rows are put in order by, the most first. */
  readonly rank: number;
}

/** How the rows, the columns and the cells of a board look. */
export interface BoardLook<R, C, A> {
  /** Px: height of a row, width of a column and of the names of the rows. */
  readonly row: number;
  readonly column: number;
  readonly names: number;
  readonly head: (column: C) => ReactNode;
  readonly name: (row: R) => ReactNode;
  readonly cell: (row: R, column: C, answers: A | undefined, at: number) => ReactNode;
}

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

const features = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });
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
  const near = useNear(rows.length, columns.length, look, wrap);
  const { top, bottom, from, to } = near;
  const before = top * look.row;
  const after = (rows.length - bottom) * look.row;
  return (
    <div
      ref={wrap}
      className="max-h-[max(20rem,calc(100dvh-17.5rem-var(--first-line,0px)))] w-fit max-w-full overflow-auto border border-rule-strong bg-paper print:max-h-none"
      tabIndex={0}
      role="region"
      aria-label={label}
    >
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
          {before > 0 && <Spacer height={before} />}
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
          {after > 0 && <Spacer height={after} />}
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

/** The rows and columns near the window, each from one place to before another. */
function useNear(
  rowCount: number,
  columnCount: number,
  look: { readonly row: number; readonly column: number; readonly names: number },
  wrap: React.RefObject<HTMLElement | null>,
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

interface BoardRowProps<R, C, A> {
  readonly row: Row<typeof features, BoardLine<R, A>>;
  /** Of the row: what tells whether it must be laid out anew. */
  readonly of: R;
  readonly answers: A | undefined;
  readonly at: number;
  readonly from: number;
  readonly to: number;
  readonly count: number;
  readonly look: BoardLook<R, C, A>;
  readonly Render: ReturnType<typeof useTable<typeof features, BoardLine<R, A>>>["FlexRender"];
}

function LaidRow<R, C, A>({ row, at, from, to, count, look, Render }: BoardRowProps<R, C, A>) {
  const [name, ...cells] = row.getAllCells();
  return (
    <tr className="*:border-t *:border-t-rule" style={{ height: look.row }} aria-rowindex={at + 2}>
      <th
        scope="row"
        className="sticky left-0 z-10 border-r border-rule-strong bg-paper p-2 text-left font-medium"
      >
        {name && <Render cell={name} />}
      </th>
      <Gap width={from * look.column} />
      {cells.slice(from, to).map((cell, i) => (
        <td key={cell.id} aria-colindex={from + i + 2} className="border-l border-rule p-0">
          <Render cell={cell} />
        </td>
      ))}
      <Gap width={(count - to) * look.column} />
    </tr>
  );
}

interface HeadRowProps<R, C, A> extends Pick<
  BoardRowProps<R, C, A>,
  "from" | "to" | "count" | "look" | "Render"
> {
  readonly headers: readonly Header<typeof features, BoardLine<R, A>>[];
}

function HeadRow<R, C, A>({ headers, from, to, count, look, Render }: HeadRowProps<R, C, A>) {
  const [name, ...heads] = headers;
  return (
    <tr>
      <th
        className="sticky top-0 left-0 z-20 border-r border-b border-rule-strong bg-paper p-2 text-left font-normal text-ink-soft"
        style={{ minWidth: look.names }}
      >
        {name && <Render header={name} />}
      </th>
      <Gap width={from * look.column} />
      {heads.slice(from, to).map((head, i) => (
        <th
          key={head.id}
          scope="col"
          aria-colindex={from + i + 2}
          className="sticky top-0 z-10 border-b border-l border-rule border-b-rule-strong bg-paper p-1 align-bottom font-medium"
          style={{ minWidth: look.column, maxWidth: look.column }}
        >
          <Render header={head} />
        </th>
      ))}
      <Gap width={(count - to) * look.column} />
    </tr>
  );
}

/** A row is laid out anew only when more is known of it or other columns come near. */
const BoardRow = memo(LaidRow, (one, other) =>
  (["of", "answers", "at", "from", "to", "count", "look"] as const).every((key) => one[key] === other[key]),
) as typeof LaidRow;

/** Stands for the columns that are not laid out. */
function Gap({ width }: { readonly width: number }) {
  return width > 0 ? <td aria-hidden="true" className="p-0" style={{ minWidth: width }} /> : null;
}

/** Stands for the rows that are not laid out. */
function Spacer({ height }: { readonly height: number }) {
  return (
    <tr aria-hidden="true">
      <td style={{ height }} className="p-0" />
    </tr>
  );
}
