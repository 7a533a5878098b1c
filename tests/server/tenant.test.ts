import { v7 as uuid } from "uuid";
import { beforeAll, describe, expect, it } from "vitest";
import { inStudio } from "@/server/db/tenant";
import { bases } from "@/server/records/bases";
import { benchFor } from "@/server/records/bench";
import {
  changeClient,
  changeRuleBook,
  findClient,
  clientsById,
  listClients,
  nameClients,
  measurementHistory,
  putClientAway,
} from "@/server/records/clients";
import {
  clientOfNewestLook,
  findLook,
  keepLook,
  listLooks,
  newestLooksFor,
  putLookAway,
  recentLooks,
} from "@/server/records/looks";
import { bringBackOne, isPieceAway, listPutAway } from "@/server/records/put-away";
import { listSteps } from "@/server/records/look-steps";
import { shortcutsOf } from "@/server/records/member-keys";
import {
  changeOccasion,
  comingOccasions,
  findOccasion,
  listOccasions,
  occasionsById,
  putOccasionAway,
} from "@/server/records/occasions";
import { hasPieces, railWindow } from "@/server/records/rail";
import { noShortcuts } from "@/core/studio/shortcuts";
import { notNarrowed, type RailWish } from "@/core/studio/rail";
import { findByName } from "@/server/records/find";
import { addGap, changeGap, listGaps, putGapAway } from "@/server/records/gaps";
import { declinedFor, keepDeclined, withdrawDeclined } from "@/server/records/declined";
import { journalOf } from "@/server/records/journal";
import { keepOverruling, overrulingsFor, withdrawOverruling } from "@/server/records/overrulings";
import { ruleBookRoom } from "@/server/records/rule-book-room";
import { ruleBookVersions } from "@/server/records/rule-books";
import {
  addPiece,
  changePiece,
  findPiece,
  listPieces,
  piecesById,
  putPieceAway,
} from "@/server/records/pieces";
import { sets } from "@/server/records/sets";
import { setLengthUnit, thisStudio } from "@/server/records/studio";
import { listTemplates, putTemplateAway } from "@/server/records/templates";
import { addWear, lastWorn, strikeWear } from "@/server/records/wears";
import { clientInput, furnishedStudio, gapFor, newStudio, occasionInput, shoe, sent } from "./studios";

type Furnished = Awaited<ReturnType<typeof furnishedStudio>>;
let one: Furnished;
let two: string;

const wholeRail: RailWish = {
  owner: null,
  shelf: "all",
  words: "",
  order: "newest",
  falling: false,
  narrowed: notNarrowed,
};

beforeAll(async () => {
  one = await furnishedStudio("Studio one");
  two = await newStudio("Studio two");
});

