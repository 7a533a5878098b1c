import fc, { type Arbitrary } from "fast-check";
import { v7 as uuid } from "uuid";
import type Joi from "joi";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { readsAlike } from "@/core/rule-book/rule-book";
import type { Kind } from "@/core/piece/kinds";
import { swatchesOf } from "@/core/piece/picture-swatches";
import type { Piece } from "@/core/piece/piece";
import { ruleBook } from "@/core/schema/client";
import { clientForm } from "@/core/schema/forms/client-form";
import { gapForm } from "@/core/schema/forms/gap-form";
import { tie as tieSettings } from "@/core/schema/adjustment";
import type { Ways } from "@/core/studio/group-record";
import { groupForm } from "@/core/schema/forms/group-form";
import { lookForm } from "@/core/schema/forms/look-form";
import { occasionForm } from "@/core/schema/forms/occasion-form";
import { declinedForm } from "@/core/schema/forms/declined-form";
import { overrulingForm } from "@/core/schema/forms/overruling-form";
import { pieceForm } from "@/core/schema/forms/piece-form";
import { railViews } from "@/core/schema/rail-wish";
import { purgeForm, shortcutsForm, unitForm } from "@/core/schema/forms/settings-form";
import { wearForm } from "@/core/schema/forms/wear-form";
import type { Outcome } from "@/core/schema/outcome";
import { template } from "@/core/schema/template";
import { validate } from "@/core/schema/validate";
import { draftOf, pieceInput } from "@/core/studio/piece-record";
import type { putAwayKinds } from "@/core/studio/put-away";
import { scopeOf } from "@/core/studio/scope";
import { sample } from "@/core/testing/sample";
import { saveClient } from "@/server/actions/clients";
import { saveGap } from "@/server/actions/gaps";
import { saveBase, saveSet } from "@/server/actions/groups";
import { declinePiece } from "@/server/actions/declined";
import { overrule, saveRuleBook } from "@/server/actions/judgement";
import { saveTemplate, wearSet } from "@/server/actions/library";
import { saveLook } from "@/server/actions/looks";
import { saveOccasion } from "@/server/actions/occasions";
import { savePiece } from "@/server/actions/pieces";
import { saveRailViews } from "@/server/actions/rail";
import { saveShortcuts } from "@/server/actions/shortcuts";
import { saveLengthUnit, savePurgeTime } from "@/server/actions/studio";
import { closeDatabase } from "@/server/db/database";
import { inStudio, type Tenant } from "@/server/db/tenant";
import { bases } from "@/server/records/bases";
import { findClient } from "@/server/records/clients";
import { listGaps } from "@/server/records/gaps";
import { listSteps } from "@/server/records/look-steps";
import { findLook } from "@/server/records/looks";
import { shortcutsOf } from "@/server/records/member-keys";
import { findOccasion } from "@/server/records/occasions";
import { declinedFor } from "@/server/records/declined";
import { overrulingsFor } from "@/server/records/overrulings";
import { addPiece, findPiece } from "@/server/records/pieces";
import { railViewsOf } from "@/server/records/rail-views";
import { studioRuleBook } from "@/server/records/rule-books";
import { sets } from "@/server/records/sets";
import { purgeTime, thisStudio } from "@/server/records/studio";
import { listTemplates } from "@/server/records/templates";
import { createLink } from "@/server/actions/links";
import { linkForm } from "@/core/schema/forms/link-form";
import { listLinks } from "@/server/records/links";
import { lastWorn } from "@/server/records/wears";
import {
  adjustmentsOf,
  calendarDay,
  clothPicture,
  measured,
  moments,
  rising,
  swatches,
} from "../support/drawn-parts";
import { fromSchema, type Drawn } from "../support/from-schema";
import { closeOwner, furnishedStudio } from "./studios";

const signedIn = vi.hoisted(() => ({ studioId: "", userId: "", sessionId: "" }));

vi.mock("@/server/session/session", () => ({
  sealedSession: () => Promise.resolve({ ...signedIn }),
  openSession: () => Promise.resolve(),
  closeSession: () => Promise.resolve(),
}));
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));

