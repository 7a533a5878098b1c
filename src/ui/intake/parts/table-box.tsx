"use client";

import type { Remote } from "comlink";
import { useState } from "react";
import { columns, headOf, type Column } from "@/core/formats/rail-csv/columns";
import type { RailTable } from "@/core/formats/rail-csv/read";
import type { CheckedRow } from "@/core/intake/rows";
import { intakeWords } from "@/words/intake";
import { sayWith } from "@/words/say";
import type { Intake, Whose } from "@/workers/intake";
import { Select } from "../../kit/select";
import { Unfold } from "../../kit/unfold";
import { Fault } from "../../kit/fault";

interface TableBoxProps {
  readonly intake: Remote<Intake> | null;
  readonly whose: Whose;
  readonly onRows: (rows: readonly CheckedRow[]) => void;
}

/** As many bytes as a table may have. */
const mostBytes = 20_000_000;
const keyOf = (column: Column) => `${column.of} ${column.name}`;
const byKey = new Map(columns.map((column) => [keyOf(column), column]));
const options = [
  { id: "", name: intakeWords.leftOut },
  ...columns.map((column) => ({ id: keyOf(column), name: headOf(column) })),
];

/** A table from a file, and what each of its headings is taken for. */
export function TableBox({ intake, whose, onRows }: TableBoxProps) {
  const [table, setTable] = useState<RailTable | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = async (file: File) => {
    setTable(null);
    setFault(null);
    onRows([]);
    if (!intake) return;
    if (file.size > mostBytes) {
      setFault(sayWith(intakeWords.tableTooLarge, { name: file.name }));
      return;
    }
    const taken = await intake.table(new Uint8Array(await file.arrayBuffer()), whose);
    if (!taken.ok) {
      setFault(taken.say);
      return;
    }
    setTable(taken.table);
    onRows(taken.rows);
  };
  const rematch = async (at: number, key: string) => {
    if (!table || !intake) return;
    const matches = rematched(table.matches, at, key);
    setTable({ ...table, matches });
    onRows(await intake.matched(matches, whose));
  };
  const known = table?.matches.filter((match) => match !== null).length ?? 0;
  return (
    <div className="grid gap-2">
      <label className="grid gap-1">
        <span className="font-medium">{intakeWords.tableFromAFile}</span>
        <input
          type="file"
          accept=".csv,text/csv"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (file) void take(file);
            // The same file can be chosen again once it was put right.
            event.target.value = "";
          }}
          className="w-full border border-dashed border-rule-strong bg-white p-4 touch:min-h-11"
        />
        <span className="text-tiny text-ink-soft">{intakeWords.tableHelp}</span>
      </label>
      <Fault say={fault} />
      {table && (
        <Unfold
          open={known < table.headings.length}
          summaryClass="w-fit cursor-pointer font-medium"
          summary={sayWith(intakeWords.columnsUnderstood, { known, all: table.headings.length })}
        >
          <Headings table={table} onMatch={(at, key) => void rematch(at, key)} />
        </Unfold>
      )}
    </div>
  );
}

/** What the headings are taken for when one of them is for a column: a column is taken from one heading alone. */
function rematched(matches: RailTable["matches"], at: number, key: string): RailTable["matches"] {
  const column = byKey.get(key) ?? null;
  return matches.map((match, i) => {
    if (i === at) return column;
    return match && column && keyOf(match) === key ? null : match;
  });
}

interface HeadingsProps {
  readonly table: RailTable;
  readonly onMatch: (at: number, key: string) => void;
}

/** Each heading of the table, with what it is taken for. */
function Headings({ table, onMatch }: HeadingsProps) {
  return (
    <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-2">
      {table.headings.map((heading, i) => {
        const match = table.matches[i];
        return (
          <li key={i} className="grid gap-0.5">
            <span className="truncate">
              {heading || sayWith(intakeWords.columnNumber, { number: i + 1 })}
            </span>
            <Select
              label={sayWith(intakeWords.takenFor, { heading })}
              value={match ? keyOf(match) : ""}
              options={options}
              onChange={(key) => onMatch(i, key)}
            />
          </li>
        );
      })}
    </ul>
  );
}
