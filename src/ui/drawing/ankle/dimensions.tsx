import type { Dressed } from "@/core/dressing/dressed";
import { sayLength, type LengthUnit } from "@/core/length/length";
import { hangingHalf, view, type LegSide } from "./view";

/** A measured length along the leg, heights above the footbed in cm. */
interface Dimension {
  readonly label: string;
  readonly from: number;
  readonly to: number;
}

/** The lengths of the ankle: lift and shaft as a chain, hem to floor as the whole, and how the two meet. */
export function dimensionsOf({ leg, lift, hem, body }: Dressed): {
  readonly chain: readonly Dimension[];
  readonly whole: Dimension | null;
  readonly meeting: Dimension | null;
} {
  const chain = lift > 0 ? [{ label: "lift", from: -lift, to: 0 }] : [];
  const whole =
    hem === null || leg?.fit?.meeting === "tucked" ? null : { label: "hem to floor", from: -lift, to: hem };
  if (!leg) return { chain, whole, meeting: null };
  const shaft = leg.shoe.figures.shaft;
  if (shaft === null) {
    const bone = body.measures.ankleBone.cm;
    const label = leg.hem >= bone ? "above the bone" : "below the bone";
    return { chain, whole, meeting: { label, from: Math.min(bone, leg.hem), to: Math.max(bone, leg.hem) } };
  }
  const meeting =
    leg.fit?.meeting === "tucked"
      ? null
      : {
          label: leg.hem >= shaft ? "gap" : "overlap",
          from: Math.min(shaft, leg.hem),
          to: Math.max(shaft, leg.hem),
        };
  return { chain: [{ label: "shaft", from: 0, to: shaft }, ...chain], whole, meeting };
}

interface DimensionsProps {
  readonly dressed: Dressed;
  readonly side: LegSide;
  readonly unit: LengthUnit;
}

const chainX = -3.4;
const wholeX = view.right - 1.6;
const lineHeight = 2.3;
/** Labels over the toe stay above it. */
const overToe = 8;

/** Dimension lines in places of their own: behind the heel, before the shin, beyond the toe. */
export function Dimensions({ dressed, side, unit }: DimensionsProps) {
  const { chain, whole, meeting } = dimensionsOf(dressed);
  const { leg } = dressed;
  const front =
    side.axis + (leg ? Math.max(hangingHalf(leg.opening), side.half(leg.hem)) : side.half(20)) + 2.2;
  const meetingAt = meeting ? Math.max(overToe, (meeting.from + meeting.to) / 2) : null;
  const wholeShown = whole && whole.to < view.reach ? whole : null;
  return (
    <g
      fontSize={2}
      fill="var(--figure-ink)"
      stroke="var(--figure-ink)"
      strokeWidth={0.14}
      className="tabular"
    >
      {chain
        .filter(({ to }) => to <= view.reach)
        .map((dimension) => (
          <g key={dimension.label}>
            <Line {...dimension} x={chainX} towards={0} />
            <Label
              x={chainX - 0.8}
              at={Math.max((dimension.from + dimension.to) / 2, 2.9 - dressed.lift)}
              end
              dimension={dimension}
              unit={unit}
            />
          </g>
        ))}
      {meeting && meetingAt !== null && meeting.to < view.reach && (
        <>
          <Line {...meeting} x={front} towards={side.axis} />
          <Label x={front + 1} at={meetingAt} dimension={meeting} unit={unit} />
        </>
      )}
      {wholeShown && (
        <>
          <Line {...wholeShown} x={wholeX} towards={front} />
          <Label
            x={wholeX - 0.8}
            at={clearOf((wholeShown.from + wholeShown.to) / 2, meetingAt)}
            end
            dimension={wholeShown}
            unit={unit}
          />
        </>
      )}
      {whole && !wholeShown && (
        <text x={view.right - 1} y={-view.reach + 3} textAnchor="end" stroke="none">
          hem {sayLength(whole.to - whole.from, unit)} above the floor
        </text>
      )}
    </g>
  );
}

/** A height for a label over the toe that stays clear of the other label there. */
function clearOf(wanted: number, other: number | null): number {
  const at = Math.max(overToe, wanted);
  if (other === null || Math.abs(at - other) >= 2.4 * lineHeight) return at;
  const below = other - 2.4 * lineHeight;
  return below >= overToe ? below : other + 2.4 * lineHeight;
}

function Line({ from, to, x, towards }: Dimension & { readonly x: number; readonly towards: number }) {
  return (
    <g>
      <line x1={x} x2={x} y1={-from} y2={-to} />
      {[from, to].map((h) => (
        <g key={h}>
          <line x1={x - 0.6} x2={x + 0.6} y1={-h + 0.6} y2={-h - 0.6} strokeWidth={0.22} />
          <line x1={x} x2={towards} y1={-h} y2={-h} strokeDasharray="0.4 0.5" strokeOpacity={0.5} />
        </g>
      ))}
    </g>
  );
}

interface LabelProps {
  readonly x: number;
  readonly at: number;
  readonly end?: boolean;
  readonly dimension: Dimension;
  readonly unit: LengthUnit;
}

function Label({ x, at, end = false, dimension, unit }: LabelProps) {
  return (
    <text
      x={x}
      y={-at}
      textAnchor={end ? "end" : "start"}
      stroke="var(--ground)"
      strokeWidth={0.7}
      paintOrder="stroke"
    >
      <tspan x={x} dy={-0.3} fontSize={1.7}>
        {dimension.label}
      </tspan>
      <tspan x={x} dy={lineHeight} fontWeight={600}>
        {sayLength(dimension.to - dimension.from, unit)}
      </tspan>
    </text>
  );
}
