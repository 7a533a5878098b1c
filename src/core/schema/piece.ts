import Joi from "joi";
import { cloths } from "../finish/cloths";
import { finishNames } from "../finish/finishes";
import { metalNames } from "../finish/metals";
import { kindNames, type Kind } from "../piece/kinds";
import { completed, completedFigures, type PieceAsSaid } from "../piece/as-said";
import { swatchesOf } from "../piece/picture-swatches";
import { patterns } from "../piece/piece-common";
import { specOf, type Piece } from "../piece/piece";
import { swatchRoles, type Swatch } from "../piece/swatch";
import type { ClothPicture } from "../scarf/picture";
import type { RegisterSpan } from "../register/ladder";
import { poles } from "../style/poles";
import { fieldSchemas } from "./field";
import { between, hex, id, name, oneOf } from "./parts";

/** How far the shares of a piece may miss 1. */
const shareSlack = 0.02;

const swatch = Joi.object<Swatch>({
  hex: hex.required().label("Colour"),
  share: between(0, 1).required().label("Share"),
  role: oneOf(swatchRoles).required().label("Role"),
});

const swatches = Joi.array()
  .items(swatch)
  .min(1)
  .max(12)
  .required()
  .label("Colours")
  .custom((value: Swatch[], helpers) => {
    const sum = value.filter(({ role }) => role !== "reverse").reduce((total, { share }) => total + share, 0);
    if (Math.abs(sum - 1) <= shareSlack) return value;
    const percent = Math.round(sum * 100);
    return helpers.error("custom.say", { say: `The shares of the colours make ${percent} %, not 100 %.` });
  });

export const register = Joi.object<RegisterSpan>({
  low: between(1, 9).required().label("Lowest level"),
  centre: between(1, 9).required().label("Level"),
  high: between(1, 9).required().label("Highest level"),
})
  .allow(null)
  .required()
  .label("Level")
  .custom((value: RegisterSpan, helpers) =>
    value.low <= value.centre && value.centre <= value.high
      ? value
      : helpers.error("custom.say", { say: "The level must lie between the lowest and the highest." }),
  );

const common = {
  name: name.required(),
  swatches,
  finish: oneOf(finishNames).required().label("Finish"),
  secondFinish: oneOf(finishNames).allow(null).required().label("Second finish"),
  cloth: oneOf(cloths).allow(null).default(null).label("Cloth"),
  pattern: oneOf(patterns).required().label("Pattern"),
  patternScale: between(0, 80).required().label("Size of the pattern"),
  metal: oneOf(metalNames).required().label("Metal"),
  metalSize: between(0, 3).integer().required().label("How much metal shows"),
  poles: Joi.array().items(oneOf(poles)).unique().max(2).required().label("Style"),
  statement: between(0, 3).integer().allow(null).required().label("How eye-catching"),
  register,
};

function figuresSchema(kind: Kind): Joi.ObjectSchema {
  const spec = specOf({ kind });
  const schema = Joi.object(fieldSchemas(spec.figures)).required().label("Figures");
  if (!spec.check) return schema;
  return schema.custom((value: Readonly<Record<string, never>>, helpers) => {
    // What was not said cannot go against what was.
    const fault = spec.check?.(completedFigures(kind, value) as typeof value);
    if (!fault) return value;
    const path = [...(helpers.state.path ?? []), fault.field];
    return helpers.error("custom.say", { say: fault.say }, helpers.state.localize?.(path));
  });
}

/** The measures that came with what a piece was called. */
function assumedSchema(kind: Kind): Joi.Schema {
  const measures = Object.entries(specOf({ kind }).figures).filter(([, { type }]) => type === "number");
  return Joi.array()
    .items(oneOf(measures.map(([name]) => name)))
    .unique()
    .label("Assumed measures");
}

function schemaFor(kind: Kind, extra: Joi.SchemaMap): Joi.ObjectSchema {
  const schema = Joi.object({
    kind: Joi.string().valid(kind).required(),
    ...common,
    figures: figuresSchema(kind),
    assumed: assumedSchema(kind),
    ...extra,
  });
  const said = schema.custom(assumingWhatStands);
  return kind === "scarf" ? said.custom(colouredByItsPicture) : said;
}

interface AssumingAsSaid {
  readonly figures: Readonly<Record<string, unknown>>;
  readonly assumed?: readonly string[];
}

/** A piece of which only figures that stand are assumed: of an empty one nothing is. */
function assumingWhatStands<P extends AssumingAsSaid>({ assumed, ...piece }: P): Omit<P, "assumed"> {
  const standing = (assumed ?? []).filter((name) => typeof piece.figures[name] === "number");
  return standing.length > 0 ? { ...piece, assumed: standing } : piece;
}

/** What of a scarf as it was said its swatches follow from. */
interface PicturedAsSaid {
  readonly swatches: readonly Swatch[];
  readonly figures: { readonly picture: ClothPicture | null; readonly paler: number | null };
}

/** A scarf with the swatches that follow from its picture, where one was drawn: the two never disagree. */
function colouredByItsPicture<S extends PicturedAsSaid>(scarf: S): S {
  const { picture, paler } = scarf.figures;
  return picture ? { ...scarf, swatches: swatchesOf(picture, paler ?? 0) } : scarf;
}

/** A schema for pieces of every kind, with further fields of the caller's. */
export function pieceSchema<T>(extra: Joi.SchemaMap): Joi.Schema<T> {
  const cases = kindNames.map((kind) => ({ is: kind, then: schemaFor(kind, extra) }));
  const unknownKind = Joi.object({ kind: oneOf(kindNames).required().label("Kind of piece") }).unknown();
  return Joi.alternatives().conditional(".kind", { switch: cases, otherwise: unknownKind });
}

/** A whole piece as a file has it; read, the usual measures stand in for those that were not said. */
export const piece = pieceSchema<Piece>({ id: id.required() }).custom((said: PieceAsSaid) => completed(said));
