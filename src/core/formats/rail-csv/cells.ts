import { parseColour } from "../../colour/parse-colour";
import type { Field } from "../../piece/field";
import { swatchRoles, type Swatch } from "../../piece/swatch";
import type { ClothPicture } from "../../scarf/picture";

/** The text of a cell; a text that a spreadsheet would take for a formula has an apostrophe before it. */
export function guarded(text: string): string {
  return /^['=+\-@\t\r]/.test(text) ? `'${text}` : text;
}

/** The text that was guarded. */
export function unguarded(cell: string): string {
  return /^'['=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell;
}

/** "ground #1d2742 60 %; motif #c4922f 40 %", the shares so exact that they are read again to the last bit. */
export function sayColours(swatches: readonly Swatch[]): string {
  return swatches.map(({ role, hex, share }) => `${role} ${hex} ${sayShare(share)}`).join("; ");
}

/** The fewest digits of a percentage that give the share back; the bare share where none does. */
function sayShare(share: number): string {
  for (let digits = 1; digits < 17; digits += 1) {
    const text = String(Number((share * 100).toPrecision(digits)));
    if (Number(text) / 100 === share) return `${text} %`;
  }
  return String(share);
}

/**
 * Colours as a person writes them: "navy", "navy 80 %, gold", "ground #1d2742 60 %; motif #c4922f 40 %". What has no share
 * takes what is left. A text says what cannot be read.
 */
export function readColours(cell: string): readonly Swatch[] | string {
  const parts = cell
    .split(/[;/]|,(?!\d)/)
    .map((part) => part.trim())
    .filter(Boolean);
  const said = parts.map((part, i) => {
    const share = /\s(\d+(?:[.,]\d+)?(?:e-\d+)?)\s*(%?)$/.exec(part);
    const words = part.slice(0, share?.index).trim();
    const role = swatchRoles.find((each) => words.toLowerCase().startsWith(`${each} `));
    const colour = role ? words.slice(role.length).trim() : words;
    return {
      colour,
      hex: parseColour(colour),
      role: role ?? (i === 0 ? "ground" : "motif"),
      share: share ? Number((share[1] ?? "").replace(",", ".")) / (share[2] === "%" ? 100 : 1) : null,
    } as const;
  });
  const unknown = said.find(({ hex }) => hex === null);
  if (unknown) return `"${unknown.colour}" is not a colour; write navy or #1d2742.`;
  const taken = said.reduce((sum, { share, role }) => sum + (role === "reverse" ? 0 : (share ?? 0)), 0);
  const open = said.filter(({ share, role }) => share === null && role !== "reverse").length;
  return said.map(({ hex, role, share }) => ({
    hex: hex ?? "",
    role,
    share: share ?? (role === "reverse" ? 1 : Math.max(0, 1 - taken) / open),
  }));
}

export function sayPicture({ colours, rows }: ClothPicture): string {
  return `${colours.join(" ")} / ${rows.join(" ")}`;
}

function readPicture(cell: string): ClothPicture {
  const [colours = "", rows = ""] = cell.split("/");
  const words = (text: string) => text.trim().split(/\s+/).filter(Boolean);
  return { colours: words(colours), rows: words(rows) };
}

/** A figure as a cell. */
export function sayFigure(value: unknown): string {
  if (value === null || value === undefined) return "";
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (typeof value === "number") return String(value);
  return typeof value === "string" ? value : sayPicture(value as ClothPicture);
}

/** What a cell says of a figure; what cannot be read stays a text, for the checks to name. */
export function readFigure(field: Field, cell: string): unknown {
  switch (field.type) {
    case "number":
      return numberIn(cell);
    case "flag":
      return flags[cell.toLowerCase()] ?? cell;
    case "picture":
      return readPicture(cell);
    case "choice":
      return field.options.find((option) => option === cell.toLowerCase()) ?? cell;
  }
}

const flags: Readonly<Record<string, boolean>> = {
  yes: true,
  true: true,
  "1": true,
  x: true,
  no: false,
  false: false,
  "0": false,
};

/** A number with a point or a comma, a unit behind it or not; else the text itself. */
export function numberIn(cell: string): unknown {
  const digits = /^(-?\d+(?:[.,]\d+)?(?:e-?\d+)?)\s*(?:cm|mm|g|den)?$/i.exec(cell)?.[1];
  return digits === undefined ? cell : Number(digits.replace(",", "."));
}

/** The texts of a list: "hem; heel tips". */
export function listIn(cell: string): string[] {
  return cell
    .split(";")
    .map((part) => part.trim())
    .filter(Boolean);
}
