"use client";

import { Link } from "../kit/link";
import { parseAsStringLiteral, useQueryState } from "nuqs";
import { useMemo } from "react";
import type { HemCell } from "@/core/search/hem-board";
import type { BenchSource } from "@/core/studio/bench-source";
import { sayLength, type LengthUnit } from "@/core/length/length";
import type { Piece } from "@/core/piece/piece";
import { faultOf } from "@/core/rules/registry";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";
import { InSight } from "../drawing/in-sight";
import { Plate } from "../drawing/plate";
import { Hint } from "../kit/hint";
import { useLengthUnit } from "../kit/length-unit";
import { VerdictMark, wordOf } from "../kit/marks";
import { Empty, Page } from "../kit/page";
import { Segments } from "../kit/segments";
import { BoardNav } from "./parts/board-nav";
import type { BoardLine, BoardLook } from "./parts/board-rows";
import { BoardTable } from "./parts/board-table";
import { HemCellDrawing } from "./parts/hem-cell";
import { useHemBoard } from "./state/use-hem-board";
import { unpacking } from "../kit/packed";

interface HemBoardProps {
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly clientId: string | null;
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases"> | null;
}

const orders = ["as on the rail", "goes with most"] as const;

function Hems({ clients, clientId, wardrobe }: HemBoardProps) {
  if (!wardrobe || clientId === null)
    return (
      <Page title={boardsWords.boards}>
        <Empty say={boardsWords.aBoardComparesAClients} />
      </Page>
    );
  return (
    <Page title={boardsWords.hems} about={boardsWords.eachCellIsAnAnkle}>
      <BoardNav here="/boards" clients={clients} clientId={clientId} />
      <Grid key={clientId} wardrobe={wardrobe} />
    </Page>
  );
}

/** Every hem of a client over every pair of shoes: a small ankle in each cell, with its mark. */
export const HemBoard = unpacking<HemBoardProps, "clients" | "clientId" | "wardrobe">(Hems);

function Grid({ wardrobe }: { readonly wardrobe: NonNullable<HemBoardProps["wardrobe"]> }) {
  const [order, setOrder] = useQueryState("order", parseAsStringLiteral(orders).withDefault(orders[1]));
  const { garments, shoes, rows, done } = useHemBoard(wardrobe);
  const serves = useMemo(() => (done ? countServed(rows) : null), [rows, done]);
  const ranked = order === "goes with most" && serves !== null;
  const lines = useMemo(
    () =>
      garments.map((garment): BoardLine<Piece, HemAnswers> => {
        const cells = rows.get(garment.id);
        const rank = serves?.get(garment.id) ?? 0;
        return { id: garment.id, of: garment, answers: cells && { cells, serves }, rank };
      }),
    [garments, rows, serves],
  );
  const shoesShown = useMemo(
    () =>
      ranked
        ? [...shoes].sort((one, other) => (serves.get(other.id) ?? 0) - (serves.get(one.id) ?? 0))
        : shoes,
    [shoes, ranked, serves],
  );
  const look = useLook(wardrobe, serves);
  const total = garments.length * shoes.length;
  const read = [...rows.values()].reduce((sum, row) => sum + row.length, 0);
  if (total === 0)
    return <Empty say={sayWith(boardsWords.hasNoHemsOrNo, { client: wardrobe.client.name })} />;
  return (
    <>
      <div className="mb-3 flex items-center gap-3">
        <Segments
          label={boardsWords.order}
          size="normal"
          value={order}
          onChange={(next) => void setOrder(next)}
          segments={orders.map((name) => ({ value: name, shown: name }))}
        />
        <p role="status" className="tabular text-ink-soft">
          {done
            ? sayWith(boardsWords.pairsRead, { total })
            : sayWith(boardsWords.ofPairsRead, { read, total })}
        </p>
      </div>
      <BoardTable
        label={boardsWords.hemBoard}
        corner={wardrobe.client.name}
        lines={lines}
        columns={shoesShown}
        columnId={({ id }) => id}
        look={look}
        ranked={ranked}
      />
    </>
  );
}

/** The cells of a row as the worker gave them, and with how much each piece goes once all is read. */
interface HemAnswers {
  readonly cells: readonly HemCell[];
  readonly serves: Served | null;
}

