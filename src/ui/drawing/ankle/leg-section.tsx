import type { Dressed } from "@/core/dressing/dressed";
import { drawnColouring } from "../figure/drawn-colouring";
import { lineOn, paintOf } from "../paint";
import { opacityOf } from "../plates/hosiery-plate";
import { hangingHalf, view, type LegSide } from "./view";

interface SectionProps {
  readonly dressed: Dressed;
  readonly side: LegSide;
}

const top = view.reach + 4;

/** Skin of leg and foot, and what hosiery lies on it. */
export function SkinAndHosiery({ dressed, side }: SectionProps) {
  const hosiery = dressed.worn.find((worn) => worn.piece.kind === "hosiery");
  const { skin } = drawnColouring(dressed.look.client.colouring);
  const foot = footPath(side, dressed.lift);
  return (
    <g strokeLinejoin="round">
      <path d={legPath(side, 3, top, 0)} fill={skin} stroke="#6b6b6b" strokeWidth={0.2} />
      <path d={foot} fill={skin} />
      {hosiery?.piece.kind === "hosiery" && (
        <g
          fill={hosiery.profile.ground?.shade.hex ?? "#777777"}
          fillOpacity={opacityOf(hosiery.piece.figures.denier)}
          stroke={lineOn(hosiery.profile.ground?.shade.hex ?? "#777777")}
          strokeWidth={0.15}
        >
          <path d={foot} />
          {hosiery.extent.to > 4 && <path d={legPath(side, 3, Math.min(hosiery.extent.to, top), 0.12)} />}
        </g>
      )}
    </g>
  );
}

function legPath({ axis, half }: LegSide, from: number, to: number, ease: number): string {
  const heights = Array.from({ length: 20 }, (_, i) => from + ((to - from) * i) / 19);
  const front = heights.map((h) => `${axis + half(h) + ease} ${h}`);
  const back = [...heights].reverse().map((h) => `${axis - half(h) - ease} ${h}`);
  return `M ${[...front, ...back].join(" L ")} Z`;
}

/** The foot, pitched by the lift: its toe sinks as the heel rises. */
function footPath({ foot, axis, half }: LegSide, lift: number): string {
  const toe = (share: number) => -lift * share;
  return (
    `M ${axis - half(5) + 0.2} 7 C -1 5 -1.2 1 0 0.4 L ${foot * 0.9} ${0.2 + toe(0.6)} ` +
    `Q ${foot} ${0.8 + toe(0.8)} ${foot * 0.9} ${2.2 + toe(0.7)} ` +
    `C ${foot * 0.7} ${4 + toe(0.3)} ${axis + half(8) + 3} 5.4 ${axis + half(9)} 9 Z`
  );
}

/** The leg of the trousers as it hangs, with its turn-up. */
export function TrouserSection({ dressed, side, scope }: SectionProps & { readonly scope: string }) {
  const { leg } = dressed;
  if (!leg) return null;
  const paint = paintOf(leg.trousers, scope);
  const inBoot = leg.fit?.meeting === "tucked" ? leg.fit : null;
  const hem = inBoot ? inBoot.shaft : leg.hem;
  if (hem > top) return null;
  const at = (h: number) =>
    inBoot && h <= hem + 0.1
      ? side.half(h) + 0.6
      : hangingHalf(Math.max(leg.opening + leg.taper * (h - leg.hem), 2 * Math.PI * side.half(h) + 1));
  const middle = side.axis + 0.4;
  const depth = leg.turn?.depth ?? 0;
  const reverse = leg.trousers.swatches.find(({ role }) => role === "reverse")?.hex ?? paint.ground;
  const edge = (h: number, out: number) =>
    `L ${middle - at(h) - out} ${h} Q ${middle} ${h - 0.5} ${middle + at(h) + out} ${h}`;
  return (
    <g strokeLinejoin="round">
      {paint.defs && <defs>{paint.defs}</defs>}
      <path
        d={`M ${middle - at(top)} ${top} ${edge(hem, 0)} L ${middle + at(top)} ${top} Z`}
        fill={paint.fill}
        fillOpacity={0.95}
        stroke={paint.line}
        strokeWidth={0.22}
      />
      <path
        d={`M ${middle + at(top) * 0.35} ${top} L ${middle + at(hem) * 0.3} ${hem + 0.2}`}
        stroke={paint.line}
        strokeOpacity={0.45}
        strokeWidth={0.16}
        fill="none"
      />
      {leg.turn && (
        <path
          d={
            `M ${middle + at(hem) + 0.35} ${hem} L ${middle + at(hem + depth) + 0.35} ${hem + depth} ` +
            `Q ${middle} ${hem + depth - 0.5} ${middle - at(hem + depth) - 0.35} ${hem + depth} ${edge(hem, 0.35)} Z`
          }
          fill={reverse}
          stroke={lineOn(reverse)}
          strokeWidth={0.22}
        />
      )}
    </g>
  );
}