let studio: Awaited<ReturnType<typeof furnishedStudio>>;
/** Garments and accessories of the studio's client, to make bases, sets and looks of. */
let wardrobe: { readonly garments: string[]; readonly shoe: string; readonly accessories: string[] };

beforeAll(async () => {
  studio = await furnishedStudio("Round trips");
  Object.assign(signedIn, { studioId: studio.studioId, userId: studio.userId, sessionId: studio.sessionId });
  wardrobe = await inside(async (tenant) => {
    const add = (kind: Kind) =>
      addPiece(tenant, { piece: draftOf(sample(kind) as Piece), clientId: studio.clientId, state: "ready" });
    return {
      garments: [await add("trousers"), await add("top"), await add("jacket")],
      shoe: await add("shoe"),
      accessories: [await add("bag"), await add("belt"), await add("scarf"), await add("watch")],
    };
  });
});

afterAll(async () => {
  await closeDatabase();
  await closeOwner();
});

const inside = <T>(work: (tenant: Tenant) => Promise<T>) => inStudio(studio.studioId, work);

/** What is sent, how, and what a page shows of it afterwards, in the shape of what was sent. */
interface Trip<T> {
  readonly form: Joi.Schema<T>;
  readonly drawn: () => Drawn;
  readonly send: (input: T) => Promise<Outcome<unknown>>;
  readonly shown: (tenant: Tenant, sent: T, answer: unknown) => Promise<unknown>;
  /** What a page shows of what was sent: all of it, where nothing is said. */
  readonly kept?: (sent: T) => unknown;
}

const trip = <T>(given: Trip<T>) => given as unknown as Trip<unknown>;

/** A piece as it is kept: of a scarf that has a picture the swatches follow from it. */
function coloured<S extends object>(sent: S): S {
  const { piece } = sent as unknown as { readonly piece: Piece };
  if (piece.kind !== "scarf" || !piece.figures.picture) return sent;
  const { picture, paler } = piece.figures;
  return { ...sent, piece: { ...piece, swatches: swatchesOf(picture, paler ?? 0) } };
}

const id = fc.constant(0).map(() => uuid());
const nothing = fc.constant(null);
/** A new record's key. */
const fresh = { id: nothing, version: nothing };
const ofHers = { clientId: fc.constant(0).map(() => studio.clientId) };
const worn = () => fc.subarray([wardrobe.shoe, ...wardrobe.accessories]);
const group = (
  pieces: () => Arbitrary<string[]>,
  save: typeof saveBase,
  records: typeof bases,
  ways: () => Arbitrary<Ways>,
) =>
  trip({
    form: groupForm,
    drawn: () => ({ ...fresh, ...ofHers, pieceIds: pieces(), ways: ways() }),
    send: save,
    shown: (tenant, _, answer) => records.find(tenant, String(answer)),
    // How a piece is worn that is not in the set is not kept.
    kept: ({ id: _id, version: _version, ...sent }) => ({
      ...sent,
      ways: (sent.ways ?? []).filter(({ piece }) => sent.pieceIds.includes(piece)),
      id: expect.any(String),
      version: 1,
    }),
  });

/** No tie, or the scarf of the wardrobe tied in any way. */
const tiesOfScarf = (): Arbitrary<Ways> =>
  fc.array(fromSchema<Ways[number]>(tieSettings, { piece: fc.constant(wardrobe.accessories[2] ?? "") }), {
    maxLength: 1,
  });
/** The same, and the bag and the shoes worn otherwise than as made. */
const waysOfSet = (): Arbitrary<Ways> =>
  fc
    .tuple(
      tiesOfScarf(),
      fc.subarray<Ways[number]>([
        { kind: "other-side", piece: wardrobe.accessories[0] ?? "" },
        { kind: "strap", piece: wardrobe.accessories[0] ?? "", carry: "waist", way: "wound three times" },
        { kind: "insole", piece: wardrobe.shoe },
      ]),
    )
    .map(([ties, others]) => [...ties, ...others]);

