"use client";
// The window keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useLayoutEffect, useRef, useState } from "react";
import type { PieceRecord } from "@/core/studio/piece-record";
import { Plate } from "../../drawing/plate";
import { Link } from "../../kit/link";
import { PickBox } from "./pick-box";

interface RailPlatesProps {
  readonly count: number;
  readonly pieces: ReadonlyMap<number, PieceRecord>;
  readonly reach: (from: number, to: number) => void;
  readonly nameOf: (clientId: string | null) => string;
}

const rowHeight = 208;
const narrowest = 190;

/** Some of the rail as plates side by side; only the rows near the window are laid out. */
export function RailPlates({ count, pieces, reach, nameOf }: RailPlatesProps) {
  const body = useRef<HTMLUListElement>(null);
  const [{ offset, across }, setRoom] = useState({ offset: 0, across: 6 });
  useLayoutEffect(() => {
    const measure = () => {
      const list = body.current;
      if (list)
        setRoom({
          offset: list.offsetTop,
          across: Math.max(2, Math.floor(list.clientWidth / narrowest)),
        });
    };
    measure();
    window.addEventListener("resize", measure);
    return () => window.removeEventListener("resize", measure);
  }, []);
  const rows = useWindowVirtualizer({
    count: Math.ceil(count / across),
    estimateSize: () => rowHeight,
    overscan: 2,
    scrollMargin: offset,
    initialRect: { width: 1280, height: 800 },
  });
  const near = rows.getVirtualItems();
  const from = (near[0]?.index ?? 0) * across;
  const to = Math.min(count, ((near[near.length - 1]?.index ?? -1) + 1) * across) - 1;
  useEffect(() => {
    if (to >= from) reach(from, to);
  }, [from, to, reach]);
  return (
    <ul
      ref={body}
      className="relative border border-rule-strong bg-paper"
      style={{ height: rows.getTotalSize() }}
    >
      {near.map(({ index, start }) => (
        <li
          key={index}
          className="absolute inset-x-0 grid"
          style={{
            height: rowHeight,
            top: start - offset,
            gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`,
          }}
        >
          {Array.from({ length: across }, (_, i) => pieces.get(index * across + i)).map((record, i) =>
            record ? (
              <RailPlate key={record.piece.id} record={record} owner={nameOf(record.clientId)} />
            ) : (
              <div key={i} className="border-r border-b border-rule" />
            ),
          )}
        </li>
      ))}
    </ul>
  );
}

interface RailPlateProps {
  readonly record: PieceRecord;
  readonly owner: string;
}

function RailPlate({ record, owner }: RailPlateProps) {
  return (
    <div className="relative border-r border-b border-rule p-2 hover:bg-white">
      <Plate piece={record.piece} className="h-32 w-full" />
      <Link
        href={`/rail/${record.piece.id}`}
        className="mt-1 line-clamp-2 font-medium after:absolute after:inset-0"
      >
        {record.piece.name}
      </Link>
      <span className="block truncate text-tiny text-ink-soft">{owner}</span>
      <PickBox record={record} className="absolute top-2 left-2" />
    </div>
  );
}
