import type { Metal } from "../finish/metals";
import type { Kind } from "../piece/kinds";
import { unsaidFigures } from "../piece/as-said";
import type { Field } from "../piece/field";
import { isJewellery, specOf } from "../piece/piece";
import type { PieceDraft } from "../studio/piece-record";
import { shaded, swatchesOf, type SaidColour } from "./colours";
import { readWords, type Found } from "./read-words";
import type { Meaning } from "./vocabulary/entry";

/** A stretch of a line, whether it was understood, and what of the piece it said. */
export interface LinePart {
  readonly from: number;
  readonly to: number;
  readonly understood: boolean;
}

/** A line as a piece. */
export interface ReadLine {
  /** Null where nothing says what it is. */
  readonly piece: PieceDraft | null;
  readonly parts: readonly LinePart[];
  /** The words that say nothing that is known, in their order; they stay in the name. */
  readonly unknown: readonly string[];
  /** Figures that go with the form and nobody has said. */
  readonly assumed: readonly string[];
  /** Whether a colour was said. */
  readonly hasColour: boolean;
}

/** Reads a line such as "cognac suede ankle boots, block heel 5, gold zip" as a piece (2.14). */
export function readLine(line: string): ReadLine {
  const found = readWords(line);
  const head = headOf(found);
  const kind = head && kindOf(head);
  if (!head || !kind) return nothing(found);
  const said = new Said(kind);
  for (const [i, each] of found.entries())
    said.take(each, each === head, found.slice(i + 1), found.slice(0, i));
  return said.result(line, found, head);
}

function nothing(found: readonly Found[]): ReadLine {
  const understood = ({ meanings, measured }: Found) => meanings.length > 0 || measured !== null;
  return {
    piece: null,
    parts: found.map((each) => ({ from: each.from, to: each.to, understood: understood(each) })),
    unknown: found.filter((each) => !understood(each)).map(({ text }) => text),
    assumed: [],
    hasColour: found.some(({ meanings }) => meanings.some(({ colour }) => colour !== undefined)),
  };
}

const kindOf = ({ meanings }: Found): Kind | null => meanings.find(({ kind }) => kind)?.kind ?? null;

/** The word that says what the piece is: the last one of the first part that has one, not behind "with". */
function headOf(found: readonly Found[]): Found | null {
  const heads = found.filter((each) => kindOf(each) !== null);
  const plain = heads.filter(({ isDetail }) => !isDetail);
  const named = plain.length > 0 ? plain : heads;
  const isLoose = ({ meanings }: Found) => meanings.find(({ kind }) => kind)?.loose === true;
  const said = named.filter((each) => !isLoose(each));
  const from = said.length > 0 ? said : named;
  const part = from[0]?.part;
  return from.findLast((each) => each.part === part) ?? null;
}

/** How far a word that names a part may stand from the colour or the metal that is said of it. */
const reach = 2;

/** What of a kind each bare number measures. */
const bareMeasure: Readonly<Partial<Record<Kind, readonly string[]>>> = {
  shoe: ["lift"],
  belt: ["width"],
  hosiery: ["denier"],
  scarf: ["sideA", "sideB"],
  "pocket square": ["side"],
  earrings: ["drop"],
  necklace: ["loop"],
  trousers: ["inseam"],
  skirt: ["length"],
  dress: ["length"],
  top: ["length"],
  jacket: ["length"],
  coat: ["length"],
  hat: ["brim"],
  watch: ["face"],
  bag: ["width", "height", "depth"],
  brooch: ["width"],
  bracelet: ["width"],
  gloves: ["length"],
  umbrella: ["length"],
};

/** Metals that are colours too: of what kind they are said as a metal. */
function isMetalwork(kind: Kind): boolean {
  return isJewellery({ kind }) || kind === "eyewear" || kind === "hair piece";
}

class Said {
  private readonly figures: Record<string, unknown>;
  private readonly given = new Set<string>();
  private readonly assumed = new Set<string>();
  private readonly colours: SaidColour[] = [];
  private readonly unknown = new Set<Found>();
  private readonly poles = new Set<string>();
  private shades: NonNullable<Meaning["shade"]>[] = [];
  private common: Partial<
    Record<"finish" | "secondFinish" | "cloth" | "pattern" | "register" | "statement", unknown>
  > = {};
  private metal: Metal = "none";

  constructor(private readonly kind: Kind) {
    this.figures = { ...unsaidFigures(kind) };
  }

