import knex from "knex";
import { v7 as uuid } from "uuid";

/** How many sets and bases the large client has. */
export const large = { sets: 200, bases: 100 } as const;

/**
 * A client of the demo studio with hundreds of sets and bases, made of copies of another's pieces.
 * @returns the new client's id
 */
export async function largeWardrobe(ownerUrl: string, ofClient: string, name: string): Promise<string> {
  const owner = knex({
    client: "pg",
    connection: ownerUrl,
    pool: { min: 0, max: 1 },
  });
  try {
    return await owner.transaction(async (trx) => {
      const id = uuid();
      const [client] = await trx("clients").where({ id: ofClient });
      if (!client) throw new Error(`no client ${ofClient}`);
      const studio = client.studio_id;
      await trx("clients").insert({ ...client, id, name, rule_book: JSON.stringify(client.rule_book) });
      const measurements = await trx("measurements").where({ client_id: ofClient });
      await trx("measurements").insert(measurements.map((row) => ({ ...row, id: uuid(), client_id: id })));
      const ids = new Map<string, string>();
      const pieces = await trx("pieces").where({ client_id: ofClient }).whereNull("deleted_at");
      for (const piece of pieces) ids.set(piece.id, uuid());
      await trx("pieces").insert(
        pieces.map((piece) => ({
          ...piece,
          id: ids.get(piece.id) ?? "",
          client_id: id,
          figures: JSON.stringify(piece.figures),
        })),
      );
      const swatches = await trx("swatches").whereIn("piece_id", [...ids.keys()]);
      await trx("swatches").insert(
        swatches.map((row) => ({ ...row, piece_id: ids.get(row.piece_id) ?? "" })),
      );
      const group = async (table: "sets" | "bases", members: string, owned: string, lists: string[][]) => {
        for (const [i, list] of lists.entries()) {
          const groupId = uuid();
          await trx(table).insert({
            studio_id: studio,
            id: groupId,
            client_id: id,
            name: `${table} ${i + 1}`,
          });
          await trx(members).insert(
            list.map((piece_id, position) => ({ studio_id: studio, [owned]: groupId, piece_id, position })),
          );
        }
      };
      const of = (kind: string) =>
        pieces.flatMap((piece) => (piece.kind === kind ? (ids.get(piece.id) ?? []) : []));
      const nth = (list: readonly string[], i: number) => list.slice(i % list.length, (i % list.length) + 1);
      const [shoes, bags, jewels, belts] = [of("shoe"), of("bag"), of("earrings"), of("belt")];
      const [legs, tops, dresses] = [of("trousers"), of("top"), of("dress")];
      await group(
        "sets",
        "set_accessories",
        "set_id",
        Array.from({ length: large.sets }, (_, i) =>
          [nth(shoes, i), nth(bags, Math.floor(i / 2)), nth(jewels, Math.floor(i / 3)), nth(belts, i)].flat(),
        ),
      );
      await group(
        "bases",
        "base_garments",
        "base_id",
        Array.from({ length: large.bases }, (_, i) =>
          i % 4 === 0 ? nth(dresses, i) : [nth(legs, i), nth(tops, Math.floor(i / 3))].flat(),
        ),
      );
      return id;
    });
  } finally {
    await owner.destroy();
  }
}
