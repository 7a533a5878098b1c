import type { HairForm } from "@/core/piece/client";
import { hairlines } from "./hair-strands";

/** A place on the head: (distance from the plumb line, height above the floor) as shares of a standing height. */
export type Share = readonly [x: number, h: number];

/** How the outline of hair runs. */
type Edge = "smooth" | "waved" | "curled" | "coiled";
/** What it does over the forehead. */
export type Front = "parted" | "fringe" | "back" | "high";

export interface Cut {
  /** How far it stands off the skull, as a share of the height. */
  readonly volume: number;
  /** Where it ends, as a share of the height above the floor. */
  readonly ends: number;
  readonly edge: Edge;
  readonly front: Front;
  /** Drawn together at the back, or hanging in strands of its own. */
  readonly held?: "tail" | "bun" | "locs";
}

const short: Cut = { volume: 0.005, ends: 0.932, edge: "smooth", front: "parted" };

const cuts: Readonly<Record<Exclude<HairForm, "no hair" | "headscarf">, Cut>> = {
  cropped: { ...short, volume: 0.002, ends: 0.938, front: "back" },
  "short waves": { ...short, volume: 0.009, ends: 0.915, edge: "waved" },
  bob: { ...short, volume: 0.008, ends: 0.878, front: "fringe" },
  "long straight": { ...short, volume: 0.007, ends: 0.79 },
  "long waves": { ...short, volume: 0.012, ends: 0.785, edge: "waved" },
  curls: { ...short, volume: 0.022, ends: 0.872, edge: "curled" },
  coils: { ...short, volume: 0.03, ends: 0.905, edge: "coiled", front: "back" },
  locs: { ...short, volume: 0.008, ends: 0.815, front: "back", held: "locs" },
  tail: { ...short, volume: 0.003, ends: 0.938, front: "back", held: "tail" },
  bun: { ...short, volume: 0.003, ends: 0.938, front: "back", held: "bun" },
  receding: { ...short, volume: 0.001, ends: 0.93, front: "high" },
};

/** Of each edge: how far it swings, and how far apart its turns are, as shares of the height. */
const swings: Readonly<Record<Edge, { readonly swing: number; readonly apart: number }>> = {
  smooth: { swing: 0, apart: 0.02 },
  waved: { swing: 0.0032, apart: 0.0135 },
  curled: { swing: 0.006, apart: 0.0115 },
  coiled: { swing: 0.0042, apart: 0.0075 },
};

/** The right half of the mass behind the head, from the crown to the middle of its lower end. */
export function behindOf({ volume: v, ends, edge, held }: Cut): Share[] {
  const side = 0.0475 + v;
  const low: Share[] =
    ends > 0.9
      ? [
          [side - 0.002, Math.max(ends + 0.006, 0.93)],
          [side - 0.007, ends],
        ]
      : [
          [side + 0.001, 0.925],
          [side + 0.003, 0.895],
          ...(ends < 0.86
            ? ([
                [side + 0.0065, 0.862],
                [side + 0.0075, (0.862 + ends) / 2],
                [side + 0.001, ends + 0.012],
              ] as const)
            : ([[side + 0.002, ends + 0.008]] as const)),
          [side - 0.012, ends],
        ];
  const points: Share[] = [
    [0, 1.0085 + v],
    [0.024 + v * 0.4, 1.005 + v],
    [0.0405 + v * 0.8, 0.9925 + v * 0.6],
    [side, 0.972],
    [side + 0.0005, 0.95],
    ...low,
    [0, ends - (held === "locs" ? 0 : 0.004)],
  ];
  return edge === "smooth" ? points : waved(points, edge);
}

/** The front: round the outside from temple to temple, and back along the hairline. */
export function beforeOf({ volume: v, front }: Cut): { readonly outside: Share[]; readonly within: Share[] } {
  const right: Share[] = [
    [0, 1.0085 + v],
    [0.024 + v * 0.4, 1.0055 + v],
    [0.0405 + v * 0.8, 0.9925 + v * 0.6],
    [0.0475 + v, 0.972],
    [0.0478 + v, 0.95],
    [0.0465, 0.937],
  ];
  const left = right.slice(1).map(([x, h]): Share => [-x, h]);
  return { outside: [...left.reverse(), ...right], within: [...hairlines[front]] };
}

