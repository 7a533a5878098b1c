import type { ReactNode } from "react";
import type { PieceOf } from "@/core/piece/piece";
import type { Ground } from "@/core/piece/occasion";
import type { Footing } from "@/core/place/heel-ground";

type Tip = PieceOf<"shoe">["figures"]["tip"];

/** Units of the drawing for a cm. */
const unit = 4;
/** Where the ground's surface lies, and how far a heel sinks into what is soft. */
const surface = 22;
const sunk = 5;
/** How far a heel leans that slips, degrees. */
const leans = 16;

/** Half the width of a heel where it stands, cm (2.11: a stiletto under 1.5, slim under 3, a block wider). */
const halfTip: Readonly<Record<Tip, number>> = {
  stiletto: 0.4,
  slim: 1.05,
  block: 2.1,
  wedge: 3.6,
  flat: 2.8,
};
/** Half its width at the top, cm, and its height as it is drawn. */
const halfTop: Readonly<Record<Tip, number>> = { stiletto: 1.7, slim: 2, block: 2.4, wedge: 3.8, flat: 2.9 };
const tall: Readonly<Record<Tip, number>> = { stiletto: 20, slim: 18, block: 17, wedge: 14, flat: 5 };

interface HeelOnGroundProps {
  readonly tip: Tip;
  readonly ground: Ground;
  readonly footing: Footing;
  /** Of the heel. */
  readonly colour: string;
}

/** A heel on a ground, to scale: how wide it stands, and what becomes of it. */
export function HeelOnGround({ tip, ground, footing, colour }: HeelOnGroundProps) {
  const [foot, top] = [halfTip[tip] * unit, halfTop[tip] * unit];
  const middle = 26;
  const low = surface + (footing === "sinks" || footing === "catches" ? sunk : 0);
  const high = low - tall[tip];
  const lean =
    footing === "slips" || footing === "smooth" ? `rotate(${leans}, ${middle}, ${low})` : undefined;
  return (
    <svg viewBox="0 0 52 32" aria-hidden="true" className="h-10 w-16">
      <g transform={lean}>
        <path
          d={`M${middle - top} ${high}C${middle - top * 0.7} ${high + tall[tip] * 0.5} ${middle - foot} ${low - tall[tip] * 0.35} ${middle - foot} ${low}H${middle + foot}C${middle + foot} ${low - tall[tip] * 0.35} ${middle + top} ${high + tall[tip] * 0.5} ${middle + top} ${high}Z`}
          fill={colour}
          stroke="#222"
          strokeWidth={0.5}
        />
      </g>
      {grounds[ground]}
    </svg>
  );
}

const earth = { fill: "#d8d4cb", stroke: "#55524b", strokeWidth: 0.6 } as const;
const line = { fill: "none", stroke: "#55524b", strokeWidth: 0.6 } as const;

/** A row of marks from the left to the right of the drawing, so far apart. */
const row = (step: number, mark: (x: number, i: number) => string) =>
  Array.from({ length: Math.floor(52 / step) }, (_, i) => mark(step * (i + 0.5), i)).join("");

const floor = (marks: string) => (
  <>
    <path d={`M0 ${surface}H52V32H0Z`} {...earth} stroke="none" />
    <path d={`M0 ${surface}H52${marks}`} {...line} />
  </>
);

/** Each ground in section: solid floors, loose and soft ones, and those with gaps. */
const grounds: Readonly<Record<Ground, ReactNode>> = {
  indoors: floor(`M0 ${surface + 2}H52`),
  pavement: floor(row(17, (x) => `M${x} ${surface}v5`)),
  cobbles: <path d={`M0 32V${surface + 3}${row(10.4, () => `q5.2 -6 10.4 0`)}V32Z`} {...earth} />,
  gravel: (
    <>
      <path d={`M0 ${surface + 1}H52V32H0Z`} {...earth} stroke="none" />
      <path
        d={row(
          4,
          (x, i) => `M${x - 1.6} ${surface + 1.4 + (i % 3) * 1.6}a1.6 1.3 0 1 0 3.2 0a1.6 1.3 0 1 0 -3.2 0`,
        )}
        {...line}
        fill="#e6e3dc"
      />
    </>
  ),
  lawn: (
    <>
      <path d={`M0 ${surface}H52V32H0Z`} fill="#b9c4a4" />
      <path d={row(2.6, (x, i) => `M${x} ${surface + 1}l${(i % 3) - 1} -4`)} {...line} stroke="#5d6f45" />
    </>
  ),
  sand: (
    <path
      d={`M0 32V${surface}${row(13, () => "q3.2 -1.6 6.5 0t6.5 0")}V32Z`}
      {...earth}
      strokeDasharray="1 0.9"
    />
  ),
  deck: <path d={row(10.4, (x) => `M${x - 4.6} ${surface}h9.2v4h-9.2Z`)} {...earth} />,
  grating: <path d={row(4.3, (x) => `M${x - 0.7} ${surface}h1.4v7h-1.4Z`)} {...earth} />,
  "snow and ice": (
    <>
      <path d={`M0 ${surface}H52V32H0Z`} fill="#eef4f8" />
      <path
        d={`M0 ${surface}H52M6 ${surface + 3}l5 -1.4M24 ${surface + 4}l7 -2M40 ${surface + 3}l5 -1.4`}
        {...line}
      />
    </>
  ),
  "wet stone": (
    <>
      <path d={`M0 ${surface}H52V32H0Z`} fill="#c3cbd0" />
      <path d={`M0 ${surface}H52M17 ${surface}v6M36 ${surface}v6`} {...line} />
      <path
        d={`M4 ${surface + 1.6}h9M22 ${surface + 1.6}h11M40 ${surface + 1.6}h8`}
        stroke="#fff"
        strokeWidth={0.9}
      />
    </>
  ),
  carpet: floor(row(1.7, (x) => `M${x} ${surface}v-1.7`)),
  stage: floor(row(8.6, (x) => `M${x} ${surface}v3.6`)),
  stairs: <path d={`M0 32V${surface}H36V${surface + 6}H52V32Z`} {...earth} />,
  boat: (
    <path
      d={`M0 ${surface - 1}Q26 ${surface + 2} 52 ${surface - 1}V32H0Z${row(7.4, (x) => `M${x} ${surface}v4`)}`}
      {...earth}
    />
  ),
};
