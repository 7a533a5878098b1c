import Joi from "joi";
import { finishNames } from "../../finish/finishes";
import { metalNames } from "../../finish/metals";
import { mostAtOnce, type RowToKeep } from "../../intake/rows";
import { careNeeds } from "../../piece/on-record";
import { pieceStates, type PieceDraft } from "../../studio/piece-record";
import type { PieceChange, PieceKey } from "../../studio/piece-change";
import { poles } from "../../style/poles";
import { between, day, oneOf, uuid, version } from "../parts";
import { pieceSchema, register } from "../piece";

/** Pieces to be recorded at once. */
export const piecesToKeep = Joi.object<{ readonly pieces: readonly RowToKeep[] }>({
  pieces: Joi.array()
    .items(
      Joi.object({
        id: uuid.allow(null).required(),
        clientId: uuid.allow(null).required().label("Owner"),
        state: oneOf(pieceStates).required().label("State"),
        backOn: day.empty("").allow(null).default(null).label("Back on"),
        needs: Joi.array().items(oneOf(careNeeds)).unique().default([]).label("Needs"),
        piece: pieceSchema<PieceDraft>({}).required(),
      }),
    )
    .min(1)
    .max(mostAtOnce)
    .required()
    .label("Pieces"),
});

/** As many pieces as are changed at once. */
const mostChanged = 500;

const keys = Joi.array()
  .items(Joi.object({ id: uuid.required(), version: version.required() }))
  .min(1)
  .max(mostChanged)
  .required()
  .label("Pieces");

/** The same to be said of many pieces. */
export const piecesToChange = Joi.object<{
  readonly keys: readonly PieceKey[];
  readonly change: PieceChange;
}>({
  keys,
  change: Joi.object({
    clientId: uuid.allow(null).label("Owner"),
    state: oneOf(pieceStates).label("State"),
    backOn: day.empty("").allow(null).label("Back on"),
    needs: Joi.array().items(oneOf(careNeeds)).unique().label("Needs"),
    finish: oneOf(finishNames).label("Finish"),
    metal: oneOf(metalNames).label("Metal"),
    poles: Joi.array().items(oneOf(poles)).unique().max(2).label("Style"),
    statement: between(0, 3).integer().allow(null).label("How eye-catching"),
    register: register.optional(),
  })
    .min(1)
    .required()
    .label("What to change"),
});

/** Pieces to be put away together. */
export const piecesToPutAway = Joi.object<{ readonly ids: readonly string[] }>({
  ids: Joi.array().items(uuid).min(1).max(mostChanged).unique().required().label("Pieces"),
});

/** Names by which somebody calls pieces. */
export const namesOfPieces = Joi.object<{ readonly names: readonly string[] }>({
  names: Joi.array().items(Joi.string().max(120)).max(50).required().label("Names"),
});