/** The same line with its turns: every other point stands out. */
export function waved(points: readonly Share[], edge: Edge): Share[] {
  const { swing, apart } = swings[edge];
  const out: Share[] = [];
  points.forEach(([x, h], i) => {
    const next = points[i + 1];
    if (!next) {
      out.push([x, h]);
      return;
    }
    const [dx, dh] = [next[0] - x, next[1] - h];
    const long = Math.hypot(dx, dh);
    const count = Math.max(1, Math.round(long / apart));
    for (let step = 0; step < count; step += 1) {
      const at = step / count;
      const way = out.length % 2 === 0 ? 0 : swing;
      out.push([x + dx * at - (dh / (long || 1)) * way, h + dh * at + (dx / (long || 1)) * way]);
    }
  });
  return out;
}

/** Lines down the lengths of hair that hangs to the shoulders or below. */
export function lengths({ ends, volume }: Cut): Share[][] {
  if (ends > 0.9) return [];
  return [0.012, 0.019, 0.026].map((out, i): Share[] => [
    [0.049 + volume * 0.5, 0.94 - i * 0.01],
    [0.0445 + volume + out * 0.25, 0.9],
    [0.034 + out * 0.7, Math.max(ends + 0.012, 0.872 - i * 0.004)],
    ...(ends < 0.86 ? ([[0.03 + out * 0.8, ends + 0.012 + i * 0.006]] as const) : []),
  ]);
}

/** Hair nobody has described is drawn short and plain. */
export function cutOf(form: HairForm | null): Cut | null {
  if (form === null) return short;
  return form === "no hair" || form === "headscarf" ? null : cuts[form];
}

/** Short arcs in hair that curls. */
export function ringlets({ edge, volume }: Cut): Share[][] {
  const r = swings[edge].apart * 0.42;
  const rows = edge === "coiled" ? 3 : 2;
  return Array.from({ length: rows }, (_, row) =>
    Array.from({ length: 7 - row }, (_, i): Share[] => {
      const turn = (Math.PI * (i + 0.9 + row * 0.5)) / 7.8;
      const out = 0.042 + volume * (0.85 - row * 0.3) - row * 0.004;
      const [x, h] = [
        Math.cos(turn) * out,
        0.9575 + Math.sin(turn) * (0.04 + volume * (0.8 - row * 0.34) - row * 0.004),
      ];
      return [
        [x - r, h],
        [x, h + r],
        [x + r, h],
        [x, h - r * 0.6],
      ];
    }),
  ).flat();
}

export const tail: readonly Share[] = [
  [0.006, 0.985],
  [0.05, 0.955],
  [0.0625, 0.915],
  [0.0605, 0.86],
  [0.0555, 0.815],
  [0.0505, 0.79],
  [0.0475, 0.82],
  [0.0465, 0.87],
  [0.044, 0.93],
  [0.006, 0.95],
];

export const bun: readonly Share[] = [
  [0.0225, 1.018],
  [0.0205, 1.0325],
  [0.0085, 1.0405],
  [-0.0085, 1.0405],
  [-0.0205, 1.0325],
  [-0.0225, 1.018],
  [-0.013, 1.0045],
  [0.013, 1.0045],
];

export const locs: readonly (readonly Share[])[] = [
  [
    [0.02, 0.93],
    [0.034, 0.88],
    [0.036, 0.83],
  ],
  [
    [0.03, 0.94],
    [0.043, 0.88],
    [0.046, 0.815],
  ],
  [
    [0.04, 0.95],
    [0.0515, 0.89],
    [0.0545, 0.822],
  ],
  [
    [0.046, 0.96],
    [0.0575, 0.9],
    [0.0605, 0.836],
  ],
];
