"use client";

import { useVirtualizer, useWindowVirtualizer } from "@tanstack/react-virtual";
import type { Route } from "next";
import { useRouter } from "next/navigation";
import { memo, useMemo, useRef, type MouseEvent } from "react";
import { boardWords } from "@/core/sets/board-words";
import type { Reach } from "@/core/search/reach";
import type { BenchSource, NamedPieces } from "@/core/studio/bench-source";
import type { Piece } from "@/core/piece/piece";
import { Plate } from "../drawing/plate";
import { Mark, wordOf } from "../kit/marks";
import { useReach } from "../sets/use-reach";
import { Select } from "../kit/select";
import { useQueryState } from "nuqs";

interface SetBoardProps {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
  readonly sets: readonly NamedPieces[];
}

/** Every set on every base, as the worker reads them; and in words what is not served. */
export function SetBoard({ wardrobe, sets }: SetBoardProps) {
  const { bases } = wardrobe;
  const [asked, setOccasionId] = useQueryState("occasion");
  const occasionId = wardrobe.occasions.find(({ id }) => id === asked)?.id ?? null;
  const reach = useReach(wardrobe, sets, bases, occasionId);
  const done = sets.every(({ id }) => reach.has(id));
  const read = [...reach.values()].reduce((sum, row) => sum + row.length, 0);
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-4">
        <span className="flex w-80 items-center gap-2">
          <span className="text-ink-soft" aria-hidden="true">
            For
          </span>
          <Select
            label="For"
            value={occasionId ?? ""}
            onChange={(id) => void setOccasionId(id || null)}
            options={[{ id: "", name: "no occasion in particular" }, ...wardrobe.occasions]}
          />
        </span>
        <span role="status" className="tabular text-ink-soft">
          {done ? `${read} looks read` : `reading: ${read} of ${sets.length * bases.length} looks ...`}
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

/** Px. Only the rows and columns near the window are laid out, so that a board of thousands of cells stays light. */
const rowHeight = 76;
const columnWidth = 56;
const nameWidth = 208;

function SetTable({ wardrobe, sets, reach, occasionId }: TableProps) {
  const { bases, client } = wardrobe;
  const router = useRouter();
  const body = useRef<HTMLTableSectionElement>(null);
  const rows = useWindowVirtualizer({
    count: sets.length,
    estimateSize: () => rowHeight,
    overscan: 3,
    scrollMargin: body.current?.offsetTop ?? 0,
    // Until the window is known, and on the server, the rows that fill one are laid out.
    initialRect: { width: 1280, height: 800 },
  });
  const wrap = useRef<HTMLDivElement>(null);
  const columns = useVirtualizer({
    horizontal: true,
    count: bases.length,
    getScrollElement: () => wrap.current,
    estimateSize: () => columnWidth,
    paddingStart: nameWidth,
    overscan: 4,
    initialRect: { width: 1232, height: 800 },
  });
  const near = rows.getVirtualItems();
  const across = columns.getVirtualItems();
  const from = across[0]?.index ?? 0;
  const to = (across[across.length - 1]?.index ?? -1) + 1;
  const shown = useMemo(() => bases.slice(from, to), [bases, from, to]);
  const pieces = useMemo(() => new Map(wardrobe.pieces.map((piece) => [piece.id, piece])), [wardrobe]);
  // Two thousand cells are in sight: they are plain links, opened by the table they stand in.
  const open = (event: MouseEvent<HTMLTableElement>) => {
    const href = (event.target as Element).closest("td a")?.getAttribute("href");
    if (!href || event.metaKey || event.ctrlKey || event.shiftKey) return;
    event.preventDefault();
    router.push(href as Route);
  };
  const before = (near[0]?.index ?? 0) * rowHeight;
  const after = (sets.length - 1 - (near[near.length - 1]?.index ?? -1)) * rowHeight;
  return (
    <div ref={wrap} className="overflow-x-auto border border-rule-strong bg-paper">
      {/* eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-noninteractive-element-interactions -- the links in it answer the keys */}
      <table
        className="w-full border-collapse"
        aria-rowcount={sets.length + 1}
        aria-colcount={bases.length + 1}
        onClick={open}
      >
        <thead>
          <tr>
            <th className="sticky left-0 z-10 min-w-52 bg-paper p-2 text-left font-normal text-ink-soft">
              {client.name}
            </th>
            <Gap columns={from} />
            {shown.map(({ id, name }, i) => (
              <th
                key={id}
                scope="col"
                aria-colindex={from + i + 2}
                className="h-40 min-w-14 border-l border-rule p-1 align-bottom font-medium"
              >
                <span className="mx-auto block max-h-38 [writing-mode:vertical-rl] rotate-180 truncate text-left text-tiny">
                  {name}
                </span>
              </th>
            ))}
            <Gap columns={bases.length - to} />
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
                  bases={shown}
                  from={from}
                  of={bases.length}
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

/** Stands for the columns that are not laid out. */
function Gap({ columns }: { readonly columns: number }) {
  return columns > 0 ? (
    <td aria-hidden="true" className="p-0" style={{ minWidth: columns * columnWidth }} />
  ) : null;
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
  /** The bases laid out, the position of the first, and how many there are. */
  readonly bases: readonly NamedPieces[];
  readonly from: number;
  readonly of: number;
  readonly row: readonly Reach[] | undefined;
  readonly clientId: string;
  readonly occasionId: string | null;
}

const SetBoardRow = memo(function SetBoardRow({
  at,
  set,
  pieces,
  bases,
  from,
  of,
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
      <Gap columns={from} />
      {bases.map((base, i) => {
        const cell = row?.[from + i];
        return (
          <td key={base.id} aria-colindex={from + i + 2} className="border-l border-rule p-0">
            {cell && (
              <a
                href={`/bench?client=${clientId}&base=${base.id}&set=${set.id}${occasion}`}
                aria-label={`${set.name} on ${base.name}: ${wordOf(cell.verdict)} ${Math.round(cell.score)}${cell.turned ? ", turned up" : ""}`}
                className="tabular flex h-16 flex-col items-center justify-center gap-0.5 hover:bg-well"
              >
                <Mark
                  of={cell.verdict}
                  className={`size-4.5 ${cell.verdict === "jars" ? "text-thread" : ""}`}
                />
                <span className="text-tiny">{Math.round(cell.score)}</span>
              </a>
            )}
          </td>
        );
      })}
      <Gap columns={of - from - bases.length} />
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
