import knex from "knex";

/** A studio as large as they come. */
export const largeStudio = { clients: 200, pieces: 40_000, looksEach: 30 } as const;

/**
 * Fills the demo's studio up to the size of a large one: clients that are copies of the demo's four, each with her
 * pieces several times over, and with bases, sets, occasions and looks of her own.
 */
export async function fillStudio(ownerUrl: string): Promise<void> {
  const owner = knex({ client: "pg", connection: ownerUrl, pool: { min: 1, max: 1 } });
  const each = largeStudio.pieces / largeStudio.clients;
  try {
    await owner.transaction(async (trx) => {
      // Copies of what was checked: neither keys nor the list of changes need look at them one by one.
      await trx.raw("set local session_replication_role = replica");
      await trx.raw(`
        create temp table who on commit drop as
          select g, gen_random_uuid() as id, c.id as src from generate_series(1, ${largeStudio.clients}) g
          join (select id, row_number() over (order by name) as nth from clients) c on c.nth = g % 4 + 1;
        create temp table what on commit drop as
          select w.id as client, p.id as src, k, gen_random_uuid() as id
          from who w join lateral (
            select p.id, k from generate_series(1, 10) k, pieces p where p.client_id = w.src and p.deleted_at is null
            order by k, p.id limit ${each}) p on true;
        create temp table groups on commit drop as
          select w.id as client, b.id as src, gen_random_uuid() as id from who w join (
            select id, client_id from bases union all select id, client_id from sets union all
            select id, client_id from occasions) b on b.client_id = w.src;
        create temp table worn on commit drop as
          select w.id as client, l.id as src, n, gen_random_uuid() as id from who w
          join looks l on l.client_id = w.src, generate_series(1, ${largeStudio.looksEach}) n;
        create index on what (client, src, k);
        create index on groups (client, src);
        analyze what; analyze groups; analyze worn;
      `);
      const copy = (table: string, change: string, from: string) =>
        trx.raw(
          `insert into ${table} select (jsonb_populate_record(t, jsonb_build_object(${change}))).* from ${table} t join ${from}`,
        );
      await copy(
        "clients",
        "'id', w.id, 'name', 'Client ' || lpad(w.g::text, 3, '0')",
        "who w on w.src = t.id",
      );
      await copy(
        "measurements",
        "'id', gen_random_uuid(), 'client_id', w.id",
        "who w on w.src = t.client_id",
      );
      await copy("rule_book_versions", "'client_id', w.id", "who w on w.src = t.client_id");
      await copy(
        "pieces",
        "'id', w.id, 'client_id', w.client, 'name', t.name || ' ' || w.k",
        "what w on w.src = t.id",
      );
      await copy("swatches", "'piece_id', w.id", "what w on w.src = t.piece_id");
      for (const [table, members, owned] of [
        ["bases", "base_garments", "base_id"],
        ["sets", "set_accessories", "set_id"],
      ] as const) {
        await copy(table, "'id', g.id, 'client_id', g.client", "groups g on g.src = t.id");
        await copy(
          members,
          `'${owned}', g.id, 'piece_id', w.id`,
          `groups g on g.src = t.${owned} join what w on w.client = g.client and w.src = t.piece_id and w.k = 1`,
        );
      }
      await copy("occasions", "'id', g.id, 'client_id', g.client", "groups g on g.src = t.id");
      await copy(
        "looks",
        "'id', w.id, 'client_id', w.client, 'base_id', b.id, 'occasion_id', o.id, 'updated_at', now() - make_interval(hours => w.n)",
        `worn w on w.src = t.id join groups b on b.client = w.client and b.src = t.base_id
         left join groups o on o.client = w.client and o.src = t.occasion_id`,
      );
      await copy(
        "look_accessories",
        "'look_id', w.id, 'piece_id', p.id",
        "worn w on w.src = t.look_id join what p on p.client = w.client and p.src = t.piece_id and p.k = 1",
      );
    });
    await owner.raw("vacuum analyze");
    // What was filled in is written to the disk before anything is measured, not beside it.
    await owner.raw("checkpoint");
  } finally {
    await owner.destroy();
  }
}