describe("studio two, through every record module", () => {
  it("reads nothing of studio one", async () => {
    await inStudio(two, async (tenant) => {
      expect(await listClients(tenant, 0, 10)).toEqual({ clients: [], count: 0 });
      expect(await nameClients(tenant)).toEqual([]);
      expect(await clientsById(tenant, [one.clientId])).toEqual([]);
      expect(await findClient(tenant, one.clientId)).toBeNull();
      expect(await measurementHistory(tenant, one.clientId)).toEqual([]);
      expect(await piecesById(tenant, [one.pieceId])).toEqual([]);
      expect(await railWindow(tenant, { ...wholeRail, owner: one.clientId }, 0)).toMatchObject({ count: 0 });
      expect(await hasPieces(tenant)).toBe(false);
      expect(await listPieces(tenant, one.clientId)).toEqual([]);
      expect(await findPiece(tenant, one.pieceId)).toBeNull();
      expect(await bases.list(tenant, one.clientId)).toEqual([]);
      expect(await bases.byId(tenant, [one.baseId])).toEqual([]);
      expect(await bases.firstOfEach(tenant, [one.clientId])).toEqual(new Map());
      expect(await bases.find(tenant, one.baseId)).toBeNull();
      expect(await sets.list(tenant, one.clientId)).toEqual([]);
      expect(await sets.find(tenant, one.setId)).toBeNull();
      expect(await listOccasions(tenant, one.clientId)).toEqual([]);
      expect(await occasionsById(tenant, [one.occasionId])).toEqual([]);
      expect(await comingOccasions(tenant, "2000-01-01", 10)).toEqual([]);
      expect(await findOccasion(tenant, one.occasionId)).toBeNull();
      expect(await findLook(tenant, one.lookId)).toBeNull();
      expect(await listSteps(tenant, one.lookId)).toEqual([]);
      expect(await listPutAway(tenant)).toEqual([]);
      expect(await isPieceAway(tenant, one.pieceId)).toBe(false);
      expect(await recentLooks(tenant, 10)).toEqual([]);
      expect(await clientOfNewestLook(tenant)).toBeNull();
      expect(await benchFor(tenant, one.clientId, {})).toBeNull();
      expect(await overrulingsFor(tenant, one.clientId)).toEqual([]);
      expect(await declinedFor(tenant, one.clientId)).toEqual([]);
      expect(await journalOf(tenant, one.clientId)).toEqual([]);
      expect(await newestLooksFor(tenant, [one.occasionId])).toEqual([]);
      expect(await sets.listRetired(tenant, one.clientId)).toEqual([]);
      expect(await findByName(tenant, "e")).toEqual([]);
      expect(await shortcutsOf(tenant, one.userId)).toEqual(noShortcuts);
      expect(await lastWorn(tenant, one.clientId)).toEqual({});
      expect(await listTemplates(tenant)).toEqual([]);
      expect(await listGaps(tenant, one.clientId)).toEqual([]);
      expect(await ruleBookVersions(tenant, one.clientId)).toEqual([]);
      expect(await ruleBookRoom(tenant, one.clientId)).toBeNull();
      expect(await listLooks(tenant, one.clientId, 10)).toEqual([]);
      expect((await thisStudio(tenant)).name).toBe("Studio two");
    });
  });

  it("changes nothing of studio one", async () => {
    const key = (id: string) => ({ id, version: 1 });
    const attempts = {
      client: () => inStudio(two, (tenant) => changeClient(tenant, key(one.clientId), clientInput)),
      clientAway: () => inStudio(two, (tenant) => putClientAway(tenant, one.clientId)),
      piece: () =>
        inStudio(two, (tenant) =>
          changePiece(tenant, key(one.pieceId), { piece: shoe, clientId: null, state: "ready" }),
        ),
      pieceAway: () => inStudio(two, (tenant) => putPieceAway(tenant, one.pieceId)),
      base: () =>
        inStudio(two, (tenant) =>
          bases.change(tenant, key(one.baseId), { clientId: one.clientId, name: "Mine", pieceIds: [] }),
        ),
      baseAway: () => inStudio(two, (tenant) => bases.putAway(tenant, one.baseId)),
      set: () =>
        inStudio(two, (tenant) =>
          sets.change(tenant, key(one.setId), { clientId: one.clientId, name: "Mine", pieceIds: [] }),
        ),
      setAway: () => inStudio(two, (tenant) => sets.putAway(tenant, one.setId)),
      occasion: () =>
        inStudio(two, (tenant) =>
          changeOccasion(tenant, key(one.occasionId), { clientId: one.clientId, occasion: occasionInput }),
        ),
      occasionAway: () => inStudio(two, (tenant) => putOccasionAway(tenant, one.occasionId)),
      pieceOfTheirClient: () =>
        inStudio(two, (tenant) => addPiece(tenant, { piece: shoe, clientId: one.clientId, state: "ready" })),
      baseOfTheirClient: () =>
        inStudio(two, (tenant) => bases.add(tenant, { clientId: one.clientId, name: "Mine", pieceIds: [] })),
      overruledForTheirClient: () =>
        inStudio(two, (tenant) =>
          keepOverruling(tenant, one.clientId, {
            id: uuid(),
            rule: "colour.echo",
            effect: "rubs",
            pieceIds: [],
            reason: "planted",
            lookId: null,
          }),
        ),
      declinedForTheirClient: () =>
        inStudio(two, (tenant) =>
          keepDeclined(tenant, one.clientId, { id: uuid(), pieceId: one.pieceId, reason: "planted" }),
        ),
      declinedOfTheirs: () => inStudio(two, (tenant) => withdrawDeclined(tenant, one.declinedId)),
      overrulingOfTheirs: () => inStudio(two, (tenant) => withdrawOverruling(tenant, one.overrulingId)),
      retiredSet: () => inStudio(two, (tenant) => sets.retire(tenant, one.setId)),
      wearOfTheirSet: () =>
        inStudio(two, (tenant) =>
          addWear(tenant, { clientId: one.clientId, setId: one.setId, day: "2026-11-02" }),
        ),
      struckWear: () => inStudio(two, (tenant) => strikeWear(tenant, one.wearId)),
      templateAway: () => inStudio(two, (tenant) => putTemplateAway(tenant, one.templateId)),
      gapForTheirClient: () => inStudio(two, (tenant) => addGap(tenant, gapFor(one.clientId))),
      gapOfTheirs: () =>
        inStudio(two, (tenant) => changeGap(tenant, key(one.gapId), { note: "mine", budget: 1 })),
      lookAway: () => inStudio(two, (tenant) => putLookAway(tenant, one.lookId)),
      broughtBack: () => inStudio(two, (tenant) => bringBackOne(tenant, { kind: "piece", id: one.pieceId })),
      gapAway: () => inStudio(two, (tenant) => putGapAway(tenant, one.gapId)),
      ruleBookOfTheirs: () =>
        inStudio(two, async (tenant) => {
          const record = await inStudio(one.studioId, (theirs) => findClient(theirs, one.clientId));
          if (!record) throw new Error("the client of studio one is gone");
          await changeRuleBook(tenant, record, { ...record.client.ruleBook, name: "Mine" });
        }),
      lookOfTheirs: () =>
        inStudio(two, (tenant) =>
          keepLook(
            tenant,
            sent({
              id: one.lookId,
              clientId: one.clientId,
              baseId: one.baseId,
              occasionId: null,
              name: "",
              note: "",
              stepId: null,
              newSteps: [],
              accessoryIds: [],
              adjustments: [],
              ownVerdict: null,
              read: null,
            }),
          ),
        ),
    };
    for (const [name, attempt] of Object.entries(attempts)) await expect(attempt(), name).rejects.toThrow();
    await inStudio(two, (tenant) => setLengthUnit(tenant, "in"));
    await inStudio(one.studioId, async (tenant) => {
      expect((await findClient(tenant, one.clientId))?.version).toBe(1);
      expect((await findPiece(tenant, one.pieceId))?.version).toBe(1);
      expect((await bases.find(tenant, one.baseId))?.name).toBe("Grey");
      expect((await sets.find(tenant, one.setId))?.name).toBe("Plain");
      expect((await findOccasion(tenant, one.occasionId))?.version).toBe(1);
      expect((await findLook(tenant, one.lookId))?.accessoryIds).toEqual([one.pieceId]);
      expect(await sets.listRetired(tenant, one.clientId)).toEqual([]);
      expect(await lastWorn(tenant, one.clientId)).toEqual({ [one.setId]: "2026-11-01" });
      expect((await listTemplates(tenant)).map(({ id }) => id)).toEqual([one.templateId]);
      expect((await listGaps(tenant, one.clientId)).map(({ note }) => note)).toEqual(["for the autumn"]);
      expect((await overrulingsFor(tenant, one.clientId)).map(({ id }) => id)).toEqual([one.overrulingId]);
      expect((await declinedFor(tenant, one.clientId)).map(({ id }) => id)).toEqual([one.declinedId]);
      expect((await ruleBookVersions(tenant, one.clientId)).map(({ book }) => book.name)).toEqual([
        "Polished",
      ]);
      expect((await thisStudio(tenant)).lengthUnit).toBe("cm");
    });
  });
});
