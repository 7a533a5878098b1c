import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { placeOf } from "@/core/piece/piece";
import { bySeverity } from "@/core/reading/severity";
import { read } from "@/core/reading/read";
import { solveTurnUp } from "@/core/reading/turn-ups";
import { layOut } from "@/core/studio/wardrobe";
import { seedDemo } from "@/server/db/demo";
import { inStudio, type Tenant } from "@/server/db/tenant";
import { bases } from "@/server/records/bases";
import { listClients } from "@/server/records/clients";
import { recentLooks } from "@/server/records/looks";
import { memberByEmail } from "@/server/records/doors";
import { listOccasions } from "@/server/records/occasions";
import { listPieces } from "@/server/records/pieces";
import { sets } from "@/server/records/sets";
import { ownDatabase } from "./own-database";

let studioId: string;
let leave: () => Promise<void>;

beforeAll(async () => {
  let code: string;
  ({ code, leave } = await ownDatabase("demo_studio", 2));
  expect(await seedDemo("demo", code)).toBe(true);
  studioId = (await memberByEmail("desk@quillmere.example"))?.studioId ?? "";
});

afterAll(() => leave());

/** Everything of every client. */
async function whole(tenant: Tenant) {
  const { clients } = await listClients(tenant, 0, 10);
  const each = async <T>(list: (tenant: Tenant, clientId: string) => Promise<T[]>): Promise<T[]> => {
    const lists: T[] = [];
    for (const { client } of clients) lists.push(...(await list(tenant, client.id)));
    return lists;
  };
  return {
    clients,
    pieces: await each(listPieces),
    bases: await each((...of) => bases.list(...of)),
    sets: await each((...of) => sets.list(...of)),
    occasions: await each(listOccasions),
  };
}

const room = () =>
  inStudio(studioId, async (tenant) => ({
    ...(await whole(tenant)),
    // The look that each client's bench opens with is one to mend; the others were finished before.
    looks: await recentLooks(tenant, 4),
  }));

describe("the demo studio", () => {
  it("is filled once", async () => {
    expect(await seedDemo("demo", "")).toBe(false);
  });

  it("has four clients complete, each with 25 accessories and 8 bases at least, and 130 pieces, 24 bases, 14 sets and 14 occasions between them", async () => {
    const { clients, pieces, bases: allBases, sets: allSets, occasions } = await room();
    expect(clients.map(({ client }) => client.name)).toEqual([
      "Ingrid Haldane",
      "Ottoline Varga",
      "Teodor Almasi",
      "Wren Castellane",
    ]);
    for (const { client } of clients) {
      const own = pieces.filter(({ clientId }) => clientId === client.id);
      expect(own.filter(({ piece }) => placeOf(piece) === null).length).toBeGreaterThanOrEqual(25);
      expect(allBases.filter(({ clientId }) => clientId === client.id).length).toBeGreaterThanOrEqual(8);
      for (const name of ["height", "crotch", "ankle", "calf", "knee", "thigh", "hip", "neck"] as const)
        expect(client.measured[name]).toBeGreaterThan(0);
    }
    expect(pieces.length).toBeGreaterThanOrEqual(130);
    expect(allBases.length).toBeGreaterThanOrEqual(24);
    expect(allSets.length).toBeGreaterThanOrEqual(14);
    expect(occasions.length).toBeGreaterThanOrEqual(14);
  });

  it("shows in its bases and looks what the tool is for: two whites, a mid shaft under a straight leg, a lone colour", async () => {
    const { clients, pieces, bases: allBases, looks } = await room();
    const all = pieces.map(({ piece }) => piece);
    const jarring = new Set<string>();
    let turned = 0;
    for (const base of allBases) {
      const client = clients.find(({ client: { id } }) => id === base.clientId)?.client;
      if (!client) continue;
      const look = layOut(
        { client, pieces: all, occasions: [], away: [] },
        { garmentIds: base.pieceIds, accessoryIds: [], adjustments: [], occasionId: null },
      );
      for (const { rule, effect } of read(look).findings)
        if (effect === "jars" || effect === "note") jarring.add(rule);
    }
    for (const record of looks) {
      const client = clients.find(({ client: { id } }) => id === record.clientId)?.client;
      const base = allBases.find(({ id }) => id === record.baseId);
      if (!client || !base) continue;
      const look = layOut(
        { client, pieces: all, occasions: [], away: [] },
        { ...record, garmentIds: base.pieceIds },
      );
      const reading = read(look);
      expect(reading.verdict).toBe("jars");
      expect([...reading.findings].sort(bySeverity)[0]?.proposals.length).toBeGreaterThan(0);
      for (const { rule, effect } of reading.findings) if (effect === "jars") jarring.add(rule);
      if (solveTurnUp(look)?.best?.turn) turned += 1;
    }
    expect(turned).toBeGreaterThanOrEqual(2);
    expect([...jarring]).toEqual(
      expect.arrayContaining(["colour.near-white", "colour.echo", "finish.metal"]),
    );
    expect(
      [...jarring].some(
        (rule) =>
          rule === "proportion.overlap" || rule === "proportion.snag" || rule === "proportion.ankle-lost",
      ),
    ).toBe(true);
  });

  it("has sets that serve: each sits or sings on at least three of its client's bases", async () => {
    const { clients, pieces, bases: allBases, sets: allSets } = await room();
    const all = pieces.map(({ piece }) => piece);
    for (const set of allSets) {
      const client = clients.find(({ client: { id } }) => id === set.clientId)?.client;
      if (!client) throw new Error("a set without its client");
      const verdicts = allBases
        .filter(({ clientId }) => clientId === set.clientId)
        .map((base) => {
          const key = {
            garmentIds: base.pieceIds,
            accessoryIds: set.pieceIds,
            adjustments: [],
            occasionId: null,
          };
          return read(layOut({ client, pieces: all, occasions: [], away: [] }, key)).verdict;
        });
      expect(verdicts.filter((verdict) => verdict !== "jars").length, set.name).toBeGreaterThanOrEqual(3);
    }
  });
});
