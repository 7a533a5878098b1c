/** A colour in OKLab as three numbers: depth, and two of hue. */
export type Lab = readonly [number, number, number];

/** How much a step of depth counts beside one of hue: a fold's shadow changes depth first. */
const depthWeight = 0.45;
/** Colours nearer than this are one dye seen in two lights. */
const oneDye = 0.055;
/** A colour with less of the piece is a stitch, a glint or the seam between two others. */
const leastShare = 0.02;
/** How many colours a photo is read for. */
export const mostColours = 6;

/** How far two colours stand apart, hue and chroma before depth. */
export function apart(one: Lab, other: Lab): number {
  return Math.hypot(depthWeight * (one[0] - other[0]), one[1] - other[1], one[2] - other[2]);
}

/**
 * The colours that many samples gather around: the fullest cells of a coarse grid first, each taking in what lies near,
 * then every middle moved to the mean of its own samples until it rests (Lloyd 1982), and near ones made one.
 * @returns the middles, the fullest first
 */
export function gathered(samples: readonly Lab[]): Lab[] {
  let middles = startingMiddles(samples);
  for (let round = 0; round < 8; round += 1) middles = merged(moved(samples, middles));
  const full = moved(samples, middles).filter(({ count }) => count >= leastShare * samples.length);
  return full
    .toSorted((a, b) => b.count - a.count)
    .slice(0, mostColours)
    .map(({ middle }) => middle);
}

/** The middle nearest to a colour, by its place. */
export function nearest(colour: Lab, middles: readonly Lab[]): number {
  let best = 0;
  let least = Infinity;
  middles.forEach((middle, i) => {
    const distance = apart(colour, middle);
    if (distance < least) [best, least] = [i, distance];
  });
  return best;
}

interface Gathering {
  readonly middle: Lab;
  readonly count: number;
}

function startingMiddles(samples: readonly Lab[]): Lab[] {
  const grid = new Map<string, Lab[]>();
  for (const sample of samples) {
    const [L, a, b] = sample;
    const key = `${Math.round(L / 0.06)} ${Math.round(a / 0.025)} ${Math.round(b / 0.025)}`;
    const held = grid.get(key);
    if (held) held.push(sample);
    else grid.set(key, [sample]);
  }
  const middles: Lab[] = [];
  for (const held of [...grid.values()].toSorted((a, b) => b.length - a.length)) {
    const middle = meanOf(held);
    if (middles.every((other) => apart(middle, other) > oneDye)) middles.push(middle);
    if (middles.length === 3 * mostColours) break;
  }
  return middles;
}

function moved(samples: readonly Lab[], middles: readonly Lab[]): Gathering[] {
  const own = middles.map((): Lab[] => []);
  for (const sample of samples) own[nearest(sample, middles)]?.push(sample);
  return own.filter(({ length }) => length > 0).map((held) => ({ middle: meanOf(held), count: held.length }));
}

/** Middles that came to lie near each other made one, weighed by what each holds. */
function merged(gatherings: readonly Gathering[]): Lab[] {
  const kept: Gathering[] = [];
  for (const each of gatherings.toSorted((a, b) => b.count - a.count)) {
    const at = kept.findIndex(({ middle }) => apart(middle, each.middle) < oneDye);
    const same = kept[at];
    if (!same) kept.push(each);
    else {
      const count = same.count + each.count;
      const mean = (i: 0 | 1 | 2) => (same.middle[i] * same.count + each.middle[i] * each.count) / count;
      kept[at] = { middle: [mean(0), mean(1), mean(2)], count };
    }
  }
  return kept.map(({ middle }) => middle);
}

function meanOf(samples: readonly Lab[]): Lab {
  const sum: [number, number, number] = [0, 0, 0];
  for (const [L, a, b] of samples) {
    sum[0] += L;
    sum[1] += a;
    sum[2] += b;
  }
  return [sum[0] / samples.length, sum[1] / samples.length, sum[2] / samples.length];
}
