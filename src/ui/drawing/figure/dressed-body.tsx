import type { ReactNode } from "react";
import type { Dressed, Worn } from "@/core/dressing/dressed";
import { drawingOf } from "../kinds";
import { paintOf } from "../paint";
import { BodyShape } from "./body-shape";
import type { Frame } from "./frame";

interface DressedBodyProps {
  readonly dressed: Dressed;
  readonly frame: Frame;
  /** Keeps the ids of two drawings on one page apart. */
  readonly scope: string;
}

/** The body with everything worn on it, standing or, where the client is dressed seated, sitting. */
export function DressedBody({ dressed, frame, scope }: DressedBodyProps) {
  if (!dressed.look.client.seated) return <Layers dressed={dressed} frame={frame} scope={scope} />;
  const part = (name: string, belongs: (worn: Worn) => boolean, without?: "body") => (
    <Layers
      dressed={{ ...dressed, worn: dressed.worn.filter(belongs) }}
      frame={frame}
      scope={`${scope}-${name}`}
      without={without}
    />
  );
  const hangs = ({ piece }: Worn) => drawingOf(piece).hangs;
  const notHeld = (worn: Worn) => hangs(worn) !== "from the hand";
  return (
    <Seated
      frame={frame}
      scope={scope}
      trunk={part("trunk", notHeld)}
      legs={part("legs", notHeld)}
      arms={part("arms", (worn) => hangs(worn) === "on the arms")}
      held={part("held", (worn) => !notHeld(worn), "body")}
    />
  );
}

/** How high over the knees the lap shows from the front, cm. */
const lap = 7;

interface SeatedProps {
  readonly frame: Frame;
  readonly scope: string;
  readonly trunk: ReactNode;
  readonly legs: ReactNode;
  /** Arms and hands, which hang on beside the seat, and what they carry. */
  readonly arms: ReactNode;
  readonly held: ReactNode;
}

/** Knees bent to a right angle: the thighs point at the eye, so the trunk comes down to the knees, which lie before it. */
function Seated({ frame, scope, trunk, legs, arms, held }: SeatedProps) {
  const { kneeLine, crotch, hipLine } = frame.body.measures;
  const cut = kneeLine.cm + lap;
  const down = crotch.cm - cut + 1;
  const [upper, beside, lower] = [`${scope}-upper`, `${scope}-beside`, `${scope}-lower`];
  const half = frame.trunk(hipLine.cm);
  const seat = kneeLine.cm - 1;
  const knee = { x: frame.legAxis(kneeLine.cm), half: frame.legHalf(kneeLine.cm) + 6 };
  // Each knee is round on top; between and beside them the cut falls away.
  const overKnees = [-1, 1]
    .map(
      (side) =>
        `L${side * knee.x - knee.half} ${-cut + 3.4}Q${side * knee.x} ${-cut - 2.4} ${side * knee.x + knee.half} ${-cut + 3.4}`,
    )
    .join("");
  return (
    <g>
      <defs>
        <clipPath id={upper}>
          <rect x={-120} y={-300} width={240} height={300 - crotch.cm + 2} />
        </clipPath>
        <clipPath id={beside}>
          {[-120, half + 2].map((x) => (
            <rect key={x} x={x} y={-crotch.cm - 1} width={120 - half - 2} height={crotch.cm} />
          ))}
        </clipPath>
        <clipPath id={lower}>
          <path d={`M-120 60V${-cut + 3.4}${overKnees}L120 ${-cut + 3.4}V60Z`} />
        </clipPath>
      </defs>
      <g stroke="var(--figure-rule)" fill="none">
        <path d={`M${-half - 5} ${-seat}H${half + 5}`} strokeWidth={2.2} strokeLinecap="round" />
        <path d={`M${-half - 3} ${-seat}V0M${half + 3} ${-seat}V0`} strokeWidth={1.1} />
      </g>
      <g transform={`translate(0, ${down})`}>
        <g clipPath={`url(#${upper})`}>{trunk}</g>
        <g clipPath={`url(#${beside})`}>{arms}</g>
      </g>
      <g clipPath={`url(#${lower})`}>
        {legs}
        <path
          d={overKnees.replace("L", "M")}
          transform="translate(0, 0.5)"
          fill="none"
          stroke="#000"
          strokeOpacity={0.22}
          strokeWidth={0.9}
        />
      </g>
      <g transform={`translate(0, ${down})`}>{held}</g>
    </g>
  );
}

function Layers({
  dressed,
  frame,
  scope,
  without,
}: DressedBodyProps & { readonly without?: "body" | undefined }) {
  return (
    <>
      {without !== "body" && (
        <BodyShape
          id={`${scope}-body`}
          frame={frame}
          colouring={dressed.look.client.colouring}
          shod={dressed.worn.some(({ slot }) => slot === "shoe")}
        />
      )}
      {[...dressed.worn]
        .sort((one, other) => one.order - other.order)
        .map((worn) => (
          <g key={worn.piece.id} data-piece={worn.piece.id}>
            <WornPiece worn={worn} dressed={dressed} frame={frame} scope={scope} />
          </g>
        ))}
    </>
  );
}

function WornPiece({ worn, dressed, frame, scope }: DressedBodyProps & { readonly worn: Worn }) {
  const paint = paintOf(worn.asWorn, scope);
  return (
    <>
      {paint.defs && <defs>{paint.defs}</defs>}
      {drawingOf(worn.piece).asWorn({ worn, dressed, frame, paint, id: `${scope}-${worn.piece.id}` })}
    </>
  );
}