function useLook(wardrobe: NonNullable<HemBoardProps["wardrobe"]>, serves: Served | null) {
  const unit = useLengthUnit();
  return useMemo((): BoardLook<Piece, Piece, HemAnswers> => {
    const baseOf = (id: string) => wardrobe.bases.find(({ pieceIds }) => pieceIds.includes(id))?.id;
    const goesWith = ({ id }: Piece) => (
      <span className="block font-normal text-ink-soft">
        {serves ? sayWith(boardsWords.withWord, { count: serves.get(id) ?? 0 }) : "\u00a0"}
      </span>
    );
    return {
      row: 81,
      column: 97,
      names: 176,
      head: (shoe) => (
        <span className="block text-tiny leading-tight">
          <Plate piece={shoe} className="mx-auto h-10 w-20" />
          {shoe.name}
          {goesWith(shoe)}
        </span>
      ),
      name: (garment) => (
        <span className="flex items-center gap-2 text-tiny leading-tight">
          <InSight className="h-14 w-10 shrink-0">
            {() => <Plate piece={garment} className="size-full" />}
          </InSight>
          <span>
            {garment.name}
            {goesWith(garment)}
          </span>
        </span>
      ),
      cell: (garment, shoe, answers) => {
        const cell = answers?.cells.find((entry) => entry.shoe === shoe.id);
        return (
          cell && (
            <Cell
              cell={cell}
              garment={garment}
              shoe={shoe}
              unit={unit}
              clientId={wardrobe.client.id}
              baseId={baseOf(garment.id)}
            />
          )
        );
      },
    };
  }, [wardrobe, serves, unit]);
}

interface CellProps {
  readonly cell: HemCell;
  readonly garment: Piece;
  readonly shoe: Piece;
  readonly unit: LengthUnit;
  readonly clientId: string;
  readonly baseId: string | undefined;
}

function Cell({ cell, garment, shoe, unit, clientId, baseId }: CellProps) {
  const words = sayCell(cell, garment, shoe, unit);
  const drawing = (
    <>
      <HemCellDrawing cell={cell} garment={garment} shoe={shoe} />
      <span className="absolute right-1 bottom-0.5 flex items-center gap-0.5">
        <VerdictMark of={cell.verdict} />
      </span>
      {cell.turn && (
        <span className="tabular absolute bottom-0.5 left-1 text-tiny">{`${cell.turn.count} \u00d7 ${sayLength(cell.turn.depth, unit)}`}</span>
      )}
    </>
  );
  const shape = "relative block h-20 w-24 hover:bg-white";
  if (!baseId)
    return (
      <span className={shape}>
        {drawing}
        <span className="sr-only">{words}</span>
      </span>
    );
  const turn = cell.turn ? `&turn=${cell.turn.count}x${cell.turn.depth}` : "";
  return (
    <Hint words={words}>
      <Link
        href={`/bench?client=${clientId}&base=${baseId}&wear=${shoe.id}${turn}`}
        aria-label={words}
        className={shape}
      >
        {drawing}
      </Link>
    </Hint>
  );
}

/** A cell in words: the pair, its verdict, its figures and what stands against it. */
function sayCell(cell: HemCell, garment: Piece, shoe: Piece, unit: LengthUnit): string {
  const gap = cell.shaft === null ? boardsWords.fromTheAnkleBone : cell.gap >= 0 ? "gap" : "overlap";
  const turned = cell.turn
    ? sayWith(boardsWords.turnedSo, { count: cell.turn.count, depth: sayLength(cell.turn.depth, unit) })
    : "";
  const against = [...new Set(cell.against)].map((id) => faultOf(id));
  return sayWith(boardsWords.overHemOverTheFloor, {
    garment: garment.name,
    turned,
    shoe: shoe.name,
    verdict: wordOf(cell.verdict),
    height: sayLength(cell.hem + cell.lift, unit),
    gapWord: gap,
    gap: sayLength(Math.abs(cell.gap), unit),
    end: against.length > 0 ? `; ${against.join("; ")}` : "",
  });
}

type Served = ReadonlyMap<string, number>;

/** With how many of the other side each piece does not jar. */
function countServed(rows: ReadonlyMap<string, readonly HemCell[]>): Served {
  const counts = new Map<string, number>();
  for (const [garment, cells] of rows)
    for (const { shoe, verdict } of cells) {
      if (verdict === "jars") continue;
      counts.set(garment, (counts.get(garment) ?? 0) + 1);
      counts.set(shoe, (counts.get(shoe) ?? 0) + 1);
    }
  return counts;
}
