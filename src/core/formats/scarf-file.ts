import Joi from "joi";
import { finestMap, patchesOf } from "../scarf/colour-map";
import { extentOf, flatCloth, fold, meets, type FoldStep } from "../scarf/fold";
import { knots, reachOf, type Reaches, type ScarfBand, type TieAsked } from "../scarf/reach";
import { seenOf, sharesOf, withinStretch, type View } from "../scarf/seen";
import { checked, parseJson } from "./file";
import { FormatError } from "./format-error";

/** What is asked of a folded cloth: its view, and which part of its length. */
interface AskedShares {
  readonly view: View;
  readonly part: readonly [number, number];
}

interface FoldCase {
  readonly map: string;
  readonly sides: readonly [number, number];
  readonly steps: readonly (Omit<FoldStep, "through"> & { readonly through: readonly [number, number] })[];
  readonly axis: number;
  readonly expect?: { readonly shares?: readonly AskedShares[] };
}

interface FoldsFile {
  readonly maps: Readonly<Record<string, readonly (readonly string[])[]>>;
  readonly cases: readonly FoldCase[];
}

interface TiesFile {
  readonly cases: readonly { readonly scarf: ScarfBand; readonly tie: TieAsked }[];
}

/** What a folded cloth comes to: its length and width, cm, and the shares of its colours where they were asked for. */
export interface FoldAnswer {
  readonly length: number;
  readonly width: number;
  readonly shares: readonly (AskedShares & { readonly colours: Readonly<Record<string, number>> })[];
}

const length = Joi.number().min(0).max(400);
const point = Joi.array().ordered(Joi.number().required(), Joi.number().required());
const row = Joi.array().items(Joi.string().min(1).max(40)).min(1).max(finestMap);

const foldsFile = Joi.object<FoldsFile>({
  maps: Joi.object()
    .pattern(Joi.string(), Joi.array().items(row).min(1).max(finestMap))
    .required()
    .label("Maps"),
  cases: Joi.array()
    .items(
      Joi.object({
        map: Joi.string().required().label("Map"),
        sides: Joi.array()
          .ordered(length.positive().required(), length.positive().required())
          .required()
          .label("Sides"),
        steps: Joi.array()
          .items(
            Joi.object({
              through: point.required().label("Through"),
              angle: Joi.number().required().label("Angle"),
              side: Joi.string().valid("left", "right").required().label("Side"),
              over: Joi.boolean().required().label("Over"),
            }).unknown(),
          )
          .max(12)
          .required()
          .label("Steps"),
        axis: Joi.number().required().label("Axis"),
        expect: Joi.object({
          shares: Joi.array().items(
            Joi.object({
              view: Joi.string().valid("front", "back").required().label("View"),
              part: point.required().label("Part"),
            }).unknown(),
          ),
        }).unknown(),
      }).unknown(),
    )
    .required()
    .label("Cases"),
}).unknown();

const tiesFile = Joi.object<TiesFile>({
  cases: Joi.array()
    .items(
      Joi.object({
        scarf: Joi.object({
          a: length.positive().required().label("Side a"),
          b: length.positive().required().label("Side b"),
          fold: Joi.string().valid("bias", "straight").required().label("Fold"),
          width: length.positive().required().label("Width"),
          thickness: Joi.number().positive().max(10).required().label("Thickness"),
        })
          .unknown()
          .required()
          .label("Scarf"),
        tie: Joi.object({
          neck: length.positive().required().label("Neck"),
          ease: length.required().label("Ease"),
          wraps: Joi.number().min(0).max(6).required().label("Wraps"),
          knot: Joi.string()
            .valid(...Object.keys(knots))
            .required()
            .label("Knot"),
        })
          .unknown()
          .required()
          .label("Tie"),
      }).unknown(),
    )
    .required()
    .label("Cases"),
}).unknown();

/** What is told of a cloth of which nothing in particular was asked: all of it, its middle and one end, both sides. */
const usualShares: readonly AskedShares[] = (["front", "back"] as const).flatMap((view) => [
  { view, part: [0, 1] as const },
  { view, part: [0.4, 0.6] as const },
  { view, part: [0, 0.15] as const },
]);

/**
 * Works out a file of scarf cases, in their order: folds with their maps, or ties.
 * @throws FormatError with one sentence that names what is wrong
 */
export function scarfAnswers(text: string): readonly (FoldAnswer | Reaches)[] {
  const value = parseJson(text);
  if (typeof value === "object" && value !== null && "maps" in value) {
    const { maps, cases } = checked(foldsFile, value);
    return cases.map((each, at) => foldAnswer(each, maps, at));
  }
  return checked(tiesFile, value).cases.map(({ scarf, tie }) => rounded(reachOf(scarf, tie)));
}

function foldAnswer(asked: FoldCase, maps: FoldsFile["maps"], at: number): FoldAnswer {
  const rows = maps[asked.map];
  if (!rows) throw new FormatError(`cases: there is no map "${asked.map}"`);
  if (rows.some((cells) => cells.length !== rows[0]?.length))
    throw new FormatError(`maps.${asked.map}: all rows of a map must be of one length`);
  const names = [...new Set(rows.flat())];
  const map = { rows: rows.map((cells) => cells.map((name) => names.indexOf(name))) };
  const cloth = asked.steps.reduce(
    (lies, { through: [x, y], ...rest }, i) => {
      const step = { ...rest, through: { x, y } };
      if (!meets(lies, step))
        throw new FormatError(`cases.${at}.steps.${i}: the line of this fold lies outside the cloth`);
      return fold(lies, step);
    },
    flatCloth(...asked.sides),
  );
  const patches = patchesOf(map, ...asked.sides);
  const { along, across } = extentOf(cloth, asked.axis);
  const colours = ({ view, part: [from, to] }: AskedShares) =>
    Object.fromEntries(
      sharesOf(withinStretch(cloth, seenOf(cloth, view), { axis: asked.axis, from, to }), patches)
        .filter(({ share }) => share >= 0.0005)
        .map(({ colour, face, share }) => [
          `${face === "reverse" ? "reverse of " : ""}${names[colour] ?? ""}`,
          to3(share),
        ]),
    );
  return {
    length: to3(along.to - along.from),
    width: to3(across.to - across.from),
    shares: (asked.expect?.shares ?? usualShares).map(({ view, part }) => ({
      view,
      part,
      colours: colours({ view, part }),
    })),
  };
}

function rounded(reach: Reaches): Reaches {
  return reach.possible
    ? { possible: true, tail: to3(reach.tail), knot: to3(reach.knot) }
    : { possible: false, short: to3(reach.short) };
}

const to3 = (value: number) => Math.round(value * 1000) / 1000;
