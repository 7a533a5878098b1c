"use client";

import Link from "next/link";
import { useMemo, useState } from "react";
import type { HemCell } from "@/core/search/hem-board";
import type { BenchSource } from "@/core/studio/bench-source";
import { sayLength, type LengthUnit } from "@/core/length/length";
import type { Piece } from "@/core/piece/piece";
import { ruleOf } from "@/core/rules/registry";
import { Plate } from "../drawing/plate";
import { useLengthUnit } from "../kit/length-unit";
import { Mark, wordOf } from "../kit/marks";
import { Empty, Page } from "../kit/page";
import { BoardNav } from "./board-nav";
import { HemCellDrawing } from "./hem-cell";
import { useHemBoard } from "./use-hem-board";

interface HemBoardProps {
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly clientId: string | null;
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases"> | null;
}

const orders = ["as on the rail", "goes with most"] as const;

/** Every hem of a client over every pair of shoes: a small ankle in each cell, with its mark. */
export function HemBoard({ clients, clientId, wardrobe }: HemBoardProps) {
  if (!wardrobe || clientId === null)
    return (
      <Page title="Boards">
        <Empty say="A board compares a client's hems with every pair of shoes. Add a client, trousers and shoes first." />
      </Page>
    );
  return (
    <Page
      title="Hems"
      about="Each cell is the ankle as the figures have it, with the turn-up that suits the pair best where one is needed. Open a cell on the bench."
    >
      <BoardNav here="/boards" clients={clients} clientId={clientId} />
      <Grid key={clientId} wardrobe={wardrobe} />
    </Page>
  );
}

function Grid({ wardrobe }: { readonly wardrobe: NonNullable<HemBoardProps["wardrobe"]> }) {
  const unit = useLengthUnit();
  const [order, setOrder] = useState<(typeof orders)[number]>("goes with most");
  const { garments, shoes, rows, done } = useHemBoard(wardrobe);
  const serves = useMemo(() => countServed(rows), [rows]);
  const byCount = (one: Piece, other: Piece) => (serves.get(other.id) ?? 0) - (serves.get(one.id) ?? 0);
  const rowsShown = order === "goes with most" && done ? [...garments].sort(byCount) : garments;
  const shoesShown = order === "goes with most" && done ? [...shoes].sort(byCount) : shoes;
  const total = garments.length * shoes.length;
  const read = [...rows.values()].reduce((sum, row) => sum + row.length, 0);
  if (total === 0) return <Empty say={`${wardrobe.client.name} has no hems or no shoes on the rail yet.`} />;
  const baseOf = (id: string) => wardrobe.bases.find(({ pieceIds }) => pieceIds.includes(id))?.id;
  return (
    <>
      <div className="mb-3 flex items-center gap-3">
        <div role="group" aria-label="Order" className="flex">
          {orders.map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={name === order}
              onClick={() => setOrder(name)}
              className={`h-8 border border-l-0 border-rule-strong px-3 first:border-l ${name === order ? "bg-ink text-paper" : "bg-paper hover:bg-well"}`}
            >
              {name}
            </button>
          ))}
        </div>
        <p role="status" className="tabular text-ink-soft">
          {done ? `${total} pairs read` : `${read} of ${total} pairs read ...`}
        </p>
      </div>
      <div
        className="overflow-x-auto border border-rule-strong bg-paper"
        tabIndex={0}
        role="region"
        aria-label="Hem board"
      >
        <table className="border-collapse">
          <thead>
            <tr>
              <th className="sticky left-0 z-10 w-44 min-w-44 border-r border-b border-rule-strong bg-paper" />
              {shoesShown.map((shoe) => (
                <th
                  key={shoe.id}
                  scope="col"
                  className="w-24 min-w-24 border-b border-rule-strong px-1 pt-2 pb-1 align-bottom text-tiny leading-tight font-medium"
                >
                  <Plate piece={shoe} className="mx-auto h-10 w-20" />
                  {shoe.name}
                  <span className="block font-normal text-ink-soft">
                    {done ? `with ${serves.get(shoe.id) ?? 0}` : "\u00a0"}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rowsShown.map((garment) => (
              <tr key={garment.id}>
                <th
                  scope="row"
                  className="sticky left-0 z-10 border-r border-b border-rule-strong bg-paper px-2 text-left text-tiny leading-tight font-medium"
                >
                  <span className="flex items-center gap-2">
                    <Plate piece={garment} className="h-14 w-10 shrink-0" />
                    <span>
                      {garment.name}
                      <span className="block font-normal text-ink-soft">
                        {done ? `with ${serves.get(garment.id) ?? 0}` : "\u00a0"}
                      </span>
                    </span>
                  </span>
                </th>
                {shoesShown.map((shoe) => {
                  const cell = rows.get(garment.id)?.find((entry) => entry.shoe === shoe.id);
                  return (
                    <td key={shoe.id} className="border-b border-l border-rule p-0 first-of-type:border-l-0">
                      {cell ? (
                        <Cell
                          cell={cell}
                          garment={garment}
                          shoe={shoe}
                          unit={unit}
                          clientId={wardrobe.client.id}
                          baseId={baseOf(garment.id)}
                        />
                      ) : (
                        <span className="block h-20 w-24" />
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
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
        <Mark of={cell.verdict} className={`size-4 ${cell.verdict === "jars" ? "text-thread" : ""}`} />
      </span>
      {cell.turn && (
        <span className="tabular absolute bottom-0.5 left-1 text-tiny">{`${cell.turn.count} \u00d7 ${sayLength(cell.turn.depth, unit)}`}</span>
      )}
    </>
  );
  const shape = "relative block h-20 w-24 hover:bg-white";
  if (!baseId)
    return (
      <span title={words} className={shape}>
        {drawing}
        <span className="sr-only">{words}</span>
      </span>
    );
  const turn = cell.turn ? `&turn=${cell.turn.count}x${cell.turn.depth}` : "";
  return (
    <Link
      href={`/bench?client=${clientId}&base=${baseId}&wear=${shoe.id}${turn}`}
      title={words}
      aria-label={words}
      className={shape}
    >
      {drawing}
    </Link>
  );
}

/** A cell in words: the pair, its verdict, its figures and what stands against it. */
function sayCell(cell: HemCell, garment: Piece, shoe: Piece, unit: LengthUnit): string {
  const gap = cell.shaft === null ? "from the ankle bone" : cell.gap >= 0 ? "gap" : "overlap";
  const turned = cell.turn ? `, turned ${cell.turn.count} \u00d7 ${sayLength(cell.turn.depth, unit)}` : "";
  const against = [...new Set(cell.against)].map((id) => ruleOf(id)?.title.toLowerCase() ?? id);
  return `${garment.name}${turned} over ${shoe.name}: ${wordOf(cell.verdict)}; hem ${sayLength(cell.hem + cell.lift, unit)} over the floor, ${gap} ${sayLength(Math.abs(cell.gap), unit)}${against.length > 0 ? `; ${against.join("; ")}` : ""}`;
}

/** With how many of the other side each piece does not jar. */
function countServed(rows: ReadonlyMap<string, readonly HemCell[]>): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const [garment, cells] of rows)
    for (const { shoe, verdict } of cells) {
      if (verdict === "jars") continue;
      counts.set(garment, (counts.get(garment) ?? 0) + 1);
      counts.set(shoe, (counts.get(shoe) ?? 0) + 1);
    }
  return counts;
}
