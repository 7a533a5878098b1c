import type { Knex } from "knex";

/** How a strap is set on a look; a client's shortest hem, and whether the client is dressed seated. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table adjustments add column carry text, add column strap_way text,
      add check ((kind = 'strap') = (carry is not null and strap_way is not null));
    alter table clients add column hem_above_knee double precision,
      add column seated boolean not null default false;
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table adjustments drop column carry, drop column strap_way;
    alter table clients drop column hem_above_knee, drop column seated;
  `);
}
