import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { foundStudio, memberByEmail, noStudioYet, type Founding } from "@/server/records/doors";
import { forgive, secondsToWait } from "@/server/session/attempts";
import { hashPassword, passwordFits } from "@/server/session/password";
import { hashOfCode } from "@/server/db/first-code";
import { database } from "@/server/db/database";
import { ownDatabase } from "./own-database";

let leave: () => Promise<void>;
let founding: Founding;

beforeAll(async () => {
  let code: string;
  ({ code, leave } = await ownDatabase("first_studio"));
  const codeHash = hashOfCode(code.toLowerCase().replaceAll("-", " "));
  founding = {
    studioName: "First",
    userName: "Ada",
    email: "Ada@First.example",
    passwordHash: "hash",
    codeHash,
  };
});

afterAll(() => leave());

describe("founding the first studio", () => {
  it("wants the code that was printed, however it is typed", async () => {
    const codeHash = hashOfCode("AAAA-AAAA-AAAA-AAAA");
    await expect(foundStudio({ ...founding, codeHash })).rejects.toMatchObject({ code: "JX002" });
    expect(await noStudioYet()).toBe(true);
  });

  it("works once, whatever comes at the same time", async () => {
    expect(await noStudioYet()).toBe(true);
    const attempts = await Promise.allSettled([
      foundStudio(founding),
      foundStudio({ ...founding, email: "b@first.example" }),
    ]);
    expect(attempts.map(({ status }) => status).sort()).toEqual(["fulfilled", "rejected"]);
    expect(await noStudioYet()).toBe(false);
    await expect(foundStudio(founding)).rejects.toMatchObject({ code: "JX001" });
  });

  it("knows a member by email in any case, and nobody by another", async () => {
    const member = (await memberByEmail("ADA@first.example")) ?? (await memberByEmail("b@first.example"));
    expect(member).toMatchObject({ studioName: "First", role: "owner" });
    expect(await memberByEmail("nobody@first.example")).toBeNull();
  });
});

describe("passwords", () => {
  it("are kept as argon2id and fit only themselves", async () => {
    const hash = await hashPassword("harbour-lantern");
    expect(hash).toMatch(/^\$argon2id\$/);
    expect(await passwordFits("harbour-lantern", hash)).toBe(true);
    expect(await passwordFits("harbour-lanterns", hash)).toBe(false);
    expect(await passwordFits("harbour-lantern", null)).toBe(false);
  });
});

describe("the rate limit", () => {
  const [guessed, caller] = ["guess@first.example", "10.0.0.1"];

  it("lets an account be tried a few times from one address, then makes each try wait longer", async () => {
    const waits: number[] = [];
    for (let i = 0; i < 8; i += 1) waits.push(await secondsToWait(guessed, caller));
    expect(waits.slice(0, 6)).toEqual([0, 0, 0, 0, 0, 0]);
    expect(waits[6]).toBeGreaterThan(0);
    // The pause that one try has earned is the same however often somebody hammers at it meanwhile.
    expect(waits[7]).toBeLessThanOrEqual(waits[6] ?? 0);
    await asDatabase("update sign_in_attempts set expire = 0 where key like 'pause:%'");
    expect(await secondsToWait(guessed, caller)).toBe(0);
    const later = await secondsToWait(guessed, caller);
    expect(later).toBeGreaterThan(waits[6] ?? 0);
  });

  it("never locks the owner out who comes from elsewhere, and a success clears the count", async () => {
    expect(await secondsToWait(guessed, "10.0.0.2")).toBe(0);
    expect(await secondsToWait(guessed, caller)).toBeGreaterThan(0);
    await forgive(guessed, caller);
    expect(await secondsToWait(guessed, caller)).toBe(0);
  });

  it("answers an account later that is tried from everywhere", async () => {
    for (let i = 0; i < 32; i += 1) await secondsToWait("wide@first.example", `10.1.0.${i}`);
    const began = performance.now();
    expect(await secondsToWait("wide@first.example", "10.1.1.1")).toBe(0);
    expect(performance.now() - began).toBeGreaterThan(250);
  });

  it("stops an address that tries many accounts", async () => {
    const waits: number[] = [];
    for (let i = 0; i < 41; i += 1) waits.push(await secondsToWait(`user${i}@first.example`, "10.9.9.9"));
    expect(waits.slice(0, 40).every((wait) => wait === 0)).toBe(true);
    expect(waits[40]).toBeGreaterThan(0);
  });

  it("keeps its keys short, however long an address or a name is", async () => {
    await secondsToWait("x".repeat(5_000), "y".repeat(5_000));
    const { rows } = await database().raw<{ rows: { longest: number }[] }>(
      "select max(length(key)) as longest from sign_in_attempts",
    );
    expect(rows[0]?.longest).toBeLessThan(60);
  });
});

const asDatabase = (statement: string) => database().raw(statement);
