import type { Finish } from "../finish/finishes";
import type { Metal } from "../finish/metals";
import { unsaidFigures } from "../piece/as-said";
import type { Kind } from "../piece/kinds";
import { specOf } from "../piece/piece";
import type { PieceDraft } from "../studio/piece-record";
import { saysColour, saysItsSort, shaded, swatchesOf, type OwnColour, type SaidColour } from "./colours";
import { hasHardware, isLeather, isMetalwork, isWoven, stoodOn } from "./of-kind";
import { measuredBy, takes } from "./measured-figures";
import { heelNear, isJoined, isOfLining, isTrimming, partNear, type NearPart } from "./parts-said";
import type { FoundWord } from "./read-words";
import type { Meaning } from "./vocabulary/entry";

/** Surfaces that nothing is made of: they are put on. */
const trimmings: ReadonlySet<Finish> = new Set<Finish>(["bow", "fringe", "stud"]);

/** Gathers what the words of a line say of a piece of one kind. */
export class Said {
  private readonly figures: Record<string, unknown>;
  private readonly given = new Set<string>();
  private readonly assumed = new Set<string>();
  /** The measures that a word beside the name has told: what the name brings with it gives way to them. */
  private readonly told = new Set<string>();
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
  /** The colour that was said last, with its word. */
  private lastColour: { readonly word: FoundWord; readonly hex: string } | null = null;

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
    // "Light denim": a shade that no colour followed is one of what it is made of.
    const ofMaking = this.ownColour && shaded(this.ownColour, this.shades);
    return { kind: this.kind, metal: this.metal, ofMaking };
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
    const near = this.partSaid(each, before, after);
    if (this.takesAsMetal(usable, each, near, before)) return;
    const hex = usable.find(({ colour }) => colour !== undefined)?.colour;
    if (hex !== undefined && !this.isRatherFinish(usable)) {
      this.colour(each, hex, near ?? { part: null, perhapsWhole: false });
      return;
    }
    const [meaning] = usable;
    if (meaning?.shade) this.shades.push(meaning.shade);
    else if (meaning && !meaning.kind && !isOfLining(each, after))
      this.mean(meaning, false, isTrimming(each, before, after));
  }

  private colour(word: FoundWord, hex: string, of: Omit<SaidColour, "hex">): void {
    const last = this.lastColour;
    const isSort = last?.word.to === word.from - 1 && saysItsSort(last.hex, word.text.toLowerCase(), hex);
    if (!isSort) this.colours.push({ hex: shaded(hex, this.shades), ...of });
    this.lastColour = { word, hex };
    this.shades = [];
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
  private takesAsMetal(
    usable: readonly Meaning[],
    { isDetail }: FoundWord,
    near: NearPart | null,
    before: readonly FoundWord[],
  ): boolean {
    const metal = usable.find((meaning) => meaning.metal !== undefined)?.metal;
    if (metal === undefined) return false;
    const isColour = usable.some(({ colour }) => colour !== undefined);
    const isOfMetal = near?.part === "metal";
    // Of a shoe or a bag it is said of two colours.
    if (metal === "two-tone" && !isOfMetal && !isMetalwork(this.kind)) return true;
    const isHardware =
      isOfMetal || (!near && this.hasColour && (isDetail || (hasHardware(this.kind) && !isJoined(before))));
    if (isColour && !isHardware && !isMetalwork(this.kind)) {
      const isWhole = (near?.perhapsWhole ?? true) && !this.hasColour;
      if (isWhole && isLeather(this.kind)) this.common.finish ??= "metallic";
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

  private mean(meaning: Meaning, isHead: boolean, isTrimming = false): void {
    const fields = specOf({ kind: this.kind }).figures;
    for (const [name, value] of Object.entries(meaning.figures ?? {})) {
      if (!takes(fields[name], value)) continue;
      const isMeasure = fields[name]?.type === "number";
      if (this.given.has(name) || (isHead && this.told.has(name))) continue;
      this.figures[name] = value;
      // What a word for a form brings with it was not measured.
      if (isMeasure) this.assumed.add(name);
      if (!isHead) (isMeasure ? this.told : this.given).add(name);
    }
    if (meaning.finish) this.finished(meaning.finish, isTrimming);
    for (const name of ["cloth", "pattern", "register", "statement"] as const) {
      // What a word for a form brings with it gives way to what is said.
      if (meaning[name] === undefined || (isHead && this.common[name] !== undefined)) continue;
      if (isTrimming && name === "cloth") continue;
      this.common[name] = meaning[name];
    }
    if (meaning.metal) this.metal = meaning.metal;
    this.ownColour ??= meaning.ownColour ?? null;
    for (const pole of meaning.poles ?? []) this.poles.add(pole);
  }

  /** A surface: the first is the piece's own, unless it only trims it. */
  private finished(finish: Finish, isTrimming: boolean): void {
    const trims = (isTrimming || trimmings.has(finish)) && !isMetalwork(this.kind);
    if (trims || (this.common.finish !== undefined && this.common.finish !== finish))
      this.common.secondFinish ??= finish;
    else this.common.finish = finish;
  }

  private measure(each: FoundWord, before: readonly FoundWord[], after: readonly FoundWord[]): boolean {
    // A size fits somebody; how long the piece is it does not say.
    if (before[before.length - 1]?.text.toLowerCase() === "size") return true;
    const set = measuredBy(this.kind, each, { before, after });
    for (const [name, number] of set) {
      this.figures[name] = number;
      this.given.add(name);
      this.assumed.delete(name);
    }
    return set.length > 0;
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
      figures: this.given.has("tip")
        ? this.figures
        : stoodOn(this.kind, this.figures, this.given.has("lift")),
      ...(this.assumed.size > 0 ? { assumed: [...this.assumed] } : {}),
    } as unknown as PieceDraft;
  }

  /** The part that a colour or a metal is said of; a heel or a platform once the whole has a colour. */
  private partSaid(word: FoundWord, before: readonly FoundWord[], after: readonly FoundWord[]) {
    const isSaidWhole = this.colours.some(({ part }) => part === null);
    const near = partNear(this.kind, word, after);
    // Nearly all that is seen of a watch is its strap.
    if (this.kind === "watch" && near?.part === "strap") return null;
    return near ?? (isSaidWhole ? heelNear(this.kind, before, after) : null);
  }

  private shownOf(metal: Metal): number {
    if (metal === "none") return 0;
    return isMetalwork(this.kind) ? 2 : 1;
  }
}
