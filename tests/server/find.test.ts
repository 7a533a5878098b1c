import { beforeAll, describe, expect, it } from "vitest";
import { inStudio } from "@/server/db/tenant";
import { putClientAway } from "@/server/records/clients";
import { findByName } from "@/server/records/find";
import { addPiece, putPieceAway } from "@/server/records/pieces";
import { sets } from "@/server/records/sets";
import { furnishedStudio, shoe } from "./studios";

let studio: Awaited<ReturnType<typeof furnishedStudio>>;
let other: Awaited<ReturnType<typeof furnishedStudio>>;

beforeAll(async () => {
  studio = await furnishedStudio("Find");
  other = await furnishedStudio("Other");
});

const inside = <T>(work: Parameters<typeof inStudio<T>>[1]) => inStudio(studio.studioId, work);
const found = async (words: string) => (await inside((tenant) => findByName(tenant, words))).map(says);
const says = ({ kind, name, clientName }: { kind: string; name: string; clientName: string | null }) =>
  `${kind} ${name}, ${clientName ?? "kit"}`;

describe("what is found by words of its name", () => {
  it("is of every kind, whatever the letters' case, with whose it is", async () => {
    expect(await found("GREY")).toEqual([
      "piece Grey boots, Imke Solander",
      "piece Grey trousers, Imke Solander",
      "base Grey, Imke Solander",
    ]);
    expect(await found("solan")).toEqual(["client Imke Solander, Imke Solander"]);
    expect(await found("lunch")).toEqual(["occasion a working lunch, Imke Solander"]);
    expect(await found("plain")).toEqual(["set Plain, Imke Solander"]);
    expect(await found("no such thing")).toEqual([]);
  });

  it("has what begins with the words before what only holds them, five of a kind at most", async () => {
    await inside(async (tenant) => {
      for (const name of ["Old boots", "Boots, tall", "A boot tree", "boots, low", "My boots", "Boots, tan"])
        await addPiece(tenant, { piece: { ...shoe, name }, clientId: null, state: "ready" });
    });
    const boots = await found("boots");
    expect(boots).toHaveLength(5);
    expect(boots.slice(0, 3).sort()).toEqual([
      "piece Boots, tall, kit",
      "piece Boots, tan, kit",
      "piece boots, low, kit",
    ]);
  });

  it("takes letters as they stand, and never as wildcards", async () => {
    await inside((tenant) =>
      addPiece(tenant, { piece: { ...shoe, name: "100 % wool_socks" }, clientId: null, state: "ready" }),
    );
    expect(await found("%")).toEqual(["piece 100 % wool_socks, kit"]);
    expect(await found("l_s")).toEqual(["piece 100 % wool_socks, kit"]);
    expect(await found("\\")).toEqual([]);
  });

  it("leaves out what was put away or retired, and all of a client who was", async () => {
    await inside((tenant) => sets.retire(tenant, studio.setId));
    expect(await found("plain")).toEqual([]);
    await inside((tenant) => putPieceAway(tenant, studio.pieceId));
    expect(await found("grey boots")).toEqual([]);
    await inside((tenant) => putClientAway(tenant, studio.clientId));
    expect(await found("grey")).toEqual([]);
    expect(await found("imke")).toEqual([]);
  });

  it("is never another studio's", async () => {
    const ids = (await inside((tenant) => findByName(tenant, "e"))).map(({ id }) => id);
    for (const id of [other.clientId, other.pieceId, other.setId, other.baseId, other.occasionId])
      expect(ids).not.toContain(id);
    expect(await inStudio(other.studioId, (tenant) => findByName(tenant, "grey"))).toHaveLength(3);
  });
});
