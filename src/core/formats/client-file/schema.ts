import Joi from "joi";
import { measurementNames } from "../../body/measurements";
import { careNeeds } from "../../piece/on-record";
import { effectValues, verdicts } from "../../reading/verdict";
import { formerIds } from "../../rules/former-ids";
import { adjustments, ways } from "../../schema/adjustment";
import { clientFigures, ruleBook } from "../../schema/client";
import { gapFields } from "../../schema/gap";
import { occasion } from "../../schema/occasion";
import { between, day, id, moment, name, oneOf, version } from "../../schema/parts";
import { piece } from "../../schema/piece";
import { linkAnswers } from "../../studio/link-record";
import { pieceStates } from "../../studio/piece-record";
import type { ClientFile } from "./client-file";

/** The most that a list of a file may hold, and all steps of one look. */
export const mostEntries = 20_000;

const list = (items: Joi.Schema) => Joi.array().items(items).max(mostEntries).required();
const textOf = (length: number) => Joi.string().allow("").max(length).required();
const pieceIds = Joi.array().items(id).max(60).required().label("Pieces");
const at = (label: string) => moment.required().label(label);
const perhapsAt = (label: string) => moment.allow(null).required().label(label);

const putAwayAt = perhapsAt("When it was put away");
const group = { id: id.required(), name: name.required(), pieceIds, putAwayAt };
const said = { madeAt: at("When it was said"), withdrawnAt: perhapsAt("When it was taken back") };

/** A finding may be of a rule that this program does not have, or had under another name. */
const rule = Joi.string()
  .max(80)
  .pattern(/^[a-z-]+\.[a-z-]+$/, { name: "the id of a rule, such as colour.echo" })
  .custom((value: string) => formerIds[value] ?? value)
  .required()
  .label("Rule");

const state = {
  accessoryIds: pieceIds,
  adjustments,
  ownVerdict: oneOf(verdicts).allow(null).required().label("Verdict"),
};

const { measured: _newest, ...figures } = clientFigures;

/** Who she is: the first part of `client.json` of an archive. */
export const clientSchema: Joi.Schema<ClientFile["client"]> = Joi.object({
  name: name.required().label("Client name"),
  ...figures,
  notes: textOf(4000),
})
  .required()
  .label("Client");

/** The lists of a file. */
export type ClientList = Exclude<keyof ClientFile, "client">;

/** What each entry of each list is. */
export const entrySchemas: Readonly<Record<ClientList, Joi.Schema>> = {
  measurements: Joi.object({
    name: oneOf(measurementNames).required().label("Measurement"),
    cm: between(0, 300).allow(null).required(),
    takenAt: at("When it was taken"),
  }),
  ruleBooks: Joi.object({ book: ruleBook, madeAt: at("When it was made") }),
  pieces: Joi.object({
    piece: piece.required().label("Piece"),
    ofKit: Joi.boolean().required().label("Of the kit"),
    state: oneOf(pieceStates).required().label("State"),
    backOn: day.allow(null).required().label("Back on"),
    needs: Joi.array().items(oneOf(careNeeds)).unique().required().label("Needs"),
    photo: Joi.string()
      .pattern(/^[0-9a-f]{64}$/, { name: "the SHA-256 of a photo" })
      .allow(null)
      .required()
      .label("Photo"),
    putAwayAt,
  }),
  occasions: Joi.object({ occasion: occasion.required(), putAwayAt }),
  bases: Joi.object(group),
  sets: Joi.object({
    ...group,
    ways: ways.required().label("Ways of wearing"),
    retiredAt: perhapsAt("When it was retired"),
    worn: list(Joi.object({ day: day.required(), struckAt: perhapsAt("When it was struck out") })),
  }),
  looks: Joi.object({
    id: id.required(),
    baseId: id.required().label("Base"),
    occasionId: id.allow(null).required().label("Occasion"),
    name: Joi.string().trim().allow("").max(120).required().label("Name"),
    note: textOf(4000).label("Note"),
    stepId: id.allow(null).required().label("Step"),
    ...state,
    read: Joi.object({
      verdict: oneOf(verdicts).required(),
      score: between(0, 100).required(),
      ruleBookVersion: version.required(),
    })
      .allow(null)
      .required()
      .label("Reading"),
    keptAt: at("When it was kept"),
    steps: list(
      Joi.object({
        id: id.required(),
        after: id.allow(null).required(),
        at: at("Time of the step"),
        ...state,
      }),
    ).label("Steps"),
    putAwayAt,
  }),
  overrulings: Joi.object({
    rule,
    effect: oneOf(Object.keys(effectValues)).required().label("Effect"),
    pieceIds,
    reason: Joi.string().trim().min(1).max(400).required().label("Reason"),
    lookId: id.allow(null).required().label("Look"),
    ...said,
  }),
  declined: Joi.object({
    pieceId: id.required().label("Piece"),
    reason: textOf(400).label("Reason"),
    ...said,
  }),
  gaps: Joi.object({ ...gapFields, putAwayAt }),
  links: Joi.object({
    greeting: textOf(600).label("Greeting"),
    madeAt: at("When it was made"),
    expiresAt: at("When it ends"),
    openedAt: perhapsAt("When it was opened"),
    looks: list(
      Joi.object({
        lookId: id.required().label("Look"),
        reply: Joi.object({
          answer: oneOf(linkAnswers).required().label("Answer"),
          words: textOf(300).label("Her line"),
          at: at("When it was answered"),
        })
          .allow(null)
          .required()
          .label("Reply"),
      }),
    ).label("Looks"),
  }),
};

export const listNames = Object.keys(entrySchemas) as ClientList[];

/** The whole of it; it is checked apart that what is named is there. */
export const clientFileSchema = Joi.object<ClientFile>({
  client: clientSchema,
  ...Object.fromEntries(listNames.map((name) => [name, list(entrySchemas[name]).label(name)])),
});
