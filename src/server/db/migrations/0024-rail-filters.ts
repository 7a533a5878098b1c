import type { Knex } from "knex";
import type { Swatch } from "../../../core/piece/swatch";
import { familiesOf } from "../../../core/studio/rail";
import { createTenantTable } from "../tenant-table";

/** As many pieces as are read at once. */
const batch = 1000;

/** The colour families of each piece, to find it by; and what a person has the rail narrowed to, under names of her own. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table pieces add column families text[] not null default '{}'");
  for (let after = "00000000-0000-0000-0000-000000000000"; ;) {
    const rows = await knex("pieces")
      .where("id", ">", after)
      .orderBy("id")
      .limit(batch)
      .select<{ studio_id: string; id: string; swatches: Swatch[] }[]>(
        "studio_id",
        "id",
        knex.raw(`(select coalesce(json_agg(json_build_object('hex', s.hex, 'share', s.share, 'role', s.role)
          order by s.position), '[]') from swatches s where s.studio_id = pieces.studio_id and s.piece_id = pieces.id) as swatches`),
      );
    for (const { studio_id, id, swatches } of rows)
      await knex("pieces")
        .where({ studio_id, id })
        .update({ families: familiesOf(swatches) });
    const last = rows[rows.length - 1];
    if (!last || rows.length < batch) break;
    after = last.id;
  }
  // What follows of the colours is no change of its own, as the words are not.
  await knex.raw(
    `do $do$ begin execute replace(pg_get_functiondef('note_change'::regproc), '''words'', ', '''words'', ''families'', '); end $do$`,
  );
  await createTenantTable(knex, {
    name: "rail_views",
    key: ["user_id"],
    columns: `
      user_id uuid not null,
      views jsonb not null,
      foreign key (studio_id, user_id) references memberships on delete cascade`,
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(
    `do $do$ begin execute replace(pg_get_functiondef('note_change'::regproc), '''words'', ''families'', ', '''words'', '); end $do$`,
  );
  await knex.raw("drop table rail_views; alter table pieces drop column families");
}
