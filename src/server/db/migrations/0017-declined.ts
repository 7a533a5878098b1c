import type { Knex } from "knex";
import { createTenantTable } from "../tenant-table";

/** The pieces that are not to be offered to a client, with the reason; one that is offered again keeps its row. */
export async function up(knex: Knex): Promise<void> {
  await createTenantTable(knex, {
    name: "declined",
    columns: `
      id uuid not null,
      client_id uuid not null,
      piece_id uuid not null,
      reason text not null,
      made_at timestamptz not null default now(),
      withdrawn_at timestamptz,
      foreign key (studio_id, client_id) references clients,
      foreign key (studio_id, piece_id) references pieces on delete cascade`,
  });
  await knex.raw(`
    create index on declined (studio_id, client_id, made_at desc);
    create index on declined (studio_id, piece_id);
    create trigger changes after insert or update or delete on declined
      for each row execute function note_change();
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("drop table declined");
}
