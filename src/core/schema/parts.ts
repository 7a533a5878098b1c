import Joi from "joi";

export const id = Joi.string().trim().min(1).max(80);
export const uuid = Joi.string().uuid();
export const name = Joi.string().trim().min(1).max(120).label("Name");
export const hex = Joi.string()
  .trim()
  .lowercase()
  .pattern(/^#[0-9a-f]{6}$/, { name: "a colour such as #2a66c8" });
export const day = Joi.string()
  .trim()
  .custom((value: string, helpers) => (isDay(value) ? value : helpers.error("string.isoDate")))
  .label("Day");

/** Whether a text is a calendar day that exists, yyyy-mm-dd. */
function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const date = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(text);
}

/** One of a fixed list. */
export function oneOf(values: readonly string[]) {
  return Joi.string().valid(...values);
}

/** A bare number within plausible ends. */
export function between(least: number, most: number) {
  return Joi.number().min(least).max(most);
}
