import { useId, useMemo } from "react";
import { dress } from "@/core/dressing/dress";
import type { Client } from "@/core/piece/client";
import type { Piece } from "@/core/piece/piece";
import type { Scarf, TieSettings } from "@/core/piece/tied-scarf";
import { tieSpec } from "@/core/scarf/ties";
import type { TiePlace } from "@/core/scarf/ties/define-tie";
import { DressedBody } from "../drawing/figure/dressed-body";
import { frameOf } from "../drawing/figure/frame";

interface TiedOnClientProps {
  readonly scarf: Scarf;
  readonly client: Client;
  readonly garments: readonly Piece[];
  readonly settings: TieSettings;
  readonly className?: string;
}

/** What of the figure is shown where a scarf is tied: heights as shares of hers, from the top down. */
const shownFrom: Record<TiePlace, readonly [top: number, bottom: number]> = {
  neck: [1.01, 0.55],
  head: [1.03, 0.72],
  hair: [1.03, 0.72],
  wrist: [0.62, 0.36],
  bag: [0.7, 0.3],
  "belt loops": [0.74, 0.36],
  waist: [0.8, 0.36],
  top: [1.02, 0.5],
};

/** A scarf tied on a client over what she wears, drawn close. */
export function TiedOnClient({ scarf, client, garments, settings, className }: TiedOnClientProps) {
  const scope = useId();
  const dressed = useMemo(
    () =>
      dress({
        client: { ...client, seated: false },
        garments,
        accessories: [scarf],
        adjustments: [{ kind: "tie", piece: scarf.id, ...settings }],
        occasion: null,
      }),
    [client, garments, scarf, settings],
  );
  const { height } = dressed.body;
  const { place, name } = tieSpec(settings.tie);
  const [top, bottom] = shownFrom[place];
  const tall = (top - bottom) * height;
  const half = Math.max(tall * 0.42, place === "neck" ? 26 : 0);
  return (
    <svg
      viewBox={`${-half} ${-top * height} ${2 * half} ${tall}`}
      role="img"
      aria-label={name}
      preserveAspectRatio="xMidYMid slice"
      className={className}
    >
      <DressedBody dressed={dressed} frame={frameOf(dressed.body)} scope={scope} />
    </svg>
  );
}
