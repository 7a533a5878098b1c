import type { Knex } from "knex";

/** Of a client's colouring only what somebody has said is on record. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table clients alter column skin drop not null,
      alter column hair drop not null,
      alter column eyes drop not null,
      alter column undertone drop not null;
  `);
}

/** What nobody has said becomes what the form of a new client began with before. */
export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    update clients set skin = coalesce(skin, '#d8b093'), hair = coalesce(hair, '#5a4636'),
      eyes = coalesce(eyes, '#5f5a48'), undertone = coalesce(undertone, 'neutral');
    alter table clients alter column skin set not null,
      alter column hair set not null,
      alter column eyes set not null,
      alter column undertone set not null;
  `);
}
