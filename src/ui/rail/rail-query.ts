import { createLoader, parseAsBoolean, parseAsString, parseAsStringLiteral } from "nuqs/server";
import { addressed } from "@/core/schema/address";
import { railOrders, shelves, type RailWish } from "@/core/studio/rail";

/** What is looked at, as it stands in the address: it survives a reload, and can be sent. */
export const railQuery = {
  client: parseAsString,
  kind: parseAsStringLiteral(shelves).withDefault("all"),
  find: parseAsString.withDefault(""),
  order: parseAsStringLiteral(railOrders).withDefault("newest"),
  falling: parseAsBoolean.withDefault(false),
};

export const railQueryOf = createLoader(railQuery);

/** As many words as the rail is looked through for. */
const longest = 120;

type RailQuery = Awaited<ReturnType<typeof railQueryOf>>;

/** The wish that an address makes. */
export function railWishOf({ client, kind, find, order, falling }: RailQuery): RailWish {
  const { words = "" } = addressed({ words: find.slice(0, longest) }, ["words"]);
  return { owner: client, shelf: kind, words, order, falling };
}
