import { convertLrgbToOklab } from "culori/fn";
import { meanLight, within, type Box, type LightCells, type Photo } from "./photo";
import { patches } from "./patches";

/** The linear light that a neutral grey card gives back of full light: the middle grey of a screen. */
const cardLight = 0.2159;

/** How much a card takes of a picture, at least and at most. */
const cardArea = { least: 0.004, most: 0.06 };
/** The chroma in OKLab that a lamp's cast gives a grey at most. */
const mostCast = 0.07;
/** How full of one colour a card's own rectangle is. */
const fullness = 0.93;

/** What a photo's light has to be multiplied by, a number each for red, green and blue. */
export type Gains = readonly [number, number, number];

/** The gains by which a card shows as neutral grey. Its rim is left out: a shadow or the table lies there. */
export function gainsByCard(photo: Photo, card: Box): Gains {
  const { x, y, width, height } = within(photo, card);
  const inner = { x: x + width * 0.15, y: y + height * 0.15, width: width * 0.7, height: height * 0.7 };
  const seen = new Float32Array(3);
  meanLight(photo, inner, seen, 0);
  const gain = (value = 0) => cardLight / Math.max(0.005, value);
  return [gain(seen[0]), gain(seen[1]), gain(seen[2])];
}

/**
 * Finds a grey card that lies in the photo: the one small upright rectangle of a single greyish colour. Null where there
 * is none, or more than one: then nothing is corrected, and a card can be pointed at.
 * @returns its box in cells
 */
export function findCard(cells: LightCells): Box | null {
  const { across, down } = cells;
  const flat = flatGrey(cells);
  const found = patches(flat, across, down).flatMap((patch): Box[] => {
    const share = patch.length / (across * down);
    if (share < cardArea.least || share > cardArea.most) return [];
    const columns = patch.map((cell) => cell % across);
    const rows = patch.map((cell) => Math.floor(cell / across));
    const box = {
      x: Math.min(...columns),
      y: Math.min(...rows),
      width: Math.max(...columns) - Math.min(...columns) + 1,
      height: Math.max(...rows) - Math.min(...rows) + 1,
    };
    const shape = box.width / box.height;
    const isRectangle = patch.length >= fullness * box.width * box.height;
    return isRectangle && shape > 0.5 && shape < 2.2 && isOneColour(cells, patch) ? [box] : [];
  });
  const [card] = found;
  return found.length === 1 && card ? card : null;
}

/** The cells of a middling grey, as a lamp may colour it, with no edge in them. */
function flatGrey({ across, down, light, within: seen }: LightCells): Uint8Array {
  const labs = Array.from({ length: across * down }, (_, cell) => labOf(light, cell));
  return Uint8Array.from(labs, ({ l, a, b }, cell) => {
    if (seen[cell] === 0 || l < 0.4 || l > 0.72 || Math.hypot(a, b) > mostCast) return 0;
    const right = cell % across < across - 1 ? labs[cell + 1] : undefined;
    const below = labs[cell + across];
    const step = (other: ReturnType<typeof labOf> | undefined) =>
      other ? Math.hypot(other.l - l, other.a - a, other.b - b) : 0;
    return step(right) < 0.02 && step(below) < 0.02 ? 1 : 0;
  });
}

function isOneColour({ light }: LightCells, patch: readonly number[]): boolean {
  const labs = patch.map((cell) => labOf(light, cell));
  const spread = (values: readonly number[]) => {
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    return Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length);
  };
  const isSteady = (values: readonly number[], most: number) => spread(values) < most;
  return (
    isSteady(
      labs.map(({ l }) => l),
      0.015,
    ) &&
    isSteady(
      labs.map(({ a }) => a),
      0.008,
    ) &&
    isSteady(
      labs.map(({ b }) => b),
      0.008,
    )
  );
}

function labOf(light: Float32Array, cell: number) {
  const [r = 0, g = 0, b = 0] = light.subarray(cell * 3, cell * 3 + 3);
  return convertLrgbToOklab({ r, g, b });
}
