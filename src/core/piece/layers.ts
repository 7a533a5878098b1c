interface LayerSpec {
  /** Hides what lies under it. */
  readonly covers: boolean;
  /** Can be hidden by what lies over it. */
  readonly covered: boolean;
}

const cloth: LayerSpec = { covers: true, covered: true };
const onTop: LayerSpec = { covers: false, covered: false };

/** What lies over what, from the skin outwards: the one order of both reading and drawing. */
const layers = {
  hosiery: cloth,
  "tucked under a top": cloth,
  "tucked top": cloth,
  "leg in a boot": cloth,
  shoe: cloth,
  bottom: cloth,
  whole: cloth,
  "under a top": cloth,
  top: cloth,
  necklace: onTop,
  // A belt is worn outside everything but a closed jacket or coat, and hides nothing to speak of.
  belt: { covers: false, covered: true },
  "scarf under a layer": { covers: false, covered: true },
  waistcoat: cloth,
  jacket: cloth,
  coat: cloth,
  "belt over a layer": onTop,
  scarf: onTop,
  outermost: onTop,
  "tied on": onTop,
} as const satisfies Record<string, LayerSpec>;

export type LayerName = keyof typeof layers;

/** A layer with its place from the skin outwards, 0 at the skin. */
export interface Layer extends LayerSpec {
  readonly order: number;
}

const ordered = Object.fromEntries(
  Object.entries(layers).map(([name, spec], order): [string, Layer] => [name, { ...spec, order }]),
) as Record<LayerName, Layer>;

export function layerOf(name: LayerName): Layer {
  return ordered[name];
}
