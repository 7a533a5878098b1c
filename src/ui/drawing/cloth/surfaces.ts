import type { Cloth } from "@/core/finish/cloths";
import type { Finish } from "@/core/finish/finishes";
import type { Piece } from "@/core/piece/piece";
import * as hides from "./set-textures";
import type { TextureOf } from "./texture";
import * as weaves from "./woven-textures";

/** How a surface takes the light and what is to be seen on it. */
export interface Surface {
  /** How bright the streak of light on it is, 0-1; none where the surface throws no light back. */
  readonly shine: number;
  readonly texture: TextureOf | null;
  /** How much of what is behind it is hidden, 0-1. */
  readonly cover: number;
  /** Darker along its edge, as a pile turned away from the eye is. */
  readonly darkEdge: boolean;
}

const plain: Surface = { shine: 0, texture: null, cover: 1, darkEdge: false };
const {
  twill,
  plainWeave,
  slub,
  flecks,
  rib,
  cable,
  pebble,
  nap,
  net,
  curls,
  strands,
  barbs,
  plait,
  lay,
  grain,
} = weaves;
const { croc, reptile, rosettes, sequins, glints, stones, beads, studs, links, shell } = hides;

/** What is done to a piece, as it looks. */
const finished: Readonly<Record<Finish, Surface>> = {
  "matte smooth": plain,
  pebbled: { ...plain, texture: pebble },
  canvas: { ...plain, texture: plainWeave },
  denim: { ...plain, texture: twill },
  waxed: { ...plain, shine: 0.22 },
  suede: { ...plain, texture: nap },
  satin: { ...plain, shine: 0.36 },
  brushed: { ...plain, texture: flecks },
  patent: { ...plain, shine: 0.75 },
  lacquer: { ...plain, shine: 0.65 },
  metallic: { ...plain, shine: 0.55 },
  "croc-embossed": { ...plain, texture: croc, shine: 0.22 },
  "reptile print": { ...plain, texture: reptile },
  "animal print": { ...plain, texture: rosettes },
  velvet: { ...plain, darkEdge: true, shine: 0.12 },
  raffia: { ...plain, texture: plait },
  rope: { ...plain, texture: lay },
  shearling: { ...plain, texture: curls, darkEdge: true },
  knit: { ...plain, texture: rib },
  lace: { ...plain, texture: net, cover: 0.55 },
  sheer: { ...plain, cover: 0.5 },
  tortoiseshell: { ...plain, texture: shell, shine: 0.3 },
  sequin: { ...plain, texture: sequins },
  crystal: { ...plain, texture: stones, shine: 0.3 },
  glitter: { ...plain, texture: glints },
  pearl: { ...plain, texture: beads },
  stud: { ...plain, texture: studs },
  chain: { ...plain, texture: links },
  polished: { ...plain, shine: 0.45 },
  wood: { ...plain, texture: grain },
  fringe: { ...plain, texture: strands },
  bow: plain,
  feather: { ...plain, texture: barbs, darkEdge: true },
};

/** What a piece is made of, as it looks where nothing is done to it. */
const woven: Readonly<Record<Cloth, Surface>> = {
  wool: plain,
  cotton: plain,
  denim: finished.denim,
  silk: { ...plain, shine: 0.24 },
  leather: { ...plain, shine: 0.2 },
  linen: { ...plain, texture: slub },
  "fine knit": { ...plain, texture: rib },
  "heavy knit": { ...plain, texture: cable },
};

/** The surface of a piece: what is done to it; where that leaves it plain, what it is made of. */
export function surfaceOf({ finish, cloth }: Pick<Piece, "finish" | "cloth">): Surface {
  if (finish === "knit" && cloth === "heavy knit") return woven[cloth];
  const own = finished[finish];
  return own === plain && cloth !== null ? woven[cloth] : own;
}