/** Every kind of record there is. */
const trips: Readonly<Record<(typeof putAwayKinds)[number] | OtherKind, Trip<unknown>>> = {
  client: trip({
    form: clientForm,
    drawn: () => ({ ...fresh, measured }),
    send: saveClient,
    shown: async (tenant, _, answer) => {
      const record = await findClient(tenant, String(answer));
      return record && { ...record.client, notes: record.notes, version: record.version };
    },
    // A new client's book begins at version 1, whatever came with it.
    kept: ({ ruleBook: book, ...sent }) => ({
      ...sent,
      id: expect.any(String),
      version: 1,
      ruleBook: { ...book, version: 1 },
    }),
  }),
  piece: trip({
    form: pieceForm,
    drawn: () => ({
      ...fresh,
      swatches,
      picture: fc.option(clothPicture),
      photo: fc.constant(null),
      clientId: fc.constantFrom(studio.clientId, null),
      register: fc.option(rising.map(([low, centre, high]) => ({ low, centre, high }))),
    }),
    send: savePiece,
    shown: async (tenant, _, answer) => {
      const record = await findPiece(tenant, String(answer));
      return record && pieceInput(record);
    },
    // That its photo goes is what was sent, not what is shown.
    kept: ({ photo: _photo, ...sent }) => ({ ...coloured(sent), id: expect.any(String), version: 1 }),
  }),
  base: group(
    () => fc.subarray(wardrobe.garments.slice(1)).map((more) => [wardrobe.garments[0] ?? "", ...more]),
    saveBase,
    bases,
    () => fc.constant([]),
  ),
  set: group(
    () => fc.subarray(wardrobe.accessories, { minLength: 2 }).map((more) => [...more, wardrobe.shoe]),
    saveSet,
    sets as unknown as typeof bases,
    waysOfSet,
  ),
  occasion: trip({
    form: occasionForm,
    drawn: () => ({
      ...fresh,
      ...ofHers,
      day: calendarDay,
      span: rising.map(([low, , high]) => ({ low, high })),
    }),
    send: saveOccasion,
    shown: async (tenant, _, answer) => {
      const record = await findOccasion(tenant, String(answer));
      if (!record) return null;
      const { id: _id, ...occasion } = record.occasion;
      return { clientId: record.clientId, occasion };
    },
    kept: ({ clientId, occasion }) => ({ clientId, occasion }),
  }),
  look: trip({
    form: lookForm,
    drawn: () => ({
      id,
      writer: id,
      ...ofHers,
      madeBy: fc.constant(scopeOf(studio)),
      baseId: fc.constant(studio.baseId),
      occasionId: fc.constantFrom(studio.occasionId, null),
      stepId: fc.option(id),
      after: fc.option(id),
      at: moments,
      accessoryIds: worn(),
      adjustments: adjustmentsOf(wardrobe.garments[0] ?? ""),
    }),
    send: saveLook,
    shown: async (tenant, { id: lookId }) => {
      const look = await findLook(tenant, lookId);
      return look && { look, steps: new Set(await listSteps(tenant, lookId)) };
    },
    kept: ({ newSteps, writer: _writer, turn: _turn, unheard: _unheard, madeBy: _madeBy, ...look }) => ({
      look: { ...look, version: 1 },
      steps: new Set(newSteps),
    }),
  }),
  "missing piece": trip({
    form: gapForm,
    drawn: () => ({ ...ofHers, colour: fc.constantFrom("navy", "burgundy", "#123456"), size: nothing }),
    send: saveGap,
    shown: async (tenant, _, answer) => {
      const gaps = await listGaps(tenant, studio.clientId);
      return gaps.find((gap) => gap.id === answer);
    },
    kept: (sent) => ({ ...sent, id: expect.any(String), version: 1 }),
  }),
  template: trip({
    form: template,
    drawn: () => ({}),
    send: saveTemplate,
    shown: async (tenant, _, answer) =>
      (await listTemplates(tenant)).find((record) => record.id === answer)?.template,
  }),
  wear: trip({
    form: wearForm,
    drawn: () => ({ ...ofHers, setId: fc.constant(studio.setId), day: calendarDay }),
    send: wearSet,
    shown: async (tenant, { day: sent }) => {
      const last = (await lastWorn(tenant, studio.clientId))[studio.setId] ?? "";
      return sent !== null && last >= sent;
    },
    kept: () => true,
  }),
  link: trip({
    form: linkForm,
    drawn: () => ({
      ...ofHers,
      lookIds: fc.constant([studio.lookId]),
      recipient: fc.constantFrom("", "imke@client.example"),
    }),
    send: createLink,
    shown: async (tenant) => {
      const [link] = await listLinks(tenant, studio.clientId);
      if (!link) return null;
      const { clientId, lookIds, greeting, letter, madeAt, expiresAt } = link;
      const days = Math.round((Date.parse(expiresAt) - Date.parse(madeAt)) / 86_400_000);
      return { clientId, lookIds, greeting, recipient: letter?.recipient, days };
    },
  }),
  overruling: trip({
    form: overrulingForm,
    drawn: () => ({
      id,
      ...ofHers,
      lookId: fc.constantFrom(studio.lookId, null),
      pieceIds: worn(),
    }),
    send: overrule,
    shown: async (tenant, { id: own }) =>
      (await overrulingsFor(tenant, studio.clientId)).find((overruling) => overruling.id === own),
    kept: ({ clientId: _clientId, ...overruling }) => overruling,
  }),
  declined: trip({
    form: declinedForm,
    drawn: () => ({ id, ...ofHers, pieceId: fc.constant(studio.pieceId) }),
    send: declinePiece,
    shown: async (tenant, { id: own }) =>
      (await declinedFor(tenant, studio.clientId)).find((declined) => declined.id === own),
    kept: ({ clientId: _clientId, ...declined }) => declined,
  }),
  "rule book": trip({
    form: ruleBook,
    drawn: () => ({}),
    send: async (book) => {
      const { version } = await inside(studioRuleBook);
      return saveRuleBook(null, { ...book, version });
    },
    shown: async (tenant, sent) => readsAlike(await studioRuleBook(tenant), sent),
    kept: () => true,
  }),
  keys: trip({
    form: shortcutsForm,
    drawn: () => ({}),
    send: saveShortcuts,
    shown: (tenant) => shortcutsOf(tenant, studio.userId),
  }),
  "saved filters": trip({
    form: railViews,
    drawn: () => ({}),
    send: saveRailViews,
    shown: async (tenant) => ({ views: await railViewsOf(tenant, studio.userId) }),
  }),
  "purge time": trip({
    form: purgeForm,
    drawn: () => ({}),
    send: savePurgeTime,
    shown: async (tenant) => ({ days: await purgeTime(tenant) }),
  }),
  settings: trip({
    form: unitForm,
    drawn: () => ({}),
    send: saveLengthUnit,
    shown: async (tenant) => ({ unit: (await thisStudio(tenant)).lengthUnit }),
  }),
};

type OtherKind =
  | "link"
  | "wear"
  | "overruling"
  | "declined"
  | "rule book"
  | "keys"
  | "saved filters"
  | "purge time"
  | "settings";

describe("whatever a form sends, the page shows after a reload", () => {
  it.each(Object.entries(trips))("%s", async (_, { form, drawn, send, shown, kept }) => {
    const sound = fromSchema(form, drawn()).filter((input) => validate(form, input).ok);
    await fc.assert(
      fc.asyncProperty(sound, async (input) => {
        const checked = validate(form, input);
        if (!checked.ok) throw new Error("what was drawn has been checked");
        const outcome = await send(input);
        if (!outcome.ok) throw new Error(JSON.stringify(outcome.faults));
        const page = await inside((tenant) => shown(tenant, checked.value, outcome.value));
        expect(page).toEqual(kept ? kept(checked.value) : checked.value);
      }),
      { numRuns: 100, seed: 7200 },
    );
  });
});
