import type { Knex } from "knex";
import { createTenantTable } from "../tenant-table";

/** The photo of a piece, as it was made small; it goes with its piece. */
export async function up(knex: Knex): Promise<void> {
  await createTenantTable(knex, {
    name: "photos",
    key: ["piece_id"],
    columns: `
      piece_id uuid not null,
      stamp text not null,
      picture bytea not null,
      foreign key (studio_id, piece_id) references pieces on delete cascade`,
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("drop table photos");
}
