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
  const layers = <Layers dressed={dressed} frame={frame} scope={scope} />;
  if (!dressed.look.client.seated) return layers;
  const onArms = { ...dressed, worn: dressed.worn.filter(({ piece }) => drawingOf(piece).onArms) };
  const arms = <Layers dressed={onArms} frame={frame} scope={`${scope}-arms`} />;
  return <Seated frame={frame} scope={scope} layers={layers} arms={arms} />;
}

/** How high over the knees the lap shows from the front, cm. */
const lap = 6;

interface SeatedProps {
  readonly frame: Frame;
  readonly scope: string;
  readonly layers: ReactNode;
  /** Arms, hands and what they carry, which hang on beside the seat. */
  readonly arms: ReactNode;
}

/** Knees bent to a right angle: the thighs point at the eye, so the trunk comes down to the knees. */
function Seated({ frame, scope, layers, arms }: SeatedProps) {
  const { kneeLine, crotch } = frame.body.measures;
  const cut = kneeLine.cm + lap;
  const down = crotch.cm - cut;
  const [upper, beside, lower] = [`${scope}-upper`, `${scope}-beside`, `${scope}-lower`];
  const half = frame.trunk(crotch.cm) + 6;
  const side = frame.trunk(frame.body.measures.hipLine.cm) + 2.2;
  return (
    <g>
      <defs>
        <clipPath id={upper}>
          <rect x={-120} y={-300} width={240} height={300 - crotch.cm} />
        </clipPath>
        <clipPath id={beside}>
          {[-120, side].map((x) => (
            <rect key={x} x={x} y={-crotch.cm - 1} width={120 - side} height={crotch.cm} />
          ))}
        </clipPath>
        <clipPath id={lower}>
          <rect x={-120} y={-cut} width={240} height={cut + 40} />
        </clipPath>
      </defs>
      <path
        d={`M ${-half} ${-kneeLine.cm} H ${half} M ${-half + 2} ${-kneeLine.cm} V 0 M ${half - 2} ${-kneeLine.cm} V 0`}
        stroke="var(--figure-rule)"
        strokeWidth={1}
        fill="none"
      />
      <g transform={`translate(0, ${down})`}>
        <g clipPath={`url(#${upper})`}>{layers}</g>
        <g clipPath={`url(#${beside})`}>{arms}</g>
      </g>
      <g clipPath={`url(#${lower})`}>{layers}</g>
    </g>
  );
}

function Layers({ dressed, frame, scope }: DressedBodyProps) {
  return (
    <>
      <BodyShape
        frame={frame}
        colouring={dressed.look.client.colouring}
        shod={dressed.worn.some(({ slot }) => slot === "shoe")}
      />
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
  const paint = paintOf(worn.piece, scope);
  return (
    <>
      {paint.defs && <defs>{paint.defs}</defs>}
      {drawingOf(worn.piece).asWorn({ worn, dressed, frame, paint, scope })}
    </>
  );
}
