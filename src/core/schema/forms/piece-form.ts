import Joi from "joi";
import { careNeeds } from "../../piece/on-record";
import { pieceStates, type PieceDraft, type PieceInput } from "../../studio/piece-record";
import { day, oneOf, uuid } from "../parts";
import { pieceSchema } from "../piece";
import { keyFields, type Key } from "./key";

/** As much of a photo as is sent, in letters of base64: 4 MB. A page makes it much smaller first. */
const mostPhotoLetters = 5_500_000;

/** A piece as its form sends it. */
export const pieceForm = Joi.object<PieceInput & Key>({
  ...keyFields,
  clientId: uuid.allow(null).required().label("Owner"),
  state: oneOf(pieceStates).required().label("State"),
  backOn: day.empty("").allow(null).default(null).label("Back on"),
  needs: Joi.array().items(oneOf(careNeeds)).unique().default([]).label("Needs"),
  piece: pieceSchema<PieceDraft>({}).required(),
  photo: Joi.string().base64().max(mostPhotoLetters).allow(null).label("Photo"),
});
