import { finishNames } from "../finish/finishes";
import { metalNames } from "../finish/metals";
import { kinds } from "../piece/kinds";
import type { Field, Fields } from "../piece/field";
import type { Piece } from "../piece/piece";
import type { Swatch } from "../piece/swatch";
import { poles } from "../style/poles";

const shades = [
  "#0f1013",
  "#1d2742",
  "#6d3f26",
  "#b98e5f",
  "#d9b08c",
  "#8f949b",
  "#efe6cf",
  "#f7f9fb",
  "#2450c0",
  "#d6271f",
  "#e0a800",
] as const;
const factors = [0.5, 0.8, 0.95, 1.05, 1.25, 2] as const;

/** The piece with one thing of it otherwise, each in turn: a figure, a colour, its surface, its metal, its manner. */
export function* nudgedPieces(piece: Piece): Generator<Piece> {
  const fields: Fields = kinds[piece.kind].figures;
  const figures: Readonly<Record<string, unknown>> = { ...piece.figures };
  for (const [name, field] of Object.entries(fields))
    for (const value of otherValues(field, figures[name]))
      yield { ...piece, figures: { ...figures, [name]: value } } as Piece;
  for (const given of otherManners(piece)) yield { ...piece, ...given } as Piece;
}

/** Values of a figure beside the one it has. */
function otherValues(field: Field, value: unknown): readonly unknown[] {
  switch (field.type) {
    case "choice":
      return field.options.filter((option) => option !== value);
    case "flag":
      return [!value];
    case "picture":
      return value ? [null] : [];
    case "number": {
      const { min, max, optional, whole } = field;
      const within = (number: number) => {
        const kept = Math.min(max, Math.max(min, number));
        return whole ? Math.round(kept) : kept;
      };
      const now = typeof value === "number" ? value : null;
      const near = now === null ? [(min + max) / 2] : factors.map((factor) => within(now * factor));
      const others = new Set<number | null>([...near, min, max, ...(optional ? [null] : [])]);
      others.delete(now);
      return [...others];
    }
  }
}

function* otherManners({ swatches, register, metalSize, pattern }: Piece): Generator<Partial<Piece>> {
  for (const at of swatches.keys())
    for (const hex of shades)
      yield { swatches: swatches.map((swatch, i): Swatch => (i === at ? { ...swatch, hex } : swatch)) };
  const ground = swatches[0]?.hex ?? "#808080";
  for (const [hex, share] of [
    ["#d6271f", 0.4],
    ["#f7f9fb", 0.08],
    [ground, 0.3],
  ] as const)
    yield {
      pattern: pattern === "plain" ? "stripe" : pattern,
      swatches: [
        { hex: ground, share: 1 - share, role: "ground" },
        { hex, share, role: "motif" },
      ],
    };
  for (const finish of finishNames) yield { finish };
  yield { secondFinish: "metallic" };
  yield { pattern: "plain", patternScale: 0 };
  for (const patternScale of [0.5, 4, 12]) yield { pattern: "check", patternScale };
  for (const metal of metalNames) yield { metal, metalSize: metal === "none" ? 0 : metalSize || 1 };
  for (const size of [0, 1, 2, 3] as const) yield { metalSize: size };
  for (const pole of poles) yield { poles: [pole] };
  yield { poles: [] };
  for (const statement of [null, 0, 1, 2, 3] as const) yield { statement };
  yield { register: null };
  for (const by of [-3, -1.5, -0.5, 0.5, 1.5, 3]) {
    const { low, centre, high } = register ?? { low: 4, centre: 5, high: 6 };
    const moved = (level: number) => Math.min(9, Math.max(1, level + by));
    yield { register: { low: moved(low), centre: moved(centre), high: moved(high) } };
  }
  yield { unsaid: ["length"] };
}
