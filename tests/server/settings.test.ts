import { IncomingMessage, ServerResponse } from "node:http";
import { Socket } from "node:net";
import { describe, expect, it } from "vitest";
import { front } from "../../scripts/lib/front.mjs";
import { checkSettings } from "../../scripts/lib/settings.mjs";
import { newEmptyDatabase } from "./own-database";

const secret = "f3b1c8a97d2e64505a8c1b7e9d0f2a6c4e8b1d3f5a7c9e0b";
const app = () => process.env.DATABASE_URL ?? "";

/** The sentence that a start with these settings ends with; null where it goes on. */
async function refusal(settings: Record<string, string>): Promise<string | null> {
  return checkSettings({
    NODE_ENV: "production",
    DATABASE_URL: app(),
    SESSION_SECRET: secret,
    ...settings,
  }).then(
    () => null,
    (error: unknown) => (error as Error).message,
  );
}

describe("the settings of a server", () => {
  it("are taken when they are sound", async () => {
    expect(await refusal({})).toBeNull();
  });

  it.each([
    ["no database", () => ({ DATABASE_URL: "" }), /^DATABASE_URL must name the database/],
    [
      "a short secret",
      () => ({ SESSION_SECRET: "short" }),
      /^SESSION_SECRET must have at least 32 characters, and has 5/,
    ],
    [
      "a secret of one letter",
      () => ({ SESSION_SECRET: "a".repeat(40) }),
      /^SESSION_SECRET is too easily guessed/,
    ],
    [
      "the owner",
      () => ({ DATABASE_URL: process.env.TEST_OWNER_URL ?? "" }),
      /^DATABASE_URL signs in as a superuser, or as a role that passes row-level security/,
    ],
    [
      "a wrong password",
      () => ({ DATABASE_URL: app().replace(/:[^:@]+@/, ":wrong@") }),
      /^PostgreSQL refuses the role or the password/,
    ],
    [
      "no such database",
      () => ({ DATABASE_URL: `${app()}_nowhere` }),
      /^The database of DATABASE_URL does not exist/,
    ],
    [
      "nobody there",
      () => ({ DATABASE_URL: app().replace(/:\d+\//, ":1/") }),
      /^Nothing answers at DATABASE_URL \(ECONNREFUSED\)/,
    ],
  ])("with %s end the start in one sentence", async (_, settings, sentence) => {
    expect(await refusal(settings())).toMatch(sentence);
  });

  it("with a database that nobody has prepared end the start in one sentence", async () => {
    const url = new URL(app());
    url.pathname = `/${await newEmptyDatabase("unprepared")}`;
    expect(await refusal({ DATABASE_URL: url.toString() })).toMatch(
      /^The database has not been prepared yet/,
    );
  });

  it("name proxies that are addresses", () => {
    expect(() => front({ NODE_ENV: "production", JUXTANE_TRUSTED_PROXIES: "the balancer" })).toThrow(
      /^JUXTANE_TRUSTED_PROXIES must be addresses or networks/,
    );
  });
});

/** Who a request is of, that comes from an address with some headers. */
async function callerOf(from: string, headers: Record<string, string>, proxies = ""): Promise<unknown> {
  const socket = new Socket();
  Object.defineProperty(socket, "remoteAddress", { value: from });
  const request = new IncomingMessage(socket);
  Object.assign(request, { method: "GET", url: "/" });
  Object.assign(request.headers, headers);
  const met = await front({ NODE_ENV: "production", JUXTANE_TRUSTED_PROXIES: proxies })(
    request,
    new ServerResponse(request),
  );
  return met?.headers["x-juxtane-address"];
}

describe("the address of a caller", () => {
  const forwarded = { "x-forwarded-for": "203.0.113.9, 10.0.0.7", "x-juxtane-address": "1.1.1.1" };

  it("is where the connection comes from, whatever he says of it", async () => {
    expect(await callerOf("198.51.100.4", forwarded)).toBe("198.51.100.4");
  });

  it("is what a trusted proxy says of it, and no one before that proxy", async () => {
    expect(await callerOf("10.0.0.7", forwarded, "10.0.0.0/8")).toBe("203.0.113.9");
    expect(await callerOf("10.0.0.7", { "x-forwarded-for": "1.2.3.4, 203.0.113.9" }, "10.0.0.0/8")).toBe(
      "203.0.113.9",
    );
    expect(await callerOf("198.51.100.4", forwarded, "10.0.0.0/8")).toBe("198.51.100.4");
  });
});
