import type { Knex } from "knex";
import {
  kindsOn,
  makingsOf,
  railWindowSize,
  studioKit,
  unwornDays,
  type RailNarrowed,
  type RailWindow,
  type RailWish,
} from "@/core/studio/rail";
import type { Tenant } from "../db/tenant";
import { piecesById, havingLetters } from "./pieces";

const columns = {
  name: "pieces.name",
  finish: "pieces.finish",
  level: "pieces.register_centre",
  state: "pieces.state",
} as const;

/** A window of the rail as it is wished: the pieces from one place on, and how many there are in all. */
export async function railWindow(tenant: Tenant, wish: RailWish, from: number): Promise<RailWindow> {
  // Ids rise with time: the newest first is the greatest first.
  const falls = wish.order === "newest" ? !wish.falling : wish.falling;
  const way = falls ? "desc" : "asc";
  const rows = await wished(tenant, wish)
    .orderBy([
      // What nobody has said stands last, whichever way.
      ...(wish.order === "newest"
        ? []
        : [{ column: columns[wish.order], order: way, nulls: "last" } as const]),
      { column: "pieces.id", order: way },
    ])
    .offset(from)
    .limit(railWindowSize)
    .select<{ id: string; count: string }[]>("pieces.id", tenant.raw("count(*) over () as count"));
  // Past the last piece no row is there to say it.
  const [counted] =
    rows.length > 0 || from === 0
      ? rows
      : await wished(tenant, wish).count<{ count: string }[]>("* as count");
  const pieces = await piecesById(
    tenant,
    rows.map(({ id }) => id),
  );
  return { from, pieces, count: Number(counted?.count ?? 0) };
}

/** Whether the studio has any piece. */
export async function hasPieces(tenant: Tenant): Promise<boolean> {
  const row = await tenant("pieces").where({ studio_id: tenant.studioId, deleted_at: null }).first("id");
  return row !== undefined;
}

/** The ids of all pieces as they are wished, in the order in which they were recorded. */
export async function wishedIds(tenant: Tenant, wish: RailWish): Promise<string[]> {
  const rows = await wished(tenant, wish).orderBy("pieces.id").select<{ id: string }[]>("pieces.id");
  return rows.map(({ id }) => id);
}

function wished(tenant: Tenant, { owner, shelf, words, narrowed }: RailWish) {
  const query = tenant("pieces");
  void query.where("pieces.studio_id", tenant.studioId).whereNull("pieces.deleted_at");
  if (owner === studioKit) void query.whereNull("pieces.client_id");
  else if (owner !== null) void query.where("pieces.client_id", owner);
  if (shelf !== "all") void query.whereIn("pieces.kind", kindsOn(shelf));
  for (const word of words.split(/[\s,]+/)) if (word !== "") havingLetters(query, word);
  narrow(tenant, query, narrowed);
  return query;
}

function narrow(tenant: Tenant, query: Knex.QueryBuilder, narrowed: RailNarrowed): void {
  const { family, metal, level, season, state, cloth, unworn } = narrowed;
  if (family !== null) void query.whereRaw("? = any(pieces.families)", [family]);
  if (metal !== null) void query.where("pieces.metal", metal);
  if (level !== null)
    void query.where("pieces.register_low", "<=", level).where("pieces.register_high", ">=", level);
  if (season !== null) {
    const { finishes, cloths } = makingsOf(season);
    void query.where(
      (made) => void made.whereIn("pieces.finish", [...finishes]).orWhereIn("pieces.cloth", [...cloths]),
    );
  }
  if (state !== null) void query.where("pieces.state", state);
  if (cloth !== null) void query.where("pieces.cloth", cloth);
  if (unworn !== null)
    void query.whereNotExists(
      tenant("wears")
        .join("set_accessories", (on) =>
          on
            .on("set_accessories.studio_id", "wears.studio_id")
            .andOn("set_accessories.set_id", "wears.set_id"),
        )
        .where("wears.studio_id", tenant.studioId)
        .whereNull("wears.deleted_at")
        .whereRaw("set_accessories.piece_id = pieces.id")
        .modify((worn) => {
          if (unworn !== "yet")
            void worn.whereRaw("wears.worn_on > now()::date - ?::integer", [unwornDays[unworn]]);
        })
        .select(tenant.raw("1")),
    );
}
