"use client";

import { useWindowVirtualizer } from "@tanstack/react-virtual";
import Link from "next/link";
import { memo, useMemo, useRef, useState } from "react";
import { boardWords } from "@/core/sets/board-words";
import type { Reach } from "@/core/search/reach";
import type { BenchSource, NamedPieces } from "@/core/studio/bench-source";
import type { Piece } from "@/core/piece/piece";
import { Plate } from "../drawing/plate";
import { Mark, wordOf } from "../kit/marks";
import { useReach } from "../sets/use-reach";

interface SetBoardProps {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
  readonly sets: readonly NamedPieces[];
}

/** Every set on every base, as the worker reads them; and in words what is not served. */
export function SetBoard({ wardrobe, sets }: SetBoardProps) {
  const { bases } = wardrobe;
  const [occasionId, setOccasionId] = useState<string | null>(null);
  const reach = useReach(wardrobe, sets, bases, occasionId);
  const done = sets.every(({ id }) => reach.has(id));
  const read = [...reach.values()].reduce((sum, row) => sum + row.length, 0);
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-4">
        <label className="flex items-center gap-2">
          <span className="text-ink-soft">For</span>
          <select
            value={occasionId ?? ""}
            onChange={(event) => setOccasionId(event.target.value || null)}
            className="h-9 border-b border-rule-strong bg-transparent font-serif text-body"
          >
            <option value="">no occasion in particular</option>
            {wardrobe.occasions.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <span role="status" className="tabular text-ink-soft">
          {done ? `${read} looks read` : `${read} of ${sets.length * bases.length} looks read ...`}
        </span>
      </div>
      <SetTable wardrobe={wardrobe} sets={sets} reach={reach} occasionId={occasionId} />
      {done && <Words reach={reach} sets={sets} bases={bases} />}
    </>
  );
}

interface TableProps extends SetBoardProps {
  readonly reach: ReadonlyMap<string, readonly Reach[]>;
  readonly occasionId: string | null;
}

/** Height of a row, px; only the rows near the window are laid out, so that a board of hundreds stays light. */
const rowHeight = 76;

function SetTable({ wardrobe, sets, reach, occasionId }: TableProps) {
  const { bases, client } = wardrobe;
  const body = useRef<HTMLTableSectionElement>(null);
  const rows = useWindowVirtualizer({
    count: sets.length,
    estimateSize: () => rowHeight,
    overscan: 6,
    scrollMargin: body.current?.offsetTop ?? 0,
    // Until the window is known, and on the server, the rows that fill one are laid out.
    initialRect: { width: 1280, height: 800 },
  });
  const near = rows.getVirtualItems();
  const pieces = useMemo(() => new Map(wardrobe.pieces.map((piece) => [piece.id, piece])), [wardrobe]);
  const before = (near[0]?.index ?? 0) * rowHeight;
  const after = (sets.length - 1 - (near[near.length - 1]?.index ?? -1)) * rowHeight;
  return (
    <div className="overflow-x-auto border border-rule-strong bg-paper">
      <table className="w-full border-collapse" aria-rowcount={sets.length + 1}>
        <thead>
          <tr>
            <th className="sticky left-0 z-10 min-w-52 bg-paper p-2 text-left font-normal text-ink-soft">
              {client.name}
            </th>
            {bases.map(({ id, name }) => (
              <th
                key={id}
                scope="col"
                className="h-28 min-w-14 border-l border-rule p-1 align-bottom font-medium"
              >
                <span className="mx-auto block max-h-26 [writing-mode:vertical-rl] rotate-180 truncate text-left text-tiny">
                  {name}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody ref={body}>
          {before > 0 && <Spacer height={before} />}
          {near.map(({ index }) => {
            const set = sets[index];
            return (
              set && (
                <SetBoardRow
                  key={set.id}
                  at={index}
                  set={set}
                  pieces={pieces}
                  bases={bases}
                  row={reach.get(set.id)}
                  clientId={client.id}
                  occasionId={occasionId}
                />
              )
            );
          })}
          {after > 0 && <Spacer height={after} />}
        </tbody>
      </table>
    </div>
  );
}

function Spacer({ height }: { readonly height: number }) {
  return (
    <tr aria-hidden="true">
      <td style={{ height }} className="p-0" />
    </tr>
  );
}

interface RowProps {
  /** Position among the sets. */
  readonly at: number;
  readonly set: NamedPieces;
  readonly pieces: ReadonlyMap<string, Piece>;
  readonly bases: readonly NamedPieces[];
  readonly row: readonly Reach[] | undefined;
  readonly clientId: string;
  readonly occasionId: string | null;
}

const SetBoardRow = memo(function SetBoardRow({
  at,
  set,
  pieces,
  bases,
  row,
  clientId,
  occasionId,
}: RowProps) {
  const occasion = occasionId ? `&occasion=${occasionId}` : "";
  return (
    <tr className="border-t border-rule" style={{ height: rowHeight }} aria-rowindex={at + 2}>
      <th scope="row" className="sticky left-0 z-10 bg-paper p-2 text-left font-medium">
        {set.name}
        <span className="flex" aria-hidden="true">
          {set.pieceIds
            .flatMap((id) => pieces.get(id) ?? [])
            .map((piece) => (
              <Plate key={piece.id} piece={piece} className="h-9 w-10" />
            ))}
        </span>
      </th>
      {bases.map((base, i) => {
        const cell = row?.[i];
        return (
          <td key={base.id} className="border-l border-rule p-0">
            {cell && (
              <Link
                href={`/bench?client=${clientId}&base=${base.id}&set=${set.id}${occasion}`}
                prefetch={false}
                aria-label={`${set.name} on ${base.name}: ${wordOf(cell.verdict)} ${Math.round(cell.score)}${cell.turned ? ", turned up" : ""}`}
                className="tabular flex h-16 flex-col items-center justify-center gap-0.5 hover:bg-well"
              >
                <Mark
                  of={cell.verdict}
                  className={`size-4.5 ${cell.verdict === "jars" ? "text-thread" : ""}`}
                />
                <span className="text-tiny">{Math.round(cell.score)}</span>
              </Link>
            )}
          </td>
        );
      })}
    </tr>
  );
});

interface WordsProps {
  readonly reach: ReadonlyMap<string, readonly Reach[]>;
  readonly sets: readonly NamedPieces[];
  readonly bases: readonly NamedPieces[];
}

function Words({ reach, sets, bases }: WordsProps) {
  const words = useMemo(() => boardWords(sets.map(({ id }) => reach.get(id) ?? [])), [reach, sets]);
  const names = (of: readonly NamedPieces[], at: readonly number[]) =>
    at.map((i) => of[i]?.name ?? "").join(", ");
  const lines = [
    words.basesUnserved.length > 0 && `No set serves: ${names(bases, words.basesUnserved)}.`,
    words.setsIdle.length > 0 && `Serve nothing here: ${names(sets, words.setsIdle)}.`,
    words.levelsMissing.length > 0 &&
      `Between the quietest and the dressiest, nothing stands at ${words.levelsMissing.join(", ")}.`,
  ].filter((line): line is string => typeof line === "string");
  return (
    <div className="mt-4 max-w-[70ch]" aria-live="polite">
      {lines.length === 0 ? (
        <p>Every base is served, and every set serves.</p>
      ) : (
        lines.map((line) => <p key={line}>{line}</p>)
      )}
    </div>
  );
}
