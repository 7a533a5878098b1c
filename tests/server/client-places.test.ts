import { beforeAll, describe, expect, it } from "vitest";
import { inStudio } from "@/server/db/tenant";
import { benchFor, wardrobeFor } from "@/server/records/bench";
import {
  clientBasesRoom,
  clientFiguresRoom,
  clientJournalRoom,
  clientOccasionsRoom,
} from "@/server/records/client-rooms";
import { withdrawDeclined } from "@/server/records/declined";
import { newestLooksFor } from "@/server/records/looks";
import { withdrawOverruling } from "@/server/records/overrulings";
import { addPiece } from "@/server/records/pieces";
import { addOccasion, listOccasions } from "@/server/records/occasions";
import { readToday } from "@/server/records/today-read";
import { todayRoom } from "@/server/records/today-room";
import { asOwner, furnishedStudio, shoe } from "./studios";

let studio: Awaited<ReturnType<typeof furnishedStudio>>;

beforeAll(async () => {
  studio = await furnishedStudio("Places");
});

const inside = <T>(work: Parameters<typeof inStudio<T>>[1]) => inStudio(studio.studioId, work);
const nobody = "01890000-0000-7000-8000-000000000000";

describe("a client's places", () => {
  it("each say whose they are and how much stands in the others; of nobody there is none", async () => {
    const rooms = [clientBasesRoom, clientFiguresRoom, clientOccasionsRoom, clientJournalRoom];
    for (const room of rooms)
      await inside(async (tenant) => {
        const shown = await room(tenant, studio.clientId);
        expect(shown?.head.record.client.id).toBe(studio.clientId);
        expect(shown?.head.counts).toEqual({ bases: 1, sets: 1, occasions: 1 });
        expect(await room(tenant, nobody)).toBeNull();
      });
  });

  it("show an occasion with the look last worked on for it", async () => {
    const room = await inside((tenant) => clientOccasionsRoom(tenant, studio.clientId));
    expect(room?.laidOut.map(({ id, occasionId }) => [id, occasionId])).toEqual([
      [studio.lookId, studio.occasionId],
    ]);
    expect(room?.bases.map(({ id }) => id)).toEqual([studio.baseId]);
    expect(room?.pieces.map(({ piece }) => piece.id).sort()).toEqual(
      [studio.pieceId, studio.garmentId].sort(),
    );
  });

  it("give the newest of several looks for one occasion, and of an archived one none", async () => {
    const looks = asOwner()("looks").where({ studio_id: studio.studioId, id: studio.lookId });
    const newest = () => inside((tenant) => newestLooksFor(tenant, [studio.occasionId]));
    const [row] = await looks.clone().select("*");
    const later = { ...row, id: nobody, updated_at: new Date(Date.now() + 60_000), step_id: null };
    await asOwner()("looks").insert(later);
    expect((await newest()).map(({ id }) => id)).toEqual([nobody]);
    await asOwner()("looks").where({ id: nobody }).delete();
    expect((await newest()).map(({ id }) => id)).toEqual([studio.lookId]);
    await looks.clone().update({ deleted_at: new Date() });
    expect(await newest()).toEqual([]);
    await looks.clone().update({ deleted_at: null });
  });
});

