import Joi from "joi";
import { pieceStates, type PieceDraft, type PieceInput } from "../../studio/piece-record";
import { oneOf, uuid } from "../parts";
import { pieceSchema } from "../piece";
import { keyFields, type Key } from "./key";

/** A piece as its form sends it. */
export const pieceForm = Joi.object<PieceInput & Key>({
  ...keyFields,
  clientId: uuid.allow(null).required().label("Owner"),
  state: oneOf(pieceStates).required().label("State"),
  piece: pieceSchema<PieceDraft>({}).required(),
});
