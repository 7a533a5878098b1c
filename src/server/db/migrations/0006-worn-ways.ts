import type { Knex } from "knex";
import { formerIds } from "@/core/rules/former-ids";
import { wordsOfPiece } from "@/core/studio/rail";
import { createTenantTable } from "../tenant-table";

/**
 * A way of wearing keeps whatever settings it has; rules go by their new ids; a studio has a time zone, whose
 * day is its today; a person keeps her own keys; and a piece has the words it is found by on the rail.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table adjustments add column settings jsonb not null default '{}';
    update adjustments set settings = case kind
      when 'turn' then jsonb_build_object('count', turn_count, 'depth', turn_depth)
      when 'strap' then jsonb_build_object('carry', carry, 'way', strap_way)
      else '{}' end;
    alter table adjustments drop column turn_count, drop column turn_depth, drop column carry,
      drop column strap_way;
    alter table studios add column time_zone text not null default 'UTC';
    alter table pieces add column words text not null default '';
    create index on pieces (studio_id, id) where deleted_at is null;
  `);
  await createTenantTable(knex, {
    name: "member_keys",
    key: ["user_id"],
    columns: `
      user_id uuid not null,
      single boolean not null,
      keys jsonb not null,
      foreign key (studio_id, user_id) references memberships on delete cascade`,
  });
  await renameRules(knex, formerIds);
  await writeWords(knex);
}

export async function down(knex: Knex): Promise<void> {
  await renameRules(knex, Object.fromEntries(Object.entries(formerIds).map(([former, id]) => [id, former])));
  await knex.raw(`
    drop table member_keys;
    alter table studios drop column time_zone;
    alter table pieces drop column words;
    alter table adjustments add column turn_count smallint, add column turn_depth double precision,
      add column carry text, add column strap_way text;
    delete from adjustments where kind not in ('turn', 'strap', 'tuck-in', 'wear-out', 'tuck-into-boot', 'double');
    update adjustments set turn_count = (settings->>'count')::smallint,
      turn_depth = (settings->>'depth')::double precision, carry = settings->>'carry',
      strap_way = settings->>'way';
    alter table adjustments drop column settings,
      add check ((kind = 'turn') = (turn_count is not null and turn_depth is not null)),
      add check ((kind = 'strap') = (carry is not null and strap_way is not null));
  `);
}

/** Tables that keep a rule book, whose figures and weights stand by a rule's id. */
const withRuleBook = ["clients", "rule_book_versions", "studios"];

async function renameRules(knex: Knex, names: Readonly<Record<string, string>>): Promise<void> {
  for (const [former, id] of Object.entries(names)) {
    await knex("overrulings").where({ rule: former }).update({ rule: id });
    for (const table of withRuleBook)
      for (const part of ["params", "weights"])
        await knex.raw(
          `update ${table} set rule_book = jsonb_set(
             rule_book #- array[:part, :former]::text[], array[:part, :id]::text[],
             rule_book #> array[:part, :former]::text[])
           where rule_book #> array[:part, :former]::text[] is not null`,
          { part, former, id },
        );
  }
}

async function writeWords(knex: Knex): Promise<void> {
  const pieces = await knex("pieces").select("studio_id", "id", "name", "kind", "finish", "metal");
  for (const { studio_id, id, ...piece } of pieces) {
    const swatches = await knex("swatches").where({ studio_id, piece_id: id }).orderBy("position");
    await knex("pieces")
      .where({ studio_id, id })
      .update({ words: wordsOfPiece({ ...piece, swatches }) });
  }
}
