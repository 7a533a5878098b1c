import Joi from "joi";
import { validate } from "../schema/validate";
import { FormatError } from "./format-error";

/** A file format of ours: its name and the version this program reads. */
export interface FileFormat {
  readonly name: string;
  readonly version: number;
  /** What such a file is called in a sentence. */
  readonly called: string;
}

/** What heads a file is checked first, and is no part of what it holds. */
const stripped = Joi.any().strip();

/** Writes a file of a format: indented JSON with a newline at its end. */
export function serialise({ name, version }: FileFormat, content: object): string {
  return `${JSON.stringify({ format: name, version, ...content }, null, 2)}\n`;
}

/**
 * Reads a file of a format by its schema.
 * @throws FormatError with one sentence that names what is wrong: broken JSON, another format, an unknown
 * version, a missing or implausible field.
 */
export function parse<T>(
  { name, version, called }: FileFormat,
  schema: Joi.ObjectSchema<T>,
  text: string,
): T {
  const value = parseJson(text);
  const header = value as { format?: unknown; version?: unknown } | null;
  if (typeof header !== "object" || header?.format !== name)
    throw new FormatError(`this is not a ${called} file: "format" must be "${name}"`);
  if (header.version !== version)
    throw new FormatError(
      `"version" is ${JSON.stringify(header.version)}; this program reads version ${version}`,
    );
  const whole: Joi.Schema<T> = schema.append({ format: stripped, version: stripped } as object);
  return checked(whole, value);
}

/**
 * A value that fits a schema.
 * @param where where in the file it stands; nowhere, where it is the whole of it
 * @throws FormatError with one sentence that names what is wrong
 */
export function checked<T>(schema: Joi.Schema<T>, value: unknown, where = ""): T {
  const result = validate(schema, value);
  if (result.ok) return result.value;
  const [fault] = result.faults;
  if (!fault) throw new FormatError("the file cannot be read");
  const field = [where, fault.field].filter(Boolean).join(".");
  throw new FormatError(field === "" ? fault.say : `${field}: ${fault.say}`);
}

/** @throws FormatError where a text is no JSON */
export function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new FormatError("the file is not whole JSON: it may have been cut off or edited by hand");
  }
}
