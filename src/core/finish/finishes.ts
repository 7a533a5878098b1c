export type Kin =
  "plain" | "sheen" | "shine" | "nap" | "weave" | "pattern" | "pile" | "sparkle" | "lustre" | "metal";

interface FinishSpec {
  /** How loudly the surface speaks, 0-3. */
  readonly boldness: 0 | 1 | 2 | 3;
  /** Finishes of one kin agree however bold they are. */
  readonly kin: Kin;
  /** Months it belongs to; null the year round. */
  readonly season: "warm" | "cold" | null;
  readonly rain: "good" | "bad" | null;
}

function finish(
  boldness: FinishSpec["boldness"],
  kin: Kin,
  season: FinishSpec["season"] = null,
  rain: FinishSpec["rain"] = null,
): FinishSpec {
  return { boldness, kin, season, rain };
}

/** The one table of finishes: boldness, kin, season, rain. */
export const finishes = {
  "matte smooth": finish(0, "plain"),
  pebbled: finish(0, "plain"),
  canvas: finish(0, "weave", null, "bad"),
  denim: finish(0, "weave"),
  waxed: finish(0, "sheen", null, "good"),
  suede: finish(1, "nap", null, "bad"),
  satin: finish(1, "sheen", null, "bad"),
  brushed: finish(1, "sheen"),
  patent: finish(2, "shine", null, "good"),
  lacquer: finish(2, "shine"),
  metallic: finish(3, "shine"),
  "croc-embossed": finish(1, "pattern"),
  "reptile print": finish(2, "pattern"),
  "animal print": finish(3, "pattern"),
  velvet: finish(2, "nap", "cold", "bad"),
  raffia: finish(1, "weave", "warm", "bad"),
  rope: finish(1, "weave", "warm"),
  shearling: finish(2, "pile", "cold", "bad"),
  knit: finish(0, "weave"),
  lace: finish(1, "weave"),
  sheer: finish(1, "sheen"),
  tortoiseshell: finish(1, "pattern"),
  sequin: finish(3, "sparkle"),
  crystal: finish(3, "sparkle"),
  glitter: finish(3, "sparkle"),
  pearl: finish(2, "lustre"),
  stud: finish(2, "metal"),
  chain: finish(1, "metal"),
  polished: finish(1, "metal"),
  wood: finish(0, "weave"),
  fringe: finish(1, "pile"),
  bow: finish(1, "plain"),
  feather: finish(2, "pile", null, "bad"),
} as const satisfies Record<string, FinishSpec>;

export type Finish = keyof typeof finishes;
export const finishNames = Object.keys(finishes) as Finish[];