describe("a client's journal", () => {
  it("tells what was laid, worn, measured, overruled and said no to, on the studio's own days", async () => {
    const days = await inside(
      async (tenant) => (await clientJournalRoom(tenant, studio.clientId))?.days ?? [],
    );
    const entries = days.flatMap(({ day, entries: those }) => those.map((entry) => ({ day, ...entry })));
    const of = (what: string) => entries.filter((entry) => entry.what === what);
    expect(of("worn")).toEqual([{ day: "2026-11-01", what: "worn", id: studio.wearId, set: "Plain" }]);
    expect(of("look")).toMatchObject([
      { id: studio.lookId, base: "Grey", name: "Working lunch", verdict: "sits" },
    ]);
    expect(of("overruled")).toMatchObject([
      { rule: "colour.echo", reason: "It was a present.", isWithdrawn: false },
    ]);
    expect(of("declined")).toMatchObject([
      { piece: "Grey boots", reason: "It pinches.", isWithdrawn: false },
    ]);
    expect(of("measured")).toHaveLength(1);
    expect(days.map(({ day }) => day)).toEqual([...days.map(({ day }) => day)].sort().reverse());
  });

  it("counts a day where the studio is, not where the server is", async () => {
    const rows = asOwner()("overrulings").where({ studio_id: studio.studioId, id: studio.overrulingId });
    await rows.clone().update({ made_at: new Date("2026-03-01T23:30:00Z") });
    await asOwner()("studios").where({ id: studio.studioId }).update({ time_zone: "Pacific/Auckland" });
    const days = await inside(
      async (tenant) => (await clientJournalRoom(tenant, studio.clientId))?.days ?? [],
    );
    const found = days.find(({ entries }) => entries.some(({ id }) => id === studio.overrulingId));
    expect(found?.day).toBe("2026-03-02");
    await asOwner()("studios").where({ id: studio.studioId }).update({ time_zone: "UTC" });
  });

  it("goes on telling what was taken back, as taken back", async () => {
    await inside((tenant) => withdrawOverruling(tenant, studio.overrulingId));
    const days = await inside(
      async (tenant) => (await clientJournalRoom(tenant, studio.clientId))?.days ?? [],
    );
    const entries = days.flatMap(({ entries: those }) => those);
    expect(entries.find(({ id }) => id === studio.overrulingId)).toMatchObject({ isWithdrawn: true });
  });
});

describe("a piece that was said no to", () => {
  it("is offered nowhere to its client until it is offered again", async () => {
    const { clientId, pieceId, declinedId } = studio;
    const careId = await inside((tenant) => addPiece(tenant, { piece: shoe, clientId, state: "in care" }));
    await inside(async (tenant) => {
      expect((await wardrobeFor(tenant, clientId))?.away.toSorted()).toEqual([pieceId, careId].sort());
      const bench = await benchFor(tenant, clientId, {});
      expect(bench?.away).toEqual([careId]);
      expect(bench?.declined).toEqual([{ id: declinedId, pieceId, reason: "It pinches." }]);
      expect(bench?.lastWorn).toEqual({ [pieceId]: "2026-11-01" });
    });
    await inside((tenant) => withdrawDeclined(tenant, declinedId));
    await inside(async (tenant) => {
      expect((await wardrobeFor(tenant, clientId))?.away).toEqual([careId]);
      expect((await benchFor(tenant, clientId, {}))?.declined).toEqual([]);
    });
  });
});

describe("the day", () => {
  it("begins with what is coming up and the look laid out for each", async () => {
    await asOwner()("occasions")
      .where({ studio_id: studio.studioId })
      .update({ day: new Date(Date.now() + 86_400_000).toISOString().slice(0, 10) });
    const room = await inside(todayRoom);
    expect(room.coming.map(({ occasion }) => occasion.id)).toEqual([studio.occasionId]);
    expect(room.laidOut.map(({ id }) => id)).toEqual([studio.lookId]);
    expect(room.bases.map(({ id }) => id)).toEqual([studio.baseId]);
    expect(room.clients.map(({ client }) => client.id)).toEqual([studio.clientId]);
  });

  it("tells of the next eight occasions and how many come later; of all where somebody asks", async () => {
    const days = Array.from({ length: 10 }, (_, at) => new Date(Date.now() + (at + 2) * 86_400_000));
    await inside(async (tenant) => {
      const [first] = await listOccasions(tenant, studio.clientId);
      const { id: _, ...occasion } = first?.occasion ?? expect.fail("no occasion to copy");
      for (const day of days) {
        const on = { ...occasion, day: day.toISOString().slice(0, 10) };
        await addOccasion(tenant, { clientId: studio.clientId, occasion: on });
      }
    });
    const { coming, laterCount } = await inside((tenant) => todayRoom(tenant));
    expect([coming.length, laterCount]).toEqual([8, 3]);
    const all = await inside((tenant) => todayRoom(tenant, { all: true }));
    expect([all.coming.length, all.laterCount]).toEqual([11, 0]);
    const { next, recent } = await readToday(all);
    expect(next?.occasion.day).toBe(days[0]?.toISOString().slice(0, 10));
    expect(recent.map(({ record }) => record.id)).toEqual([studio.lookId]);
  });
});
