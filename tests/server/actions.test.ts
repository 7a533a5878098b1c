import { beforeAll, beforeEach, describe, expect, it } from "vitest";
import { actions, inputsFor } from "./action-inputs";
import { signedIn } from "./session-of-test";
import { asOwner, furnishedStudio, newStudio, signedInto } from "./studios";

let one: Awaited<ReturnType<typeof furnishedStudio>>;
let two: string;
/** One's member in studio two. */
let session: string;

beforeAll(async () => {
  one = await furnishedStudio("Studio one, for its actions");
  two = await newStudio("Studio two, that calls them");
  session = await signedInto(two, one.userId);
});

beforeEach(() => {
  signedIn.studioId = "";
  signedIn.userId = one.userId;
  signedIn.sessionId = session;
});

/** Actions that find nothing of another studio, or name nothing: they do what they do, to the one signed in. */
const ofTheirOwn = [
  "stepsOfLook",
  "find",
  "saveTemplate",
  "lookAlongRail",
  "railFile",
  "piecesCalled",
  "saveRailViews",
  "saveLengthUnit",
  "saveTimeZone",
  "savePurgeTime",
  "saveShortcuts",
  "inviteMember",
  "endOwnSession",
  "endOtherSessions",
  "proposeSecondStep",
  "switchStudio",
];

/** Actions that ask for one's own password, which is not the one they are sent with here. */
const byPassword = ["changePassword", "setUpSecondStep", "dropSecondStep"];

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
    expect([...actions.keys()].sort()).toEqual(Object.keys(inputsFor({ one, two })).sort());
    expect(actions.size).toBeGreaterThan(25);
  });

  it.each([...actions.keys()])("%s demands a session before it looks at anything", async (name) => {
    const before = await everythingOfOne();
    const signedOut = { ok: false, faults: [{ field: "session" }] };
    expect(await actions.get(name)?.(...(inputsFor({ one, two })[name] ?? []))).toMatchObject(signedOut);
    expect(await actions.get(name)?.(undefined)).toMatchObject(signedOut);
    expect(await everythingOfOne()).toBe(before);
  });

  it.each([...actions.keys()])("%s refuses a stranger's ids, and changes nothing of theirs", async (name) => {
    const before = await everythingOfOne();
    signedIn.studioId = two;
    const call = actions.get(name)?.(...(inputsFor({ one, two })[name] ?? []));
    const outcome = await call;
    expect(outcome?.ok, JSON.stringify(outcome)).toBe(ofTheirOwn.includes(name));
    expect(JSON.stringify(outcome)).not.toContain(one.pieceId);
    // What is refused is whose it is, not how it is written; a password is refused because it is not one's own.
    if (outcome && !outcome.ok && !byPassword.includes(name))
      for (const { say } of outcome.faults) expect(say).toMatch(/on record|needs (shoes|at least one)/);
    expect(await everythingOfOne()).toBe(before);
  });

  it.each([...actions.keys()])("%s refuses what is not well formed in one sentence", async (name) => {
    signedIn.studioId = two;
    const inputsOf = name === "saveRuleBook" ? [null, { nonsense: true }] : [{ nonsense: true }];
    const outcome = await actions.get(name)?.(...inputsOf);
    if (!outcome || outcome.ok) throw new Error(`${name} took nonsense`);
    for (const { say } of outcome.faults) expect(say).toMatch(/^[A-Z].*\.$/);
  });
});
