import { v7 as uuid } from "uuid";
import { beforeAll, describe, expect, it } from "vitest";
import { inStudio } from "@/server/db/tenant";
import { bases } from "@/server/records/bases";
import { addClient, findClient } from "@/server/records/clients";
import { listSteps } from "@/server/records/look-steps";
import {
  bringLookBack,
  clientOfNewestLook,
  findLook,
  keepLook,
  listLooks,
  putLookAway,
  recentLooks,
} from "@/server/records/looks";
import { sets } from "@/server/records/sets";
import { findOccasion } from "@/server/records/occasions";
import { addPiece, changePiece, findPiece } from "@/server/records/pieces";
import { completed } from "@/core/piece/as-said";
import type { LookToKeep } from "@/core/studio/look-record";
import { draftOf, pieceInput, type PieceDraft, type PieceRecord } from "@/core/studio/piece-record";
import { StaleWrite } from "@/server/records/refusal";
import { clientInput, furnishedStudio, occasionInput, sent, shoe } from "./studios";

let studio: Awaited<ReturnType<typeof furnishedStudio>>;

beforeAll(async () => {
  studio = await furnishedStudio("Records");
});

describe("what is recorded comes back as it was", () => {
  it("keeps a piece with every figure and its colours in order", async () => {
    const piece = {
      ...shoe,
      swatches: [
        { hex: "#20242f", share: 0.7, role: "ground" as const },
        { hex: "#10131a", share: 0.3, role: "sole" as const },
        { hex: "#ffffff", share: 1, role: "reverse" as const },
      ],
      metal: "brass" as const,
      metalSize: 2 as const,
    };
    const id = await inStudio(studio.studioId, (tenant) =>
      addPiece(tenant, {
        piece,
        clientId: null,
        state: "on loan",
        backOn: "2026-12-04",
        needs: ["a mend", "new heel tips"],
      }),
    );
    const record = await inStudio(studio.studioId, (tenant) => findPiece(tenant, id));
    expect(record).toEqual({
      piece: completed({ ...piece, id }),
      clientId: null,
      state: "on loan",
      backOn: "2026-12-04",
      needs: ["a mend", "new heel tips"],
      version: 1,
    });
  });

  it("keeps of a piece what was said, and that the rest was not", async () => {
    const figures = { ...shoe.figures, lift: null };
    const little = {
      ...shoe,
      poles: [],
      statement: null,
      register: null,
      cloth: null,
      figures,
    } as PieceDraft;
    const id = await inStudio(studio.studioId, (tenant) =>
      addPiece(tenant, { piece: little, clientId: null, state: "ready" }),
    );
    const record = await inStudio(studio.studioId, (tenant) => findPiece(tenant, id));
    expect(record && pieceInput(record).piece).toEqual(little);
    expect(record?.piece.unsaid).toEqual(["lift"]);
  });

  it("keeps a client and an occasion", async () => {
    await inStudio(studio.studioId, async (tenant) => {
      const { notes: _notes, ...client } = clientInput;
      expect((await findClient(tenant, studio.clientId))?.client).toEqual({ id: studio.clientId, ...client });
      expect((await findOccasion(tenant, studio.occasionId))?.occasion).toEqual({
        id: studio.occasionId,
        ...occasionInput,
      });
    });
  });

  it("keeps a look under its id, the last state standing and every step", async () => {
    const state = {
      accessoryIds: [studio.pieceId],
      adjustments: [{ kind: "tuck-into-boot" as const, piece: studio.garmentId }],
      ownVerdict: "sings" as const,
    };
    const before = await inStudio(studio.studioId, (tenant) => listSteps(tenant, studio.lookId));
    const step = { id: uuid(), after: before[0]?.id ?? null, at: "2026-11-02T09:31:00.000Z", ...state };
    const look = {
      id: studio.lookId,
      clientId: studio.clientId,
      baseId: studio.baseId,
      occasionId: null,
      name: "Gold at the foot",
      note: "She liked this one.\nTwice.",
      stepId: step.id,
      ...state,
      read: { verdict: "jars" as const, score: 61.3, ruleBookVersion: 1 },
    };
    const keep = (version: number) =>
      inStudio(studio.studioId, (tenant) => keepLook(tenant, { ...sent(look), version, newSteps: [step] }));
    expect(await keep(1)).toBe(2);
    // A step that is sent twice stays one.
    expect(await keep(2)).toBe(3);
    await inStudio(studio.studioId, async (tenant) => {
      expect(await findLook(tenant, look.id)).toEqual({ ...look, version: 3 });
      expect(await listLooks(tenant, studio.clientId, 5)).toEqual([{ ...look, version: 3 }]);
      expect(await listSteps(tenant, look.id)).toEqual([...before, step]);
    });
    expect(before).toHaveLength(1);
  });

  it("refuses a look that another page has kept meanwhile, and never one whose own answer was lost", async () => {
    const look = await inStudio(studio.studioId, (tenant) => findLook(tenant, studio.lookId));
    if (!look) throw new Error("the studio has a look");
    const keep = (given: Partial<LookToKeep>) =>
      inStudio(studio.studioId, (tenant) => keepLook(tenant, { ...sent(look), ...given }));
    const [here, there] = [uuid(), uuid()];
    const since = look.version;
    expect(await keep({ writer: here, turn: 1, version: since, note: "here" })).toBe(since + 1);
    await expect(keep({ writer: there, turn: 1, version: since, note: "there" })).rejects.toThrow(StaleWrite);
    // The page that kept it last knows what it sent, whether it heard the answer or not.
    expect(await keep({ writer: here, turn: 3, version: since, note: "here again" })).toBe(since + 2);
    // What it sent before that and comes late changes nothing.
    expect(await keep({ writer: here, turn: 2, version: since, note: "late" })).toBe(since + 2);
    // A page that took over what the first had left unsent builds on it, as far as it knew of it.
    const heir = (turn: number) =>
      keep({ writer: there, turn: 2, version: since, unheard: [{ writer: here, turn }], note: "heir" });
    await expect(heir(2)).rejects.toThrow(StaleWrite);
    expect(await heir(3)).toBe(since + 3);
    await expect(keep({ writer: here, turn: 4, version: since + 2 })).rejects.toThrow(StaleWrite);
    const now = await inStudio(studio.studioId, (tenant) => findLook(tenant, studio.lookId));
    expect(now).toMatchObject({ note: "heir", version: since + 3 });
    await keep({ version: since + 3 });
  });

  it("has no look, base or set that names what is another client's", async () => {
    const own = await furnishedStudio("Strange pieces");
    await inStudio(own.studioId, async (tenant) => {
      const other = await addClient(tenant, { ...clientInput, name: "Somebody else" });
      const theirs = await addPiece(tenant, { piece: shoe, clientId: other, state: "ready" });
      const kit = await addPiece(tenant, { piece: shoe, clientId: null, state: "ready" });
      const look = await findLook(tenant, own.lookId);
      if (!look) throw new Error("the studio has a look");
      const strange = "piece that is not on record for this client";
      await expect(
        keepLook(tenant, { ...sent(look), version: look.version, accessoryIds: [theirs] }),
      ).rejects.toThrow(strange);
      for (const records of [bases, sets]) {
        const group = { clientId: own.clientId, name: "Mixed", pieceIds: [own.garmentId, theirs] };
        await expect(records.add(tenant, group)).rejects.toThrow(strange);
      }
      await expect(keepLook(tenant, { ...sent(look), id: uuid(), clientId: other })).rejects.toThrow(
        "base of this look is not on record for this client",
      );
      // What belongs to the kit anybody may wear, and what she wore already she may go on wearing.
      await keepLook(tenant, {
        ...sent(look),
        version: look.version,
        accessoryIds: [...look.accessoryIds, kit],
      });
      const { piece, state, version } = (await findPiece(tenant, kit)) as PieceRecord;
      await changePiece(tenant, { id: kit, version }, { piece: draftOf(piece), clientId: other, state });
      await keepLook(tenant, { ...sent(look), version: look.version + 1, accessoryIds: [kit] });
      await keepLook(tenant, { ...sent(look), version: look.version + 2 });
    });
  });

  it("puts a look away and brings it back", async () => {
    await inStudio(studio.studioId, async (tenant) => {
      await putLookAway(tenant, studio.lookId);
      expect(await findLook(tenant, studio.lookId)).toBeNull();
      expect(await listLooks(tenant, studio.clientId, 5)).toEqual([]);
      expect(await recentLooks(tenant, 5)).toEqual([]);
      expect(await clientOfNewestLook(tenant)).toBeNull();
      await bringLookBack(tenant, studio.lookId);
      expect((await findLook(tenant, studio.lookId))?.name).toBe("Gold at the foot");
    });
  });

  it("finds nothing under an id that is no id", async () => {
    await inStudio(studio.studioId, async (tenant) => {
      expect(await findPiece(tenant, "new")).toBeNull();
      expect(await bases.find(tenant, "'; drop table bases; --")).toBeNull();
    });
  });
});
