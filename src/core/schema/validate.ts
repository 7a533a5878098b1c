import type Joi from "joi";
import type { Fault, Outcome } from "./outcome";
import { unstorable } from "./storable";

/** Checks a value against a schema: the value with its types settled, or one sentence for each bad field. */
export function validate<T>(schema: Joi.Schema<T>, value: unknown): Outcome<T> {
  const stray = unstorable(value);
  if (stray) return { ok: false, faults: [strayFault(stray)] };
  const result = schema.validate(value, { abortEarly: false, convert: true });
  if (!result.error) return { ok: true, value: result.value };
  const faults = result.error.details.map(faultOf);
  const first = new Map(faults.map((fault) => [fault.field, fault] as const).reverse());
  return { ok: false, faults: [...first.values()].reverse() };
}

function faultOf(detail: Joi.ValidationErrorItem): Fault {
  return { field: detail.path.join("."), say: sentence(detail) };
}

const straySayers = {
  characters: "holds a character that cannot be kept: type it anew.",
  names: "has a name in it that cannot be used here.",
  shape: "cannot be taken as it is.",
} as const;

function strayFault({ path, why }: NonNullable<ReturnType<typeof unstorable>>): Fault {
  return { field: path.join("."), say: `${headed(path[path.length - 1] ?? "")} ${straySayers[why]}` };
}

type Sayer = (label: string, context: Joi.Context) => string;

const sayers: Record<string, Sayer> = {
  "any.required": (label) => `${label} is missing.`,
  "any.only": (label, { valids, value }) =>
    `${label} must be one of ${listed(valids)}; ${shown(value)} is not.`,
  "any.invalid": (label, { value }) => `${label} cannot be ${shown(value)}.`,
  "string.empty": (label) => `Enter ${within(label)}.`,
  "string.max": (label, { limit }) => `${label} is too long: at most ${limit} characters.`,
  "string.min": (label, { limit }) => `${label} is too short: at least ${limit} characters.`,
  "string.pattern.name": (label, { name }) => `${label} must be ${name}.`,
  "string.email": (label) => `${label} is not an address, such as name@studio.example.`,
  "string.isoDate": (label) => `${label} must be a day, such as 2026-05-14.`,
  "string.guid": (label) => `${label} does not name anything on record.`,
  "string.base": (label) => `${label} must be a text.`,
  "number.base": (label, { value }) => `${label} must be a number${given(value)}.`,
  "number.min": (label, { limit, value }) =>
    `${label} must be at least ${limit}; ${shown(value)} is not plausible.`,
  "number.max": (label, { limit, value }) =>
    `${label} must be at most ${limit}; ${shown(value)} is not plausible.`,
  "number.integer": (label) => `${label} must be a whole number.`,
  "number.unsafe": (label) => `${label} is not a number that can be kept.`,
  "number.infinity": (label) => `${label} must be a number.`,
  "boolean.base": (label) => `${label} must be yes or no.`,
  "array.base": (label) => `${label} must be a list.`,
  "array.min": (label, { limit }) => `${label} needs at least ${limit}.`,
  "array.max": (label, { limit }) => `${label} takes at most ${limit}.`,
  "array.unique": (label) => `${label} names the same thing twice.`,
  "object.base": (label) => `${label} must be an object.`,
  "object.unknown": (label) => `${label} is not a field that is known here.`,
};

function sentence(detail: Joi.ValidationErrorItem): string {
  const context = detail.context ?? {};
  if (detail.type === "custom.say") return String(context.say);
  const label = labelOf(detail);
  const say = sayers[detail.type];
  return say ? say(label, context) : `${label} cannot be taken as it is.`;
}

/** A field's own label, or its path where it has none. */
function labelOf(detail: Joi.ValidationErrorItem): string {
  return headed(detail.context?.label ?? detail.path.join("."));
}

/** A label at the head of a sentence; what is no word of ours stands in quotes. */
function headed(label: string): string {
  if (!/^([A-Za-z][\w.,'() -]*)?$/.test(label)) return shown(label);
  const name = label === "" || label === "value" ? "What was sent" : label;
  return name.charAt(0).toUpperCase() + name.slice(1);
}

function listed(valids: unknown): string {
  return Array.isArray(valids) ? valids.filter((valid) => valid !== null).join(", ") : "";
}

function shown(value: unknown): string {
  if (value === null || typeof value === "number" || typeof value === "boolean") return String(value);
  if (typeof value !== "string") return "what was sent";
  return value.length > 38 ? `"${value.slice(0, 38)}...` : `"${value}"`;
}

function given(value: unknown): string {
  return typeof value === "string" && value !== "" ? `; ${shown(value)} is not` : "";
}

/** A field within a sentence: "a name", "an address", "your name". */
function within(label: string): string {
  const field = label.charAt(0).toLowerCase() + label.slice(1);
  if (/^(?:your|the|what|how)\b/.test(field)) return field;
  return `${/^[aeiou]/.test(field) ? "an" : "a"} ${field}`;
}
