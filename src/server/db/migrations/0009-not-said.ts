import type { Knex } from "knex";

/**
 * Statement and level of a piece may be what nobody has said yet; a level is said whole or not at all. A missing
 * piece that a stylist writes down herself has a size, and perhaps no level.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table pieces alter column statement drop not null,
      alter column register_low drop not null,
      alter column register_centre drop not null,
      alter column register_high drop not null,
      add constraint pieces_level_whole check (num_nulls(register_low, register_centre, register_high) in (0, 3));
    alter table gaps alter column level drop not null, add column size double precision;
  `);
}

/** What nobody has said becomes what stood in a new piece before. */
export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    update pieces set statement = coalesce(statement, 0), register_low = coalesce(register_low, 3),
      register_centre = coalesce(register_centre, 5), register_high = coalesce(register_high, 7);
    alter table pieces drop constraint pieces_level_whole,
      alter column statement set not null,
      alter column register_low set not null,
      alter column register_centre set not null,
      alter column register_high set not null;
    update gaps set level = coalesce(level, 5);
    alter table gaps alter column level set not null, drop column size;
  `);
}
