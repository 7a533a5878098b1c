import { useId } from "react";
import { sayLength, type LengthUnit } from "@/core/reading/phrase";
import type { Dressed } from "@/core/dressing/dressed";
import { lineOn, paintOf } from "./paint";
import { opacityOf } from "./plates/hosiery-plate";
import { ShoeDrawing } from "./shoe-drawing";
import { shoeSide } from "./shoe-side";

interface Props {
  readonly dressed: Dressed;
  readonly unit: LengthUnit;
  readonly className?: string;
}

/** What the window shows above the footbed, cm. */
const reach = 36;
const floorBelow = 3;

/** The ankle from the side at four times the figure's scale: hem, turn-up, shaft, sock, skin, with figures. */
export function AnkleWindow({ dressed, unit, className }: Props) {
  const scope = useId();
  const shoe = dressed.worn.find((worn) => worn.piece.kind === "shoe")?.piece;
  const hosiery = dressed.worn.find((worn) => worn.piece.kind === "hosiery");
  const { body, leg, look } = dressed;
  const foot = 0.152 * body.height;
  const lift = dressed.lift;
  const ankleX = foot * 0.25;
  const half = (h: number) =>
    (body.legGirth ? body.legGirth(Math.max(h, 0)) : (h < 12 ? 0.13 : 0.2) * body.height) / Math.PI / 2;
  const heights = Array.from({ length: 16 }, (_, i) => 3 + ((reach + 6 - 3) * i) / 15);
  const legPath = `M ${heights.map((h) => `${ankleX + half(h)} ${h}`).join(" L ")} L ${[...heights]
    .reverse()
    .map((h) => `${ankleX - half(h)} ${h}`)
    .join(" L ")} Z`;
  const footPath = `M ${ankleX - half(5) + 0.2} 7 C -1 5 -1.2 1 0 0.4 L ${foot * 0.9} ${0.2 - lift * 0.6} Q ${foot} ${0.8 - lift * 0.8} ${foot * 0.9} ${2.2 - lift * 0.7} C ${foot * 0.7} ${4 - lift * 0.3} ${ankleX + half(8) + 3} 5.4 ${ankleX + half(9)} 9 Z`;
  const side = shoe?.kind === "shoe" ? shoeSide(shoe.figures, foot) : null;
  return (
    <svg
      viewBox={`-9 ${-reach} 50 ${reach + Math.max(lift, 2) + floorBelow}`}
      className={className}
      role="img"
      aria-label={describe(dressed, unit)}
    >
      <defs>
        <clipPath id={`${scope}-window`}>
          <rect x={-9} y={-reach} width={50} height={reach + lift + floorBelow} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${scope}-window)`}>
        <line x1={-9} x2={41} y1={lift} y2={lift} stroke="#5f5f5f" strokeWidth={0.25} />
        <g transform="scale(1,-1)">
          <path d={legPath} fill={look.client.colouring.skin} stroke="#6b6b6b" strokeWidth={0.2} />
          <path d={footPath} fill={look.client.colouring.skin} />
          {hosiery?.piece.kind === "hosiery" && (
            <HosierySection
              top={hosiery.extent.to}
              hex={hosiery.piece.swatches[0]?.hex ?? "#777777"}
              denier={hosiery.piece.figures.denier}
              ankleX={ankleX}
              half={half}
              foot={footPath}
            />
          )}
          {shoe?.kind === "shoe" && side && (
            <g transform={`translate(0, ${-lift})`}>
              <ShoeDrawing shoe={shoe} foot={foot} scope={scope} />
            </g>
          )}
          <TrouserSection dressed={dressed} ankleX={ankleX} scope={scope} />
        </g>
        <Dimensions dressed={dressed} unit={unit} lift={lift} />
      </g>
      {!leg && dressed.hem !== null && dressed.hem > reach && (
        <text x={40} y={-reach + 3} textAnchor="end" fontSize={2.1} fill="#4a4a4a">
          hem {sayLength(dressed.hem, unit)} up
        </text>
      )}
    </svg>
  );
}

interface HosieryProps {
  readonly top: number;
  readonly hex: string;
  readonly denier: number;
  readonly ankleX: number;
  readonly half: (h: number) => number;
  readonly foot: string;
}

function HosierySection({ top, hex, denier, ankleX, half, foot }: HosieryProps) {
  const heights = Array.from({ length: 12 }, (_, i) => 3 + ((Math.min(top, reach + 6) - 3) * i) / 11);
  const d = `M ${heights.map((h) => `${ankleX + half(h) + 0.12} ${h}`).join(" L ")} L ${[...heights]
    .reverse()
    .map((h) => `${ankleX - half(h) - 0.12} ${h}`)
    .join(" L ")} Z`;
  return (
    <g fill={hex} fillOpacity={opacityOf(denier)} stroke={lineOn(hex)} strokeWidth={0.15}>
      <path d={foot} />
      {top > 4 && <path d={d} />}
    </g>
  );
}

/** The leg of the trousers as it hangs: from the front of the shin back to the calf. */
function TrouserSection({
  dressed,
  ankleX,
  scope,
}: {
  readonly dressed: Dressed;
  readonly ankleX: number;
  readonly scope: string;
}) {
  const { leg } = dressed;
  if (!leg) return null;
  const paint = paintOf(leg.trousers, scope);
  const tucked = leg.fit?.meeting === "tucked" && leg.fit.shaft;
  const hem = tucked ? (leg.fit?.shaft ?? leg.hem) : leg.hem;
  const opening = tucked ? leg.opening * 0.8 : leg.opening;
  const at = (h: number) => (opening + leg.taper * (h - hem)) * 0.205;
  const top = reach + 6;
  if (hem > top) return null;
  const middle = ankleX + 0.4;
  const reverse = leg.trousers.swatches.find(({ role }) => role === "reverse")?.hex ?? paint.ground;
  const depth = leg.turn?.depth ?? 0;
  return (
    <g strokeLinejoin="round">
      {paint.defs && <defs>{paint.defs}</defs>}
      <path
        d={`M ${middle - at(top)} ${top} L ${middle - at(hem)} ${hem} Q ${middle} ${hem - 0.5} ${middle + at(hem)} ${hem} L ${middle + at(top)} ${top} Z`}
        fill={paint.fill}
        fillOpacity={0.94}
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
          d={`M ${middle - at(hem) - 0.35} ${hem} L ${middle - at(hem + depth) - 0.35} ${hem + depth} Q ${middle} ${hem + depth - 0.5} ${middle + at(hem + depth) + 0.35} ${hem + depth} L ${middle + at(hem) + 0.35} ${hem} Q ${middle} ${hem - 0.5} ${middle - at(hem) - 0.35} ${hem} Z`}
          fill={reverse}
          stroke={lineOn(reverse)}
          strokeWidth={0.22}
        />
      )}
    </g>
  );
}

interface Dimension {
  readonly label: string;
  readonly from: number;
  readonly to: number;
}

/** Dimension lines to the right, one column each so that they never meet; labels stand clear of one another. */
function Dimensions({
  dressed,
  unit,
  lift,
}: {
  readonly dressed: Dressed;
  readonly unit: LengthUnit;
  readonly lift: number;
}) {
  const lines = dimensionsOf(dressed).filter(({ to }) => to < reach);
  let free = Infinity;
  return (
    <g fontSize={2.05} fill="#1c1c1c" className="tabular">
      {lines.map(({ label, from, to }, i) => {
        const x = 17 + i * 2.4 + (dressed.leg ? 3 : 6);
        const low = Math.min(from, to);
        const high = Math.max(from, to);
        const wanted = (low + high) / 2;
        const at = Math.min(wanted, free - 2.7);
        free = at;
        return (
          <g key={label} stroke="#1c1c1c" strokeWidth={0.14}>
            <line x1={x} x2={x} y1={-low} y2={-high} />
            {[low, high].map((h) => (
              <g key={h}>
                <line x1={x - 0.7} x2={x + 0.7} y1={-h} y2={-h} />
                <line x1={8} x2={x} y1={-h} y2={-h} strokeDasharray="0.4 0.5" strokeOpacity={0.45} />
              </g>
            ))}
            <line x1={x} x2={27} y1={-wanted} y2={-at} strokeOpacity={0.4} />
            <text x={27.4} y={-at + 0.7} stroke="none" paintOrder="stroke">
              {label} {sayLength(to - from, unit)}
            </text>
          </g>
        );
      })}
      <text x={-8.4} y={lift + 2.2} fontSize={1.8} fill="#5f5f5f">
        floor
      </text>
    </g>
  );
}

/** From the highest down, as the labels are set. */
function dimensionsOf({ leg, lift, hem }: Dressed): Dimension[] {
  const floor = { label: "lift", from: -lift, to: 0 };
  if (!leg) return hem === null ? [floor] : [{ label: "hem", from: 0, to: hem }, floor];
  const own = [{ label: "hem to floor", from: -lift, to: leg.hem }, floor];
  if (!leg.fit) return own;
  const shaft = { label: "shaft", from: 0, to: leg.fit.shaft };
  const gap = {
    label: leg.fit.gap >= 0 ? "gap" : "overlap",
    from: leg.fit.gap >= 0 ? leg.fit.shaft : leg.hem,
    to: leg.fit.gap >= 0 ? leg.hem : leg.fit.shaft,
  };
  return [gap, shaft, ...own].sort((one, other) => (one.from + one.to < other.from + other.to ? 1 : -1));
}

function describe(dressed: Dressed, unit: LengthUnit): string {
  const parts = dimensionsOf(dressed).map(({ label, from, to }) => `${label} ${sayLength(to - from, unit)}`);
  return `Ankle from the side: ${parts.join(", ")}.`;
}
