"use client";
// The table keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import {
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  type Header,
  type Row,
  type useTable,
} from "@tanstack/react-table";
import { memo, type ReactNode } from "react";

export const features = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });

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

export function HeadRow<R, C, A>({ headers, from, to, count, look, Render }: HeadRowProps<R, C, A>) {
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
export const BoardRow = memo(LaidRow, (one, other) =>
  (["of", "answers", "at", "from", "to", "count", "look"] as const).every((key) => one[key] === other[key]),
) as typeof LaidRow;

/** Stands for the columns that are not laid out. */
function Gap({ width }: { readonly width: number }) {
  return width > 0 ? <td aria-hidden="true" className="p-0" style={{ minWidth: width }} /> : null;
}

/** Stands for the rows that are not laid out. */
export function Spacer({ height }: { readonly height: number }) {
  if (height <= 0) return null;
  return (
    <tr aria-hidden="true">
      <td style={{ height }} className="p-0" />
    </tr>
  );
}
