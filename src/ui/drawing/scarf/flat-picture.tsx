import { useMemo } from "react";
import { patchesOf } from "@/core/scarf/colour-map";
import { mapOf, type ClothPicture } from "@/core/scarf/picture";

interface FlatPictureProps {
  readonly picture: ClothPicture;
  /** The sides of the cloth with its picture upright, cm. */
  readonly sides: readonly [number, number];
}

const two = (value: number) => Math.round(value * 100) / 100;

/** A scarf's picture spread flat, its upper left corner at the origin, cm, y down: one path for each colour. */
export function FlatPicture({ picture, sides: [wide, tall] }: FlatPictureProps) {
  const paths = useMemo(() => {
    const byColour = new Map<number, string>();
    for (const { colour, outline } of patchesOf(mapOf(picture), wide, tall)) {
      const [low, , high] = outline;
      if (!low || !high) continue;
      const d = `M${two(low.x)} ${two(tall - high.y)}H${two(high.x)}V${two(tall - low.y)}H${two(low.x)}Z`;
      byColour.set(colour, (byColour.get(colour) ?? "") + d);
    }
    return [...byColour];
  }, [picture, wide, tall]);
  return (
    <>
      {paths.map(([colour, d]) => {
        const hex = picture.colours[colour] ?? "#999999";
        return <path key={colour} d={d} fill={hex} stroke={hex} strokeWidth={0.08} />;
      })}
    </>
  );
}
