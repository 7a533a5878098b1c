import type { Client } from "../../piece/client";
import type { Kind } from "../../piece/kinds";
import type { Look } from "../../piece/look";
import type { Occasion } from "../../piece/occasion";
import type { Upkeep } from "../../piece/on-record";
import type { Piece, PieceOf } from "../../piece/piece";
import type { TieSettings } from "../../piece/tied-scarf";
import type { Schools } from "../../rule-book/schools";
import type { Effect } from "../../rules/finding";
import { sample, sampleClient, sampleClientWith, sampleLook, sampleOccasion } from "../sample";

export type Given = Parameters<typeof sample>[1];

/** A piece named by its kind; figures beside what every piece has. */
export const p = <K extends Kind>(
  kind: K,
  given: Given = {},
  figures: Partial<PieceOf<K>["figures"]> = {},
): Piece => sample(kind, { name: kind, ...given, figures }) as Piece;
export const legs = (figures: Partial<PieceOf<"trousers">["figures"]> = {}, given: Given = {}) =>
  p("trousers", { hex: "#8c8e91", ...given }, { inseam: 74, ...figures });
export const skirt = (length: number, given: Given = {}) =>
  p("skirt", { hex: "#8c8e91", ...given }, { length });
export const top = (hex = "#b9bcc0", given: Given = {}, figures: Partial<PieceOf<"top">["figures"]> = {}) =>
  p("top", { hex, ...given }, { tucked: true, ...figures });
export const shoe = (figures: Partial<PieceOf<"shoe">["figures"]> = {}, given: Given = {}) =>
  p("shoe", given, figures);
export const boot = (figures: Partial<PieceOf<"shoe">["figures"]> = {}) =>
  shoe({ form: "boot", shaft: 12, shaftTop: 26, lift: 5, toe: "almond", ...figures });
export const body = { ...sampleClient.measured, waist: 76, neck: 36, hip: 100, upperArm: 30 };
export const client = (given: Partial<Client> = {}, schools: Partial<Schools> = {}) =>
  sampleClientWith({ measured: body, ...given }, schools);
export const limited = (limits: Partial<Client["limits"]>) =>
  client({ limits: { ...sampleClient.limits, ...limits } });
export const at = (given: Partial<Occasion>): Occasion => ({ ...sampleOccasion, ...given });
export const look = (garments: Piece[], accessories: Piece[] = [], rest: Partial<Look> = {}): Look =>
  sampleLook({ client: client(), garments, accessories, ...rest });
/** What is on record of one piece, on 12 May 2026. */
export const known = (id: string, upkeep: Partial<Upkeep>): Pick<Look, "occasion" | "onRecord"> => ({
  occasion: at({ day: "2026-05-12" }),
  onRecord: {
    today: "2026-05-01",
    upkeep: { [id]: { away: null, back: null, needs: [], lastWorn: null, ...upkeep } },
    shown: [],
  },
});
/** The same look before a company on an earlier day, and again on 12 May 2026. */
export const seenBy = (company: string, day: string): Pick<Look, "occasion" | "onRecord"> => ({
  occasion: at({ day: "2026-05-12", company: "The board" }),
  onRecord: {
    today: "2026-05-01",
    upkeep: {},
    shown: [{ company, occasion: "Quarter's end", day, pieces: [...worn.map(({ id }) => id), "shoe"] }],
  },
});
export const turned = (count: 1 | 2, depth: number): Pick<Look, "adjustments"> => ({
  adjustments: [{ kind: "turn", piece: "trousers", count, depth }],
});
export const print = (hexes: readonly string[], scale: number): Given => ({
  pattern: "floral",
  patternScale: scale,
  statement: 2,
  swatches: hexes.map((hex, i) => ({ hex, share: 1 / hexes.length, role: i === 0 ? "ground" : "motif" })),
});
export const tied = (
  tie: TieSettings["tie"],
  settings: Partial<TieSettings> = {},
): Pick<Look, "adjustments"> => ({
  adjustments: [
    {
      kind: "tie",
      piece: "scarf",
      tie,
      fold: "bias band",
      corner: "lower left",
      face: "reverse",
      turned: false,
      band: 6,
      ...settings,
    },
  ],
});
export const greenScarf = p(
  "scarf",
  {},
  { picture: { colours: ["#1f6b3a", "#efe7d6"], rows: ["00", "01"] }, sideA: 90, sideB: 90 },
);
export const level = (low: number, centre: number, high: number): Given => ({
  register: { low, centre, high },
});
export const worn = [legs(), top()];
export const dark = [legs({}, { hex: "#1b1b1d" }), top("#19191b")];
export const suit = [legs({}, { poles: ["tailored"] }), p("jacket", { poles: ["tailored"] })];

export interface Case {
  /** Message, effect, and a look in which the rule says just that. */
  readonly says: readonly (readonly [string, Effect, Look])[];
  /** A look as near to the first as can be, of which the rule says nothing of the kind. */
  readonly silent: Look;
}
