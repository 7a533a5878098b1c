import { v7 as uuid } from "uuid";
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { polished } from "@/core/rule-book/rule-book";
import type { Outcome } from "@/core/schema/outcome";
import { closeDatabase } from "@/server/db/database";
import {
  asOwner,
  clientInput,
  closeOwner,
  furnishedStudio,
  gapFor,
  newStudio,
  occasionInput,
  shoe,
} from "./studios";

const signedIn = vi.hoisted(() => ({ studioId: null as string | null, userId: "" }));

vi.mock("@/server/session/session", () => ({
  requireSession: () =>
    signedIn.studioId === null
      ? Promise.reject(new Error("sent to sign in"))
      : Promise.resolve({ ...signedIn, userName: "Somebody", studioName: "Two", role: "owner" }),
}));
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
vi.mock("next/headers", () => ({ headers: () => Promise.resolve(new Headers()) }));
vi.mock("next/navigation", () => ({ redirect: () => undefined }));

type Action = (...inputs: unknown[]) => Promise<Outcome<unknown>>;

/** Every file of actions; what is exported from one is an action, reachable from outside. */
const files = import.meta.glob<Record<string, Action>>("../../src/server/actions/*.ts", { eager: true });
/** What actions are made of, and no action itself. */
const parts = ["act.ts", "toggle-away.ts"];
/** What must work before anybody is signed in. */
const open = ["signIn", "signOut", "createFirstStudio"];

const actions = new Map(
  Object.entries(files)
    .filter(([path]) => !parts.some((part) => path.endsWith(part)))
    .flatMap(([, exported]) => Object.entries(exported))
    .filter(([name]) => !open.includes(name)),
);

let one: Awaited<ReturnType<typeof furnishedStudio>>;
let two: string;

beforeAll(async () => {
  one = await furnishedStudio("Studio one, for its actions");
  two = await newStudio("Studio two, that calls them");
});

afterAll(async () => {
  await closeDatabase();
  await closeOwner();
});

beforeEach(() => {
  signedIn.studioId = null;
  signedIn.userId = one.userId;
});

/** Well-formed input for every action that names what is studio one's: an action without an entry fails. */
const inputs: Record<string, () => unknown[]> = {
  saveClient: () => [{ id: one.clientId, version: 1, ...clientInput }],
  moveClient: () => [{ id: one.clientId, away: true }],
  find: () => [{ words: "e" }],
  saveGap: () => [gapFor(one.clientId)],
  noteGap: () => [{ id: one.gapId, version: 1, note: "planted", budget: null }],
  moveGap: () => [{ id: one.gapId, away: true }],
  saveBase: () => [
    { id: one.baseId, version: 1, clientId: one.clientId, name: "Mine", pieceIds: [one.garmentId] },
  ],
  moveBase: () => [{ id: one.baseId, away: true }],
  saveSet: () => [
    { id: one.setId, version: 1, clientId: one.clientId, name: "Mine", pieceIds: [one.pieceId] },
  ],
  moveSet: () => [{ id: one.setId, away: true }],
  keepTriedHem: () => [{ pieceId: one.garmentId, hem: 2 }],
  overrule: () => [
    {
      id: uuid(),
      clientId: one.clientId,
      lookId: null,
      rule: "colour.echo",
      effect: "rubs",
      pieceIds: [one.pieceId],
      reason: "planted",
    },
  ],
  withdraw: () => [{ id: one.overrulingId }],
  changeClientBook: () => [
    { clientId: one.clientId, change: { kind: "weight", rule: "colour.echo", weight: 0 } },
  ],
  saveRuleBook: () => [one.clientId, polished],
  retireSet: () => [{ id: one.setId, away: true }],
  wearSet: () => [{ clientId: one.clientId, setId: one.setId, day: null }],
  unwearSet: () => [{ id: one.wearId }],
  saveTemplate: () => [{ name: "Two's own", from: 1, to: 2, forRain: false, wanted: ["shoe"], optional: [] }],
  moveTemplate: () => [{ id: one.templateId, away: true }],
  saveLook: () => [
    {
      id: one.lookId,
      clientId: one.clientId,
      baseId: one.baseId,
      occasionId: null,
      accessoryIds: [one.pieceId],
      adjustments: [],
      ownVerdict: null,
      read: null,
    },
  ],
  saveOccasion: () => [{ id: one.occasionId, version: 1, clientId: one.clientId, occasion: occasionInput }],
  moveOccasion: () => [{ id: one.occasionId, away: true }],
  savePiece: () => [{ id: one.pieceId, version: 1, clientId: one.clientId, state: "ready", piece: shoe }],
  movePiece: () => [{ id: one.pieceId, away: true }],
  lookAlongRail: () => [
    { owner: one.clientId, shelf: "all", words: "", order: "newest", falling: false, from: 0 },
  ],
  saveShortcuts: () => [{ single: true, keys: {} }],
  saveLengthUnit: () => [{ unit: "in" }],
  saveTimeZone: () => [{ zone: "Europe/Vienna" }],
};

