"use client";

import { useId, useMemo } from "react";
import { extentOf, type FoldedCloth } from "@/core/scarf/fold";
import type { ClothPicture } from "@/core/scarf/picture";
import { after, applied, inverseOf, type Affine } from "@/core/scarf/plane";
import { seenOf, type View } from "@/core/scarf/seen";
import { FlatPicture } from "./flat-picture";
import { drawnPaler } from "./reverse";

interface FoldedPictureProps {
  readonly folded: FoldedCloth;
  readonly picture: ClothPicture;
  /** The sides of the flat cloth, cm. */
  readonly sides: readonly [number, number];
  /** Direction of its length, degrees: it is drawn level. */
  readonly axis: number;
  readonly view: View;
  /** How much paler the reverse is, 0-1. */
  readonly paler: number;
  readonly label: string;
  readonly className?: string;
}

const two = (value: number) => Math.round(value * 100) / 100;
const matrix = ({ a, b, c, d, e, f }: Affine) =>
  `matrix(${[a, b, c, d, e, f].map((n) => Math.round(n * 1e4) / 1e4).join(" ")})`;

/** From the plane a cloth lies on to the drawing: its length level, y down; from the back it is mirrored. */
function toDrawing(axis: number, view: View): Affine {
  const turn = (-axis * Math.PI) / 180;
  const mirrored = view === "front" ? 1 : -1;
  return {
    a: Math.cos(turn) * mirrored,
    b: -Math.sin(turn),
    c: -Math.sin(turn) * mirrored,
    d: -Math.cos(turn),
    e: 0,
    f: 0,
  };
}

/** Every piece of a folded cloth that is seen: its outline, where the flat cloth lies under it, and the room of them all. */
function seenPieces(folded: FoldedPictureProps["folded"], axis: number, view: View, tall: number) {
  const drawn = toDrawing(axis, view);
  const fromFlatDrawing: Affine = { a: 1, b: 0, c: 0, d: -1, e: 0, f: tall };
  const { along, across } = extentOf(folded, axis);
  const x = view === "front" ? along.from : -along.to;
  return {
    box: [x - 1, -across.to - 1, along.to - along.from + 2, across.to - across.from + 2].map(two),
    pieces: seenOf(folded, view).map(({ outline, layer, face }) => ({
      d: `M${outline
        .map((point) => {
          const at = applied(drawn, point);
          return `${two(at.x)} ${two(at.y)}`;
        })
        .join("L")}Z`,
      place: matrix(after(drawn, after(inverseOf(layer.toFlat), fromFlatDrawing))),
      isReverse: face === "reverse",
    })),
  };
}

/** A folded scarf with its own picture, as exactly as it is folded: every piece of it that is seen, cut from the flat one. */
export function FoldedPicture({
  folded,
  picture,
  sides,
  axis,
  view,
  paler,
  label,
  className,
}: FoldedPictureProps) {
  const id = useId();
  const [, tall] = sides;
  const { box, pieces } = useMemo(() => seenPieces(folded, axis, view, tall), [folded, axis, view, tall]);
  return (
    <svg viewBox={box.join(" ")} role="img" aria-label={label} className={className}>
      <defs>
        <g id={`${id}-flat`}>
          <FlatPicture picture={picture} sides={sides} />
        </g>
        {pieces.map(({ d }, at) => (
          <clipPath key={at} id={`${id}-${at}`}>
            <path d={d} />
          </clipPath>
        ))}
      </defs>
      {pieces.map(({ d, place, isReverse }, at) => (
        <g key={at}>
          <g clipPath={`url(#${id}-${at})`}>
            <use href={`#${id}-flat`} transform={place} />
            {isReverse && <path d={d} fill="#fff" fillOpacity={drawnPaler(paler)} />}
          </g>
          <path
            d={d}
            fill="none"
            stroke="#000"
            strokeOpacity={0.28}
            strokeWidth={0.25}
            strokeLinejoin="round"
          />
        </g>
      ))}
    </svg>
  );
}
