"use client";

import { useWatch } from "react-hook-form";
import { bodyOf } from "@/core/body/body";
import { measurementNames, measurements, type MeasurementName } from "@/core/body/measurements";
import type { Colouring } from "@/core/piece/client";
import { sayLength } from "@/core/length/length";
import { clientsWords } from "@/words/clients";
import { BodyShape } from "../../drawing/figure/body-shape";
import { frameOf, type Frame } from "../../drawing/figure/frame";
import { Ruler } from "../../drawing/figure/ruler";
import { fieldId } from "../../kit/form/field-id";
import { useLengthUnit } from "../../kit/length-unit";
import { soundMeasured } from "../state/sound-measured";

/** The body as measured so far, to scale; each measurement is a line: click it to type its figure. */
export function BodyChart({ active }: { readonly active: MeasurementName | null }) {
  const unit = useLengthUnit();
  const [values, colouring] = useWatch({ name: ["measured", "colouring"] }) as [unknown, Colouring];
  const measured = soundMeasured(values);
  if (!measured)
    return (
      <div className="surround-light flex aspect-[1/2] items-center justify-center border border-dashed border-rule-strong p-8 text-center">
        <p className="font-serif text-lead">{clientsWords.typeAHeightAndThe}</p>
      </div>
    );
  const body = bodyOf(measured);
  const frame = frameOf(body);
  const H = body.height;
  const half = H * 0.27;
  return (
    <div className="surround-light sticky top-4 self-start border border-rule-strong">
      <svg
        viewBox={`${-half - 16} ${-H - 10} ${2 * half + 46} ${H + 18}`}
        className="max-h-[calc(100dvh-8rem)] w-full"
        role="group"
        aria-label={clientsWords.theBodyToScale}
      >
        <Ruler height={H} lift={0} left={-half - 2} right={half} unit={unit} />
        <BodyShape id="body-chart" frame={frame} colouring={colouring} />
        {measurementNames.map((name) => {
          const { cm, estimated } = body.measures[name];
          const place = placeOf(name, frame);
          const on = active === name;
          return (
            <g
              key={name}
              onClick={() => document.getElementById(fieldId(`measured.${name}`))?.focus()}
              className="cursor-pointer"
              stroke={on ? "var(--thread)" : "var(--figure-ink)"}
              strokeWidth={on ? 0.9 : 0.45}
              strokeDasharray={estimated ? "1.2 1" : undefined}
              opacity={on || !estimated ? 1 : 0.55}
            >
              <title>{`${measurements[name].label} ${sayLength(cm, unit)}${estimated ? ", estimated" : ""}`}</title>
              <line
                x1={place.from}
                x2={place.to}
                y1={-place.at}
                y2={-place.at}
                stroke="transparent"
                strokeWidth={3}
                strokeDasharray="none"
              />
              <line x1={place.from} x2={place.to} y1={-place.at} y2={-place.at} />
            </g>
          );
        })}
        {active && <ActiveLabel name={active} frame={frame} cm={body.measures[active].cm} x={half + 2} />}
      </svg>
      <p className="border-t border-rule px-3 py-1.5 text-tiny text-ink-soft">
        {clientsWords.wholeLinesAreMeasuredBroken}
      </p>
    </div>
  );
}

function ActiveLabel({
  name,
  frame,
  cm,
  x,
}: {
  readonly name: MeasurementName;
  readonly frame: Frame;
  readonly cm: number;
  readonly x: number;
}) {
  const unit = useLengthUnit();
  const { at } = placeOf(name, frame);
  return (
    <text x={x} y={-at + 1.6} fontSize={4.6} fill="var(--thread)" className="tabular">
      {sayLength(cm, unit)}
    </text>
  );
}

interface Line {
  readonly from: number;
  readonly to: number;
  readonly at: number;
}

/** Where a measurement's line lies: girths across the part they go round, heights as ticks at the side. */
function placeOf(name: MeasurementName, frame: Frame): Line {
  const { measures, height: H } = frame.body;
  const trunkAt = (at: number) => ({ from: -frame.trunk(at), to: frame.trunk(at), at });
  const legAt = (at: number) => ({
    from: frame.legAxis(at) - frame.legHalf(at),
    to: frame.legAxis(at) + frame.legHalf(at),
    at,
  });
  const armAt = (at: number, x: number, half: number) => ({ from: x - half, to: x + half, at });
  const girths: Partial<Record<MeasurementName, Line>> = {
    neck: { from: -frame.neckHalf, to: frame.neckHalf, at: measures.neckPoint.cm + 1 },
    shoulderWidth: { from: -frame.shoulderHalf, to: frame.shoulderHalf, at: measures.shoulder.cm },
    bust: trunkAt(measures.bustLine.cm),
    waist: trunkAt(measures.waistLine.cm),
    hip: trunkAt(measures.hipLine.cm),
    thigh: legAt(0.405 * H),
    knee: legAt(measures.kneeLine.cm),
    calf: legAt(measures.calfLine.cm),
    ankle: legAt(0.061 * H),
    upperArm: armAt(
      measures.shoulder.cm - 0.08 * H,
      frame.shoulderHalf + 0.008 * H,
      measures.upperArm.cm / 6.28,
    ),
    wrist: armAt(frame.wrist.height, frame.wrist.x, measures.wrist.cm / 6.28),
  };
  const edge = H * 0.27;
  return girths[name] ?? { from: edge - 9, to: edge, at: measures[name].cm };
}