  take(each: Found, isHead: boolean, after: readonly Found[], before: readonly Found[]): void {
    if (each.measured) {
      if (!this.measure(each, before, after)) this.unknown.add(each);
      return;
    }
    if (isHead) {
      const meaning = each.meanings.find(({ kind }) => kind === this.kind);
      if (meaning) this.mean(meaning, true);
      // A word such as "jeans" says what it is made of as well.
      return;
    }
    const usable = each.meanings.filter((meaning) => this.fits(meaning));
    const again = each.meanings.find(({ kind, loose }) => kind === this.kind && !loose);
    if (usable.length === 0 && again) {
      // The same said twice: "court shoes", "breton top".
      this.mean(again, true);
      return;
    }
    if (usable.length === 0 && each.meanings.some(({ kind, loose }) => kind === this.kind && loose)) return;
    if (usable.length === 0) {
      this.unknown.add(each);
      return;
    }
    if (this.takesAsMetal(usable, each, after)) return;
    const colour = usable.find(({ colour: hex }) => hex !== undefined);
    if (colour?.colour && !this.isRatherFinish(usable)) {
      this.colours.push({ hex: shaded(colour.colour, this.shades), part: partNear(after) });
      this.shades = [];
      return;
    }
    const [meaning] = usable;
    if (meaning?.shade) this.shades.push(meaning.shade);
    else if (meaning && !meaning.kind) this.mean(meaning, false);
  }

  /** Whether a meaning can be said of this kind: another kind's name cannot, nor figures that it has not. */
  private fits(meaning: Meaning): boolean {
    if (meaning.only && !meaning.only.includes(this.kind)) return false;
    if (meaning.kind) return meaning.measures !== undefined && meaning.measures in this.figures;
    if (!meaning.figures) return true;
    const fields = specOf({ kind: this.kind }).figures;
    const isOwn = ([name, value]: [string, unknown]) => takes(fields[name], value);
    if (Object.entries(meaning.figures).some(isOwn)) return true;
    return (
      meaning.finish !== undefined ||
      meaning.cloth !== undefined ||
      meaning.pattern !== undefined ||
      (meaning.measures !== undefined && meaning.measures in fields)
    );
  }

  /** Gold, silver and the like: the metal of jewellery and of what names hardware beside it, else a colour. */
  private takesAsMetal(usable: readonly Meaning[], { isDetail }: Found, after: readonly Found[]): boolean {
    const metal = usable.find((meaning) => meaning.metal !== undefined)?.metal;
    if (metal === undefined) return false;
    const isColour = usable.some(({ colour }) => colour !== undefined);
    const ofHardware = partNear(after) === "metal";
    const soled = partNear(after) === "sole" || partNear(after) === "trim" || partNear(after) === "lace";
    if (
      isColour &&
      !ofHardware &&
      !isMetalwork(this.kind) &&
      !(isDetail && !soled && this.colours.length > 0)
    ) {
      if (this.kind === "shoe" || this.kind === "bag" || this.kind === "belt")
        this.common.finish ??= "metallic";
      return false;
    }
    this.metal = this.metal === "none" || this.metal === metal ? metal : "two-tone";
    this.shades = [];
    return true;
  }

  /** "Pearl", "camel", "denim": of what is woven or worn as jewellery the making is meant rather than the colour. */
  private isRatherFinish(usable: readonly Meaning[]): boolean {
    const makes = usable.some(({ finish, cloth }) => finish !== undefined || cloth !== undefined);
    return makes && (isMetalwork(this.kind) || this.colours.length > 0);
  }

  private mean(meaning: Meaning, isHead: boolean): void {
    const fields = specOf({ kind: this.kind }).figures;
    for (const [name, value] of Object.entries(meaning.figures ?? {})) {
      if (!takes(fields[name], value)) continue;
      const isMeasure = fields[name]?.type === "number";
      if (this.given.has(name)) continue;
      this.figures[name] = value;
      // What a word for a form brings with it was not measured.
      if (isMeasure) this.assumed.add(name);
      else if (!isHead) this.given.add(name);
    }
    if (meaning.finish)
      if (this.common.finish && this.common.finish !== meaning.finish)
        this.common.secondFinish ??= meaning.finish;
      else this.common.finish = meaning.finish;
    for (const name of ["cloth", "pattern", "register", "statement"] as const) {
      // What a word for a form brings with it gives way to what is said.
      if (meaning[name] === undefined || (isHead && this.common[name] !== undefined)) continue;
      this.common[name] = meaning[name];
    }
    if (meaning.metal) this.metal = meaning.metal;
    for (const pole of meaning.poles ?? []) this.poles.add(pole);
  }

