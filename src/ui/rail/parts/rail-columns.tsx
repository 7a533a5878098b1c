"use client";
// The table keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import { createColumnHelper, rowSortingFeature, tableFeatures } from "@tanstack/react-table";
import { useMemo } from "react";
import type { Piece } from "@/core/piece/piece";
import { levelWord } from "@/core/register/ladder";
import type { PieceRecord } from "@/core/studio/piece-record";
import { familiesOf } from "@/core/studio/rail";
import { railWords } from "@/words/rail";
import { Plate } from "../../drawing/plate";
import { useLengthUnit } from "../../kit/length-unit";
import { Link } from "../../kit/link";
import { SwatchStrip } from "../../kit/swatches";
import { captionOf } from "../../pieces/words/caption";
import { PickBox } from "./pick-box";

export const features = tableFeatures({ rowSortingFeature });
const column = createColumnHelper<typeof features, PieceRecord>();

/** The columns of the rail. */
export function useRailColumns(nameOf: (clientId: string | null) => string) {
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
          cell: ({ row: { original } }) => <NameCell piece={original.piece} />,
        }),
        column.display({
          id: "colours",
          header: "Colours",
          cell: ({ row: { original } }) => <ColoursCell piece={original.piece} />,
        }),
        column.accessor(({ piece }) => piece.finish, { id: "finish", header: "Finish" }),
        column.accessor(({ piece }) => piece.register?.centre ?? null, {
          id: "level",
          header: "Level",
          cell: ({ getValue }) => <LevelCell level={getValue()} />,
        }),
        column.display({
          id: "owner",
          header: "Owner",
          cell: ({ row: { original } }) => nameOf(original.clientId),
        }),
        column.accessor(({ state }) => state, { id: "state", header: "State" }),
      ]),
    [nameOf],
  );
}

function NameCell({ piece }: { readonly piece: Piece }) {
  const unit = useLengthUnit();
  return (
    <>
      <Link
        href={`/rail/${piece.id}`}
        className="block truncate text-body font-medium after:absolute after:inset-0"
      >
        {piece.name}
      </Link>
      <span className="tabular block truncate text-tiny text-ink-soft">{captionOf(piece, unit)}</span>
    </>
  );
}

function ColoursCell({ piece }: { readonly piece: Piece }) {
  return (
    <>
      <SwatchStrip swatches={piece.swatches} className="h-4 w-20" />
      <span className="text-tiny text-ink-soft">{familiesOf(piece.swatches).join(", ")}</span>
    </>
  );
}

function LevelCell({ level }: { readonly level: number | null }) {
  if (level === null) return <span className="text-ink-soft">{railWords.notSaid}</span>;
  return (
    <span className="tabular">
      {level} <span className="text-ink-soft">{levelWord(level)}</span>
    </span>
  );
}
