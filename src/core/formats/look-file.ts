import Joi from "joi";
import type { Client } from "../piece/client";
import type { Look } from "../piece/look";
import { placeOf, slotOf, type Piece } from "../piece/piece";
import { adjustments } from "../schema/adjustment";
import { colouring, goals, limits, measured, ruleBook, seated } from "../schema/client";
import { occasion } from "../schema/occasion";
import { id, name } from "../schema/parts";
import { piece } from "../schema/piece";
import { validate } from "../schema/validate";
import { FormatError } from "./format-error";

const formatName = "juxtane.look";
const version = 1;

interface LookFile {
  readonly format: typeof formatName;
  readonly version: typeof version;
  readonly client: Omit<Client, "ruleBook">;
  readonly ruleBook: Client["ruleBook"];
  readonly garments: readonly Piece[];
  readonly accessories: readonly Piece[];
  readonly adjustments: Look["adjustments"];
  readonly occasion: Look["occasion"];
}

const pieces = Joi.array().items(piece).max(60).required();

const schema = Joi.object<LookFile>({
  format: Joi.string().valid(formatName).required(),
  version: Joi.number().valid(version).required(),
  client: Joi.object({
    id: id.required().label("Client id"),
    name: name.required().label("Client name"),
    measured,
    seated,
    colouring,
    limits,
    goals,
  })
    .required()
    .label("Client"),
  ruleBook,
  garments: pieces.label("Garments"),
  accessories: pieces.label("Accessories"),
  adjustments,
  occasion: occasion.allow(null).required().label("Occasion"),
});

/** Writes a look as a `juxtane.look` file, version 1: indented JSON with a newline at its end. */
export function serialiseLook(look: Look): string {
  const { ruleBook: book, ...client } = look.client;
  const file: LookFile = {
    format: formatName,
    version,
    client,
    ruleBook: book,
    garments: look.garments,
    accessories: look.accessories,
    adjustments: look.adjustments,
    occasion: look.occasion,
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/**
 * Reads a `juxtane.look` file.
 * @throws FormatError with one sentence that names what is wrong: broken JSON, another format, an unknown
 * version, a missing or implausible field, an adjustment of a piece that is not there.
 */
export function parseLook(text: string): Look {
  const value = parseJson(text);
  const header = value as { format?: unknown; version?: unknown } | null;
  if (typeof header !== "object" || header?.format !== formatName)
    throw new FormatError(`this is not a look file: "format" must be "${formatName}"`);
  if (header.version !== version)
    throw new FormatError(
      `"version" is ${JSON.stringify(header.version)}; this program reads version ${version}`,
    );
  const result = validate(schema, value);
  if (!result.ok) {
    const [fault] = result.faults;
    throw new FormatError(fault ? `${fault.field}: ${fault.say}` : "the file cannot be read");
  }
  const file = result.value;
  const look: Look = {
    client: { ...file.client, ruleBook: file.ruleBook },
    garments: file.garments,
    accessories: file.accessories,
    adjustments: file.adjustments,
    occasion: file.occasion,
  };
  checkPieces(look);
  return look;
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new FormatError("the file is not whole JSON: it may have been cut off or edited by hand");
  }
}

function checkPieces(look: Look): void {
  const ids = new Set<string>();
  for (const worn of [...look.garments, ...look.accessories]) {
    if (ids.has(worn.id)) throw new FormatError(`two pieces have the id "${worn.id}"`);
    ids.add(worn.id);
  }
  look.garments.forEach((worn, i) => {
    if (placeOf(worn) === null)
      throw new FormatError(`garments.${i}: "${worn.name}" is an accessory, not a garment`);
  });
  look.accessories.forEach((worn, i) => {
    if (slotOf(worn) === null)
      throw new FormatError(`accessories.${i}: "${worn.name}" is a garment, not an accessory`);
  });
  look.adjustments.forEach((adjustment, i) => {
    if (!ids.has(adjustment.piece))
      throw new FormatError(`adjustments.${i}: no piece of the look has the id "${adjustment.piece}"`);
  });
}
