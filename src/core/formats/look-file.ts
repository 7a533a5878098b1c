import Joi from "joi";
import type { Client } from "../piece/client";
import type { Look } from "../piece/look";
import type { OnRecord } from "../piece/on-record";
import { asSaid, type PieceAsSaid } from "../piece/as-said";
import { placeOf, slotOf, type Piece } from "../piece/piece";
import { adjustments } from "../schema/adjustment";
import { clientFigures, ruleBook } from "../schema/client";
import { occasion } from "../schema/occasion";
import { onRecord } from "../schema/on-record";
import { id, name } from "../schema/parts";
import { piece } from "../schema/piece";
import { parse, serialise, type FileFormat } from "./file";
import { FormatError } from "./format-error";

const format: FileFormat = { name: "juxtane.look", version: 1, called: "look" };

interface LookFile<P> {
  readonly client: Omit<Client, "ruleBook">;
  readonly ruleBook: Client["ruleBook"];
  readonly garments: readonly P[];
  readonly accessories: readonly P[];
  readonly adjustments: Look["adjustments"];
  readonly occasion: Look["occasion"];
  readonly onRecord?: OnRecord;
}

const pieces = Joi.array().items(piece).max(60).required();

const schema = Joi.object<LookFile<Piece>>({
  client: Joi.object({
    id: id.required().label("Client id"),
    name: name.required().label("Client name"),
    ...clientFigures,
  })
    .required()
    .label("Client"),
  ruleBook,
  garments: pieces.label("Garments"),
  accessories: pieces.label("Accessories"),
  adjustments,
  occasion: occasion.allow(null).required().label("Occasion"),
  onRecord: onRecord.label("On record"),
});

/** Writes a look as a `juxtane.look` file, version 1: indented JSON with a newline at its end. */
export function serialiseLook(look: Look): string {
  const { ruleBook: book, ...client } = look.client;
  const file: LookFile<PieceAsSaid> = {
    client,
    ruleBook: book,
    garments: look.garments.map(asSaid),
    accessories: look.accessories.map(asSaid),
    adjustments: look.adjustments,
    occasion: look.occasion,
    ...(look.onRecord ? { onRecord: look.onRecord } : {}),
  };
  return serialise(format, file);
}

/**
 * Reads a `juxtane.look` file.
 * @throws FormatError with one sentence that names what is wrong: broken JSON, another format, an unknown
 * version, a missing or implausible field, an adjustment of a piece that is not there.
 */
export function parseLook(text: string): Look {
  const file = parse(format, schema, text);
  const look: Look = {
    client: { ...file.client, ruleBook: file.ruleBook },
    garments: file.garments,
    accessories: file.accessories,
    adjustments: file.adjustments,
    occasion: file.occasion,
    ...(file.onRecord ? { onRecord: file.onRecord } : {}),
  };
  checkPieces(look);
  return look;
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
