import Joi from "joi";
import type { GroupInput } from "../../studio/group-record";
import { ways } from "../adjustment";
import { name, uuid } from "../parts";
import { keyFields, type Key } from "./key";

/** A base or a set as its form sends it. */
export const groupForm = Joi.object<GroupInput & Key>({
  ...keyFields,
  clientId: uuid.required().label("Client"),
  name: name.required(),
  pieceIds: Joi.array().items(uuid).unique().max(30).required().label("Pieces"),
  ways: ways.optional().label("Ways of wearing"),
});
