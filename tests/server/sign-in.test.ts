import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { foundStudio, memberByEmail, noStudioYet } from "@/server/records/members";
import { forgive, mayTry } from "@/server/session/attempts";
import { hashPassword, passwordFits } from "@/server/session/password";
import { ownDatabase } from "./own-database";

let leave: () => Promise<void>;

beforeAll(async () => {
  ({ leave } = await ownDatabase("first_studio"));
});

afterAll(() => leave());

const founding = { studioName: "First", userName: "Ada", email: "Ada@First.example", passwordHash: "hash" };

describe("founding the first studio", () => {
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
  it("stops an account after eight tries, and a success clears the count", async () => {
    const tries = async (count: number) => {
      const answers: boolean[] = [];
      for (let i = 0; i < count; i += 1) answers.push(await mayTry("guess@first.example", `10.0.0.${i}`));
      return answers;
    };
    expect(await tries(8)).toEqual(Array<boolean>(8).fill(true));
    expect(await tries(1)).toEqual([false]);
    await forgive("guess@first.example");
    expect(await tries(1)).toEqual([true]);
  });

  it("stops an address that tries many accounts", async () => {
    const answers: boolean[] = [];
    for (let i = 0; i < 41; i += 1) answers.push(await mayTry(`user${i}@first.example`, "10.9.9.9"));
    expect(answers.slice(0, 40).every(Boolean)).toBe(true);
    expect(answers[40]).toBe(false);
  });
});
