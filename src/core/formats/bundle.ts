import Joi from "joi";
import type { Adjustment } from "../piece/adjustment";
import { asSaid } from "../piece/as-said";
import type { Occasion } from "../piece/occasion";
import { careNeeds } from "../piece/on-record";
import type { Piece } from "../piece/piece";
import { adjustments, ways } from "../schema/adjustment";
import { clientFigures, ruleBook } from "../schema/client";
import { gapFields } from "../schema/gap";
import { occasion } from "../schema/occasion";
import { day, id, name, oneOf } from "../schema/parts";
import { piece } from "../schema/piece";
import type { ClientInput } from "../studio/client-record";
import type { Ways } from "../studio/group-record";
import { pieceStates, type PieceRecord } from "../studio/piece-record";
import type { GapInput } from "../studio/gap-record";
import { parse, serialise, type FileFormat } from "./file";
import { FormatError } from "./format-error";

const format: FileFormat = { name: "juxtane.bundle", version: 1, called: "bundle" };

/** A client whole, in one file. Everything in it is named by ids of the file's own. */
export interface Bundle {
  readonly client: ClientInput;
  readonly pieces: readonly Piece[];
  /** Of the pieces that are away, or need something first. */
  readonly care: readonly PieceCare[];
  readonly occasions: readonly Occasion[];
  readonly bases: readonly Group[];
  readonly sets: readonly (Group & { readonly ways: Ways; readonly worn: readonly string[] })[];
  readonly looks: readonly BundledLook[];
  readonly gaps: readonly Omit<GapInput, "clientId">[];
}

/** What is recorded of the care of one piece. */
type PieceCare = Pick<PieceRecord, "state" | "backOn" | "needs"> & { readonly piece: string };

interface Group {
  readonly id: string;
  readonly name: string;
  readonly pieceIds: readonly string[];
}

interface BundledLook {
  readonly baseId: string;
  readonly occasionId: string | null;
  readonly accessoryIds: readonly string[];
  readonly adjustments: readonly Adjustment[];
}

const most = 5000;
const list = (items: Joi.Schema) => Joi.array().items(items).max(most);
const pieceIds = list(id).max(40).required().label("Pieces");
const group = { id: id.required(), name: name.required(), pieceIds };

const schema = Joi.object<Bundle>({
  client: Joi.object({
    name: name.required().label("Client name"),
    ...clientFigures,
    ruleBook,
    notes: Joi.string().allow("").max(4000).required().label("Notes"),
  })
    .required()
    .label("Client"),
  pieces: list(piece).required().label("Pieces"),
  care: list(
    Joi.object({
      piece: id.required().label("Piece"),
      state: oneOf(pieceStates).required().label("State"),
      backOn: day.allow(null).required().label("Back on"),
      needs: Joi.array().items(oneOf(careNeeds)).unique().required().label("Needs"),
    }),
  )
    .default([])
    .label("Care"),
  occasions: list(occasion).required().label("Occasions"),
  bases: list(Joi.object(group)).required().label("Bases"),
  sets: list(
    Joi.object({
      ...group,
      ways: ways.default([]).label("Ways of wearing"),
      worn: list(day).required().label("Days worn"),
    })
      // Sets from before kept the ties of their scarves alone.
      .rename("ties", "ways", { ignoreUndefined: true }),
  )
    .required()
    .label("Sets"),
  looks: list(
    Joi.object({
      baseId: id.required().label("Base"),
      occasionId: id.allow(null).required().label("Occasion"),
      accessoryIds: pieceIds,
      adjustments,
    }),
  )
    .required()
    .label("Looks"),
  gaps: list(Joi.object(gapFields)).required().label("Missing pieces"),
});

/** Writes a client as a `juxtane.bundle` file, version 1. */
export function serialiseBundle(bundle: Bundle): string {
  return serialise(format, { ...bundle, pieces: bundle.pieces.map(asSaid) });
}

/**
 * Reads a `juxtane.bundle` file.
 * @throws FormatError with one sentence that names what is wrong, also where something is named that the file
 * does not hold
 */
export function parseBundle(text: string): Bundle {
  const bundle = parse(format, schema, text);
  checkNames(bundle);
  return bundle;
}

function checkNames({ pieces, care, occasions, bases, sets, looks }: Bundle): void {
  const known = { pieces: idsOf("pieces", pieces), bases: idsOf("bases", bases) };
  const days = idsOf("occasions", occasions);
  idsOf("sets", sets);
  const check = (ids: ReadonlySet<string>, named: readonly string[], what: string, where: string) => {
    const stranger = named.find((each) => !ids.has(each));
    if (stranger !== undefined) throw new FormatError(`${where}: no ${what} has the id "${stranger}"`);
  };
  care.forEach(({ piece: named }, i) => check(known.pieces, [named], "piece", `care.${i}`));
  bases.forEach((base, i) => check(known.pieces, base.pieceIds, "piece", `bases.${i}`));
  sets.forEach((set, i) => {
    check(known.pieces, set.pieceIds, "piece", `sets.${i}`);
    check(
      known.pieces,
      set.ways.map((tie) => tie.piece),
      "piece",
      `sets.${i}.ways`,
    );
  });
  looks.forEach((look, i) => {
    check(known.bases, [look.baseId], "base", `looks.${i}`);
    if (look.occasionId !== null) check(days, [look.occasionId], "occasion", `looks.${i}`);
    check(known.pieces, look.accessoryIds, "piece", `looks.${i}`);
    check(
      known.pieces,
      look.adjustments.map((adjustment) => adjustment.piece),
      "piece",
      `looks.${i}.adjustments`,
    );
  });
}

function idsOf(where: string, list: readonly { readonly id: string }[]): ReadonlySet<string> {
  const ids = new Set<string>();
  for (const each of list) {
    if (ids.has(each.id)) throw new FormatError(`${where}: two have the id "${each.id}"`);
    ids.add(each.id);
  }
  return ids;
}
