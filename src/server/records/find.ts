import type { FoundRecord } from "@/core/studio/found";
import type { Tenant } from "../db/tenant";
import { asTheyStand, havingLetters } from "./pieces";

/** How many of each kind are named at most. */
const most = 5;

/** What is looked through, and which rows of it are in use. */
const shelves = [
  { kind: "piece", table: "pieces", unless: ["deleted_at"] },
  { kind: "set", table: "sets", unless: ["deleted_at", "retired_at"] },
  { kind: "base", table: "bases", unless: ["deleted_at"] },
  { kind: "occasion", table: "occasions", unless: ["deleted_at"] },
] as const;

/** Clients, pieces, sets, bases and occasions that have some words in their name; those that begin with them first. */
export async function findByName(tenant: Tenant, words: string): Promise<FoundRecord[]> {
  const within = `%${asTheyStand(words)}%`;
  const from = `${asTheyStand(words)}%`;
  const clients = await tenant("clients")
    .where({ studio_id: tenant.studioId })
    .whereNull("deleted_at")
    .whereILike("name", within)
    .orderByRaw("name ilike ? desc, name", [from])
    .limit(most)
    .select("id", "name");
  const found: FoundRecord[] = clients.map(({ id, name }) => ({
    kind: "client",
    id,
    name,
    clientId: id,
    clientName: name,
  }));
  for (const { kind, table, unless } of shelves) {
    const query = tenant(table)
      .leftJoin("clients", (join) =>
        join.on("clients.studio_id", `${table}.studio_id`).andOn("clients.id", `${table}.client_id`),
      )
      .where(`${table}.studio_id`, tenant.studioId)
      .whereNull("clients.deleted_at")
      .whereILike(`${table}.name`, within)
      .orderByRaw("?? ilike ? desc, ??", [`${table}.name`, from, `${table}.name`])
      .limit(most)
      .select(`${table}.id`, `${table}.name`, `${table}.client_id as clientId`, "clients.name as clientName");
    if (kind === "piece") havingLetters(query, words);
    for (const column of unless) void query.whereNull(`${table}.${column}`);
    const rows = (await query) as Omit<FoundRecord, "kind">[];
    found.push(...rows.map((row) => ({ kind, ...row })));
  }
  return found;
}
