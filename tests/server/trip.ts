import fc from "fast-check";
import { v7 as uuid } from "uuid";
import type Joi from "joi";
import type { Kind } from "@/core/piece/kinds";
import { swatchesOf } from "@/core/piece/picture-swatches";
import type { Piece } from "@/core/piece/piece";
import type { Outcome } from "@/core/schema/outcome";
import { draftOf } from "@/core/studio/piece-record";
import { sample } from "@/core/testing/sample";
import { inStudio, type Tenant } from "@/server/db/tenant";
import { addPiece } from "@/server/records/pieces";
import { type Drawn } from "../support/from-schema";
import { as } from "./session-of-test";
import { furnishedStudio } from "./studios";

/** The studio whose records are sent. */
export let studio: Awaited<ReturnType<typeof furnishedStudio>>;
/** Garments and accessories of the studio's client, to make bases, sets and looks of. */
export let wardrobe: { readonly garments: string[]; readonly shoe: string; readonly accessories: string[] };

/** Opens the studio whose records are sent. */
export async function beginTrips(): Promise<void> {
  studio = await furnishedStudio("Round trips");
  as(studio);
  wardrobe = await inside(async (tenant) => {
    const add = (kind: Kind) =>
      addPiece(tenant, { piece: draftOf(sample(kind) as Piece), clientId: studio.clientId, state: "ready" });
    return {
      garments: [await add("trousers"), await add("top"), await add("jacket")],
      shoe: await add("shoe"),
      accessories: [await add("bag"), await add("belt"), await add("scarf"), await add("watch")],
    };
  });
}

/** Works within the studio whose records are sent. */
export const inside = <T>(work: (tenant: Tenant) => Promise<T>) => inStudio(studio.studioId, work);

/** What is sent, how, and what a page shows of it afterwards, in the shape of what was sent. */
export interface Trip<T> {
  readonly form: Joi.Schema<T>;
  readonly drawn: () => Drawn;
  readonly send: (input: T) => Promise<Outcome<unknown>>;
  readonly shown: (tenant: Tenant, sent: T, answer: unknown) => Promise<unknown>;
  /** What a page shows of what was sent: all of it, where nothing is said. */
  readonly kept?: (sent: T) => unknown;
}

/** A trip among others of other kinds. */
export const trip = <T>(given: Trip<T>) => given as unknown as Trip<unknown>;

/** A piece as it is kept: of a scarf that has a picture the swatches follow from it. */
export function coloured<S extends object>(sent: S): S {
  const { piece } = sent as unknown as { readonly piece: Piece };
  if (piece.kind !== "scarf" || !piece.figures.picture) return sent;
  const { picture, paler } = piece.figures;
  return { ...sent, piece: { ...piece, swatches: swatchesOf(picture, paler ?? 0) } };
}

/** The number of a new record. */
export const id = fc.constant(0).map(() => uuid());
/** Where nothing is said. */
export const nothing = fc.constant(null);
/** A new record's key. */
export const fresh = { id: nothing, version: nothing };
/** A record of the studio's client. */
export const ofHers = { clientId: fc.constant(0).map(() => studio.clientId) };
/** Some of what the client can put on. */
export const worn = () => fc.subarray([wardrobe.shoe, ...wardrobe.accessories]);
