import type { Metal } from "../finish/metals";
import { unsaidFigures } from "../piece/as-said";
import type { Field } from "../piece/field";
import type { Kind } from "../piece/kinds";
import { specOf } from "../piece/piece";
import type { PieceDraft } from "../studio/piece-record";
import { saysColour, shaded, swatchesOf, type OwnColour, type SaidColour, type SaidPart } from "./colours";
import { bareMeasure, isLeather, isMetalwork, isWoven } from "./of-kind";
import { heelNear, partNear } from "./parts-said";
import type { FoundWord } from "./read-words";
import type { Meaning } from "./vocabulary/entry";

/** Gathers what the words of a line say of a piece of one kind. */
export class Said {
  private readonly figures: Record<string, unknown>;
  private readonly given = new Set<string>();
  private readonly assumed = new Set<string>();
  private readonly colours: SaidColour[] = [];
  private readonly unknown = new Set<FoundWord>();
  private readonly poles = new Set<string>();
  private shades: NonNullable<Meaning["shade"]>[] = [];
  private common: Partial<
    Record<"finish" | "secondFinish" | "cloth" | "pattern" | "register" | "statement", unknown>
  > = {};
  private metal: Metal = "none";
  /** The colour of what it is made of, where that has one. */
  private ownColour: string | null = null;

  /** @param like the piece that it is the same as but for what is said; null for one that is said whole */
  constructor(
    private readonly kind: Kind,
    private readonly like: PieceDraft | null = null,
  ) {
    this.figures = { ...(like?.figures ?? unsaidFigures(kind)) };
    for (const name of like?.assumed ?? []) this.assumed.add(name);
  }

  /** Whether a word said nothing that is known of such a piece. */
  leaves(each: FoundWord): boolean {
    return this.unknown.has(each);
  }

  /** Whether a colour was said. */
  get hasColour(): boolean {
    return this.colours.length > 0;
  }

  /** Whether nothing says its colour, neither a word nor what it is made of: grey stands in. */
  get lacksColour(): boolean {
    return !this.like && !saysColour(this.colours, this.own);
  }

  private get own(): OwnColour {
    return { kind: this.kind, metal: this.metal, ofMaking: this.ownColour };
  }

  take(each: FoundWord, isHead: boolean, after: readonly FoundWord[], before: readonly FoundWord[]): void {
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
    const part = this.partSaid(before, after);
    if (this.takesAsMetal(usable, each, part)) return;
    const colour = usable.find(({ colour: hex }) => hex !== undefined);
    if (colour?.colour && !this.isRatherFinish(usable)) {
      this.colours.push({ hex: shaded(colour.colour, this.shades), part });
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
  private takesAsMetal(usable: readonly Meaning[], { isDetail }: FoundWord, part: SaidPart | null): boolean {
    const metal = usable.find((meaning) => meaning.metal !== undefined)?.metal;
    if (metal === undefined) return false;
    const isColour = usable.some(({ colour }) => colour !== undefined);
    const isHardware = part === "metal" || (part === null && isDetail && this.colours.length > 0);
    if (isColour && !isHardware && !isMetalwork(this.kind)) {
      const isWhole = part === null && isLeather(this.kind);
      if (isWhole) this.common.finish ??= "metallic";
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
    this.ownColour ??= meaning.ownColour ?? null;
    for (const pole of meaning.poles ?? []) this.poles.add(pole);
  }

  /** A number, for the figure that a word beside it names, else for what its kind is measured by. */
  private measure(
    { measured }: FoundWord,
    before: readonly FoundWord[],
    after: readonly FoundWord[],
  ): boolean {
    const { numbers, unit } = measured ?? { numbers: [], unit: null };
    const beside = [before[before.length - 1], after[0], before[before.length - 2]];
    const named = beside
      .flatMap((each) => each?.meanings ?? [])
      .map(({ measures }) => measures)
      .find((name) => name !== undefined && name in this.figures);
    const names = unit ? [unit] : named && numbers.length === 1 ? [named] : (bareMeasure[this.kind] ?? []);
    const fields = specOf({ kind: this.kind }).figures;
    // A square is said by one side; of two sides either may be said first.
    const isSquare = numbers.length === 1 && !named;
    const sides = (isSquare ? [...numbers, ...numbers] : [...numbers]).sort((one, other) => other - one);
    const all = this.kind === "scarf" ? sides : numbers;
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

  /** The piece under a name. */
  pieceNamed(name: string): PieceDraft {
    const { like } = this;
    const { finish, secondFinish, cloth, pattern, register, statement } = this.common;
    const metal = this.metal === "none" ? (like?.metal ?? "none") : this.metal;
    const drawn = pattern ?? like?.pattern ?? "plain";
    const woven = isWoven(this.kind) ? (cloth ?? like?.cloth ?? null) : null;
    return {
      kind: this.kind,
      name,
      swatches: like && !this.hasColour ? like.swatches : swatchesOf(this.colours, { ...this.own, metal }),
      finish: finish ?? like?.finish ?? "matte smooth",
      secondFinish: secondFinish ?? like?.secondFinish ?? null,
      cloth: woven,
      pattern: drawn,
      patternScale: drawn === like?.pattern ? like.patternScale : drawn === "plain" ? 0 : 4,
      metal,
      metalSize: metal === like?.metal ? like.metalSize : this.shownOf(metal),
      poles: this.poles.size > 0 ? [...this.poles].slice(0, 2) : (like?.poles ?? []),
      statement: statement ?? like?.statement ?? null,
      register: register ?? like?.register ?? null,
      figures: this.figures,
      ...(this.assumed.size > 0 ? { assumed: [...this.assumed] } : {}),
    } as unknown as PieceDraft;
  }

  /** The part that a colour or a metal is said of; a heel or a platform once the whole has a colour. */
  private partSaid(before: readonly FoundWord[], after: readonly FoundWord[]): SaidPart | null {
    const isSaidWhole = this.colours.some(({ part }) => part === null);
    return partNear(this.kind, after) ?? (isSaidWhole ? heelNear(this.kind, before, after) : null);
  }

  private shownOf(metal: Metal): number {
    if (metal === "none") return 0;
    return isMetalwork(this.kind) ? 2 : 1;
  }
}

/** Whether a figure can have a value. */
function takes(field: Field | undefined, value: unknown): boolean {
  if (!field) return false;
  if (field.type === "choice") return field.options.includes(value as string);
  if (field.type === "flag") return typeof value === "boolean";
  return field.type === "number" && typeof value === "number" && value >= field.min && value <= field.max;
}
