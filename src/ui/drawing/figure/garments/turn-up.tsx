import type { Legged } from "@/core/piece/piece";
import type { Turn } from "@/core/piece/adjustment";
import { Shape } from "../../cloth/shape";
import { tonesOf } from "../../cloth/tones";
import type { Paint } from "../../paint";
import { arc, outline, shadeAlong } from "../path";

interface TurnUpProps {
  readonly id: string;
  readonly trousers: Legged;
  readonly paint: Paint;
  readonly turn: Turn;
  readonly x: number;
  readonly half: number;
  readonly hem: number;
}

/** The turned hem, the inside of the cloth where that has a colour of its own. */
export function TurnUp({ id, trousers, paint, turn, x, half, hem }: TurnUpProps) {
  const reverse = trousers.swatches.find(({ role }) => role === "reverse")?.hex ?? null;
  const inside: Paint = reverse ? { ...paint, fill: reverse, tones: tonesOf(reverse) } : paint;
  const wide = half + 0.4;
  const top = arc({ x: x - wide, h: hem + turn.depth }, { x: x + wide, h: hem + turn.depth }, 0.7);
  const fold = arc({ x: x + wide, h: hem }, { x: x - wide, h: hem }, 0.7);
  const edge = [
    { x: x + wide, h: hem + turn.depth },
    { x: x + wide, h: hem + turn.depth / 2 },
    { x: x + wide, h: hem },
  ];
  return (
    <Shape
      id={id}
      paint={inside}
      parts={[{ d: outline(top, fold) }]}
      shades={[shadeAlong(edge, half * 0.4, 1)]}
    />
  );
}