/** Actions that name nothing of a studio: they do what they do, to the studio that is signed in. */
const ofTheirOwn = ["find", "saveTemplate", "lookAlongRail", "saveLengthUnit", "saveTimeZone"];

/** Every row of studio one, whatever the table. */
async function everythingOfOne(): Promise<unknown> {
  const { rows } = await asOwner().raw<{ rows: { relname: string }[] }>(`
    select c.relname from pg_class c join pg_attribute a on a.attrelid = c.oid
    where a.attname = 'studio_id' and c.relkind = 'r' and c.relnamespace = 'public'::regnamespace order by 1`);
  const all: unknown[] = [await asOwner()("studios").where({ id: one.studioId })];
  for (const { relname } of rows)
    all.push(
      await asOwner().raw<{ rows: unknown[] }>(
        "select to_jsonb(t) as row from ?? t where studio_id = ? order by 1",
        [relname, one.studioId],
      ),
    );
  return JSON.stringify(all.map((each) => (each as { rows?: unknown[] }).rows ?? each));
}

describe("every server action", () => {
  it("is known here", () => {
    expect([...actions.keys()].sort()).toEqual(Object.keys(inputs).sort());
    expect(actions.size).toBeGreaterThan(25);
  });

  it.each(Object.keys(inputs))("%s demands a session before it looks at anything", async (name) => {
    const before = await everythingOfOne();
    await expect(actions.get(name)?.(...(inputs[name]?.() ?? []))).rejects.toThrow("sent to sign in");
    await expect(actions.get(name)?.(undefined)).rejects.toThrow("sent to sign in");
    expect(await everythingOfOne()).toBe(before);
  });

  it.each(Object.keys(inputs))("%s refuses a stranger's ids, and changes nothing of theirs", async (name) => {
    const before = await everythingOfOne();
    signedIn.studioId = two;
    const call = actions.get(name)?.(...(inputs[name]?.() ?? []));
    if (name === "saveShortcuts") await expect(call).resolves.toMatchObject({ ok: false });
    else {
      const outcome = await call;
      expect(outcome?.ok, JSON.stringify(outcome)).toBe(ofTheirOwn.includes(name));
      expect(JSON.stringify(outcome)).not.toContain(one.pieceId);
      // What is refused is whose it is, not how it is written.
      if (outcome && !outcome.ok)
        for (const { say } of outcome.faults) expect(say).toMatch(/on record|needs (shoes|at least one)/);
    }
    expect(await everythingOfOne()).toBe(before);
  });

  it.each(Object.keys(inputs))("%s refuses what is not well formed in one sentence", async (name) => {
    signedIn.studioId = two;
    const inputsOf = name === "saveRuleBook" ? [null, { nonsense: true }] : [{ nonsense: true }];
    const outcome = await actions.get(name)?.(...inputsOf);
    if (!outcome || outcome.ok) throw new Error(`${name} took nonsense`);
    for (const { say } of outcome.faults) expect(say).toMatch(/^[A-Z].*\.$/);
  });
});
