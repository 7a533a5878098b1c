import {
  createLoader,
  parseAsBoolean,
  parseAsInteger,
  parseAsString,
  parseAsStringLiteral,
} from "nuqs/server";
import { families } from "@/core/colour/family";
import { cloths } from "@/core/finish/cloths";
import { metalNames } from "@/core/finish/metals";
import { addressed } from "@/core/schema/address";
import { pieceStates } from "@/core/studio/piece-record";
import {
  railOrders,
  seasons,
  shelves,
  unwornSpans,
  type RailNarrowed,
  type RailWish,
} from "@/core/studio/rail";

/** How the rail is hung: a line a piece, or drawn plates side by side. */
export const hangings = ["table", "plates"] as const;

/** What is looked at, as it stands in the address: it survives a reload, and can be sent. */
export const railQuery = {
  client: parseAsString,
  kind: parseAsStringLiteral(shelves).withDefault("all"),
  find: parseAsString.withDefault(""),
  order: parseAsStringLiteral(railOrders).withDefault("newest"),
  falling: parseAsBoolean.withDefault(false),
  family: parseAsStringLiteral(families),
  metal: parseAsStringLiteral(metalNames),
  level: parseAsInteger,
  season: parseAsStringLiteral(seasons),
  state: parseAsStringLiteral(pieceStates),
  cloth: parseAsStringLiteral(cloths),
  unworn: parseAsStringLiteral(unwornSpans),
  as: parseAsStringLiteral(hangings).withDefault("table"),
};

export const railQueryOf = createLoader(railQuery);

/** As many words as the rail is looked through for. */
const longest = 120;

export type RailQuery = Awaited<ReturnType<typeof railQueryOf>>;

/** The wish that an address makes. */
export function railWishOf(query: RailQuery): RailWish {
  const { client, kind, find, order, falling } = query;
  const { words = "" } = addressed({ words: find.slice(0, longest) }, ["words"]);
  return { owner: client, shelf: kind, words, order, falling, narrowed: narrowedOf(query) };
}

/** What an address narrows the rail to. */
export function narrowedOf({ family, metal, level, season, state, cloth, unworn }: RailQuery): RailNarrowed {
  const isLevel = level !== null && level >= 1 && level <= 9;
  return { family, metal, level: isLevel ? level : null, season, state, cloth, unworn };
}
