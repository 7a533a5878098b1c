/** A rectangle of a photo in its own pixels, from its upper left corner. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A photo as its pixels: four bytes each (red, green, blue, opacity) in sRGB, row by row from the top. */
export interface Photo {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray | Uint8Array;
}

/** A line drawn by hand over what is not the piece, in pixels of the photo. */
export interface EraserStroke {
  readonly points: readonly { readonly x: number; readonly y: number }[];
  /** Half the breadth of the eraser. */
  readonly radius: number;
}

/** The longest side at which colours are looked for, in cells: finer ones only add the grain of the sensor. */
const finest = 240;

/** A photo in cells of equal size, as light: 1 is the white of the screen. */
export interface LightCells {
  readonly across: number;
  readonly down: number;
  /** Pixels of the photo along the side of a cell. */
  readonly scale: number;
  /** Linear red, green and blue of each cell, row by row. */
  readonly light: Float32Array;
  /** 1 where a cell is to be looked at, 0 where it was cropped, erased or is see-through. */
  readonly within: Uint8Array;
}

/** The linear light of each sRGB byte (IEC 61966-2-1). */
const linear = Float32Array.from({ length: 256 }, (_, byte) => {
  const value = byte / 255;
  return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
});

/** The photo within a crop in cells whose light is the mean of their pixels. */
export function lightCells(photo: Photo, crop: Box | null, strokes: readonly EraserStroke[]): LightCells {
  const area = within(photo, crop);
  const scale = Math.max(1, Math.max(area.width, area.height) / finest);
  const across = Math.max(1, Math.floor(area.width / scale));
  const down = Math.max(1, Math.floor(area.height / scale));
  const light = new Float32Array(across * down * 3);
  const kept = new Uint8Array(across * down);
  for (let row = 0; row < down; row += 1)
    for (let column = 0; column < across; column += 1) {
      const x = area.x + column * scale;
      const y = area.y + row * scale;
      const cell = row * across + column;
      const opaque = meanLight(photo, { x, y, width: scale, height: scale }, light, cell * 3);
      kept[cell] = opaque && !isErased(x + scale / 2, y + scale / 2, strokes) ? 1 : 0;
    }
  return { across, down, scale, light, within: kept };
}

/** A crop kept inside the photo; all of it where there is none. */
export function within({ width, height }: Pick<Photo, "width" | "height">, crop: Box | null): Box {
  if (!crop) return { x: 0, y: 0, width, height };
  const x = Math.max(0, Math.min(width - 1, Math.round(crop.x)));
  const y = Math.max(0, Math.min(height - 1, Math.round(crop.y)));
  const right = Math.max(x + 1, Math.min(width, Math.round(crop.x + crop.width)));
  const bottom = Math.max(y + 1, Math.min(height, Math.round(crop.y + crop.height)));
  return { x, y, width: right - x, height: bottom - y };
}

/** Writes the mean light of a box; whether most of it can be seen at all. */
export function meanLight({ width, height, data }: Photo, box: Box, into: Float32Array, at: number): boolean {
  const [left, top] = [Math.floor(box.x), Math.floor(box.y)];
  const right = Math.min(width, Math.max(left + 1, Math.floor(box.x + box.width)));
  const bottom = Math.min(height, Math.max(top + 1, Math.floor(box.y + box.height)));
  let [red, green, blue, opaque, count] = [0, 0, 0, 0, 0];
  for (let y = top; y < bottom; y += 1)
    for (let x = left; x < right; x += 1) {
      const pixel = (y * width + x) * 4;
      red += linear[data[pixel] ?? 0] ?? 0;
      green += linear[data[pixel + 1] ?? 0] ?? 0;
      blue += linear[data[pixel + 2] ?? 0] ?? 0;
      opaque += data[pixel + 3] ?? 0;
      count += 1;
    }
  into.set([red / count, green / count, blue / count], at);
  return opaque / count > 127;
}

function isErased(x: number, y: number, strokes: readonly EraserStroke[]): boolean {
  return strokes.some(({ points, radius }) =>
    points.some((point, i) => distanceToLine({ x, y }, point, points[i + 1] ?? point) <= radius),
  );
}

type Point = EraserStroke["points"][number];

function distanceToLine({ x, y }: Point, from: Point, to: Point): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const length = dx * dx + dy * dy;
  const along = length === 0 ? 0 : Math.max(0, Math.min(1, ((x - from.x) * dx + (y - from.y) * dy) / length));
  return Math.hypot(x - from.x - along * dx, y - from.y - along * dy);
}