  /** A number, for the figure that a word beside it names, else for what its kind is measured by. */
  private measure({ measured }: Found, before: readonly Found[], after: readonly Found[]): boolean {
    const { numbers, unit } = measured ?? { numbers: [], unit: null };
    const beside = [before[before.length - 1], after[0], before[before.length - 2]];
    const named = beside
      .flatMap((each) => each?.meanings ?? [])
      .map(({ measures }) => measures)
      .find((name) => name !== undefined && name in this.figures);
    const names = unit ? [unit] : named && numbers.length === 1 ? [named] : (bareMeasure[this.kind] ?? []);
    const fields = specOf({ kind: this.kind }).figures;
    const [first] = numbers;
    // A square is said by one side.
    const all =
      this.kind === "scarf" && numbers.length === 1 && first !== undefined && !named
        ? [first, first]
        : numbers;
    const set = all.flatMap((number, i): [string, number][] => {
      const name = names[i];
      return name !== undefined && takes(fields[name], number) ? [[name, number]] : [];
    });
    if (set.length === 0) return false;
    for (const [name, number] of set) {
      this.figures[name] = number;
      this.given.add(name);
      this.assumed.delete(name);
    }
    return true;
  }

  result(line: string, found: readonly Found[], head: Found): ReadLine {
    const {
      finish = "matte smooth",
      secondFinish = null,
      cloth = null,
      pattern = "plain",
      register = null,
      statement = null,
    } = this.common;
    const piece = {
      kind: this.kind,
      name: nameOf(line, found, head, this.unknown),
      swatches: swatchesOf(this.colours, this.kind, this.metal),
      finish,
      secondFinish,
      cloth: isWoven(this.kind) ? cloth : null,
      pattern,
      patternScale: pattern === "plain" ? 0 : 4,
      metal: this.metal,
      metalSize: this.metal === "none" ? 0 : isMetalwork(this.kind) ? 2 : 1,
      poles: [...this.poles].slice(0, 2),
      statement,
      register,
      figures: this.figures,
      ...(this.assumed.size > 0 ? { assumed: [...this.assumed] } : {}),
    } as unknown as PieceDraft;
    return {
      piece,
      parts: found.map((each) => ({ from: each.from, to: each.to, understood: !this.unknown.has(each) })),
      unknown: found.filter((each) => this.unknown.has(each)).map(({ text }) => text),
      assumed: [...this.assumed],
      hasColour: this.colours.length > 0,
    };
  }
}

/** The part that a word close behind names: "gold zip", "white rubber sole". */
function partNear(after: readonly Found[]): NonNullable<Meaning["part"]> | null {
  for (const each of after.slice(0, reach)) {
    const part = each.meanings.find((meaning) => meaning.part !== undefined)?.part;
    if (part !== undefined) return part;
    // Another colour or a new part of the line speaks of something else.
    if (each.meanings.some(({ colour, kind }) => colour !== undefined || kind !== undefined)) return null;
  }
  return null;
}

/** Whether a figure can have a value. */
function takes(field: Field | undefined, value: unknown): boolean {
  if (!field) return false;
  if (field.type === "choice") return field.options.includes(value as string);
  if (field.type === "flag") return typeof value === "boolean";
  return field.type === "number" && typeof value === "number" && value >= field.min && value <= field.max;
}

/** Kinds whose cloth is recorded. */
function isWoven(kind: Kind): boolean {
  return [
    "trousers",
    "skirt",
    "dress",
    "jumpsuit",
    "top",
    "jacket",
    "coat",
    "scarf",
    "hat",
    "gloves",
  ].includes(kind);
}

/**
 * The name: the part of the line that says what the piece is, as it was typed and without measures, its first letter a
 * capital; behind it whatever was not understood elsewhere.
 */
function nameOf(line: string, found: readonly Found[], head: Found, unknown: ReadonlySet<Found>): string {
  const said = (some: readonly Found[]) => some.map(({ text }) => text).join(" ");
  const own = found.filter(({ part, measured }) => part === head.part && !measured);
  const strays = found.filter((each) => unknown.has(each) && !own.includes(each));
  const words = said(own).replace(/\s+(with|in|on|and)$/i, "");
  const name = [words || line, said(strays)].filter(Boolean).join(", ").slice(0, 80).trim();
  return name.charAt(0).toUpperCase() + name.slice(1);
}
