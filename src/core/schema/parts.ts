import Joi from "joi";

export const id = Joi.string().trim().min(1).max(80);

/** The id of a record, in the one way it is written: small letters, four hyphens. */
export const uuid = Joi.string()
  .lowercase()
  .custom((value: string, helpers) => (hyphened.test(value) ? value : helpers.error("string.guid")));
const hyphened = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

export const name = Joi.string()
  .trim()
  .min(1)
  .max(120)
  .label("Name")
  .custom((value: string, helpers) => (showsNothing(value) ? helpers.error("string.empty") : value));

/** Whether a text is of characters alone that leave no mark: spaces, joiners, fillers. */
function showsNothing(text: string): boolean {
  return /^[\s\p{C}\p{Z}\p{M}\u115f\u1160\u3164\uffa0\u2800]*$/u.test(text);
}

/** The version of a row: it fits the column that keeps it. */
export const version = Joi.number().integer().min(1).max(2_147_483_647);
export const hex = Joi.string()
  .trim()
  .lowercase()
  .pattern(/^#[0-9a-f]{6}$/, { name: "a colour such as navy or #2a66c8" });
export const day = Joi.string()
  .trim()
  .custom((value: string, helpers) => (isDay(value) ? value : helpers.error("string.isoDate")))
  .label("Day");

/** Whether a text is a calendar day that exists, yyyy-mm-dd, in a century somebody dresses in. */
function isDay(text: string): boolean {
  if (!/^(19|20|21)\d{2}-\d{2}-\d{2}$/.test(text)) return false;
  const date = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(text);
}

/** A moment as an ISO time, in a century somebody dresses in. */
export const moment = Joi.string()
  .isoDate()
  .pattern(/^(19|20|21)\d{2}-/, { name: "a time of these centuries" });

/** One of a fixed list. */
export function oneOf(values: readonly string[]) {
  return Joi.string().valid(...values);
}

/** A bare number within plausible ends. */
export function between(least: number, most: number) {
  return Joi.number().min(least).max(most);
}
