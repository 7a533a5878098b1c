"use client";

import { useQueryState } from "nuqs";
import { useCallback, useMemo } from "react";
import type { Reach } from "@/core/search/reach";
import type { BenchSource, NamedPieces } from "@/core/studio/bench-source";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";
import { Plate } from "../drawing/plate";
import { Select } from "../kit/select";
import { useReach } from "../sets/state/use-reach";
import type { BoardLine, BoardLook } from "./parts/board-rows";
import { BoardTable } from "./parts/board-table";
import { SetBoardWords } from "./words/set-board-words";
import { VerdictCell } from "./parts/verdict-cell";
import { unpacking } from "../kit/packed";

interface SetBoardProps {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
  readonly sets: readonly NamedPieces[];
}

type Row = readonly Reach[];

function Cells({ wardrobe, sets }: SetBoardProps) {
  const { bases, client } = wardrobe;
  const [asked, setOccasionId] = useQueryState("occasion");
  const occasionId = wardrobe.occasions.find(({ id }) => id === asked)?.id ?? null;
  const reach = useReach(wardrobe, sets, bases, occasionId);
  const done = sets.every(({ id }) => reach.has(id));
  const read = [...reach.values()].reduce((sum, row) => sum + row.length, 0);
  const lines = useMemo(
    () =>
      sets.map((set): BoardLine<NamedPieces, Row> => {
        return { id: set.id, of: set, answers: reach.get(set.id), rank: 0 };
      }),
    [sets, reach],
  );
  const look = useLook(wardrobe, occasionId, bases.length <= fewBases);
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-4">
        <span className="flex w-80 items-center gap-2">
          <span className="text-ink-soft" aria-hidden="true">
            {boardsWords.forWord}
          </span>
          <Select
            label={boardsWords.forWord}
            value={occasionId ?? ""}
            onChange={(id) => void setOccasionId(id || null)}
            options={[{ id: "", name: boardsWords.noOccasionInParticular }, ...wardrobe.occasions]}
          />
        </span>
        <span role="status" className="tabular text-ink-soft">
          {done
            ? sayWith(boardsWords.looksRead, { read })
            : sayWith(boardsWords.readingOfLooks, { read, total: sets.length * bases.length })}
        </span>
      </div>
      <BoardTable
        label={boardsWords.setsOnBases}
        corner={client.name}
        lines={lines}
        columns={bases}
        columnId={idOf}
        look={look}
      />
      {done && <SetBoardWords reach={reach} sets={sets} bases={bases} />}
    </>
  );
}

/** Every set on every base, as the worker reads them; and in words what is not served. */
export const SetBoard = unpacking<SetBoardProps, "wardrobe" | "sets">(Cells);

/** So many columns have room for names that are read without turning the head. */
const fewBases = 10;

const idOf = ({ id }: NamedPieces) => id;

function useLook(
  { client, pieces }: SetBoardProps["wardrobe"],
  occasionId: string | null,
  isWide: boolean,
): BoardLook<NamedPieces, NamedPieces, Row> {
  const byId = useMemo(() => new Map(pieces.map((piece) => [piece.id, piece])), [pieces]);
  const name = useCallback(
    (set: NamedPieces) => (
      <>
        {set.name}
        <span className="flex" aria-hidden="true">
          {set.pieceIds
            .flatMap((id) => byId.get(id) ?? [])
            .map((piece) => (
              <Plate key={piece.id} piece={piece} className="h-9 w-10" />
            ))}
        </span>
      </>
    ),
    [byId],
  );
  return useMemo(
    () => ({
      row: 76,
      column: isWide ? 100 : 56,
      names: 208,
      head: (base) => (
        <span
          className={
            isWide
              ? "line-clamp-3 text-tiny leading-tight"
              : "mx-auto block h-38 w-fit [writing-mode:vertical-rl] rotate-180 truncate text-left text-tiny"
          }
        >
          {base.name}
        </span>
      ),
      name,
      cell: (set, base, row, at) => {
        const read = row?.[at];
        return (
          read && (
            <VerdictCell
              read={read}
              of={`${set.name} on ${base.name}`}
              href={`/bench?client=${client.id}&base=${base.id}&set=${set.id}${occasionId ? `&occasion=${occasionId}` : ""}`}
            />
          )
        );
      },
    }),
    [client.id, isWide, name, occasionId],
  );
}
