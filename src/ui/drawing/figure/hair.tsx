import type { HairForm } from "@/core/piece/client";
import { mixed } from "../cloth/tones";
import {
  beforeOf,
  behindOf,
  bun,
  cutOf,
  lengths,
  locs,
  ringlets,
  tail,
  waved,
  type Share,
} from "./hair-cuts";
import { strands } from "./hair-strands";
import { Headscarf, HeadscarfBehind } from "./headscarf";
import { across, curve, mirrored, outline, type Point } from "./path";

interface HairProps {
  readonly form: HairForm | null;
  readonly colour: string;
  /** Lays a place on the head. */
  readonly lay: (points: readonly Share[]) => Point[];
}

/** What of the hair stands behind the head and the shoulders. */
export function HairBehind({ form, colour, lay }: HairProps) {
  const cut = cutOf(form);
  if (form === "headscarf") return <HeadscarfBehind lay={lay} />;
  if (!cut) return null;
  const edge = { stroke: mixed(colour, "#000000", 0.35), strokeWidth: 0.28 };
  return (
    <g fill={colour} strokeLinejoin="round">
      {cut.held === "tail" && <path d={outline(lay(tail))} {...edge} />}
      {cut.held === "bun" && <path d={outline(lay(bun))} {...edge} />}
      {cut.held === "locs" &&
        locs
          .flatMap((loc) => [lay(loc), across(lay(loc))])
          .map((points, i) => (
            <g key={i} fill="none" strokeLinecap="round">
              <path d={curve(points)} stroke={edge.stroke} strokeWidth={1.7} />
              <path d={curve(points)} stroke={colour} strokeWidth={1.25} />
            </g>
          ))}
      <path d={mirrored(lay(behindOf(cut.held === "locs" ? { ...cut, ends: 0.9 } : cut)))} {...edge} />
      <path
        d={mirrored(lay(behindOf(cut.held === "locs" ? { ...cut, ends: 0.9 } : cut)))}
        fill="#000"
        fillOpacity={0.14}
      />
    </g>
  );
}

/** What falls over the forehead and beside the face, with the lines in which it lies. */
export function HairBefore({ form, colour, lay }: HairProps) {
  if (form === "headscarf") return <Headscarf lay={lay} />;
  const cut = cutOf(form);
  if (!cut) return null;
  const { outside, within } = beforeOf(cut);
  const turned = cut.edge === "curled" || cut.edge === "coiled";
  const outer = turned ? waved(outside, cut.edge) : outside;
  const inner = turned ? waved([...within].reverse(), cut.edge).reverse() : within;
  const long = lengths(cut).flatMap((line) => [lay(line), across(lay(line))]);
  const lines = {
    fill: "none",
    strokeLinecap: "round",
    stroke: mixed(colour, "#ffffff", 0.28),
    strokeWidth: 0.24,
    strokeOpacity: 0.7,
  } as const;
  return (
    <g strokeLinejoin="round">
      <path
        d={outline(lay(outer), lay(inner))}
        fill={colour}
        stroke={mixed(colour, "#000000", 0.35)}
        strokeWidth={0.28}
      />
      <path
        d={[
          ...(turned ? ringlets(cut) : strands[cut.front]).map((strand) => curve(lay(strand))),
          ...long.map(curve),
        ].join("")}
        {...lines}
      />
    </g>
  );
}
