import { request } from "node:http";
import { beforeAll, describe, expect, it } from "vitest";
import { numbersFrom } from "@/core/testing/generated";
import { freePort } from "../../scripts/lib/ports.mjs";
import { startServer } from "../../scripts/lib/server.mjs";
import { browser, client, site, useDemoStudio } from "../support/demo-studio";
import { nasties } from "../support/nasty";
import { placesOfClient, placesOfStudio } from "../support/places";

let cookie = "";

useDemoStudio({ about: "Ottoline Varga" });

beforeAll(async () => {
  const [own] = (await browser.cookies()).filter(({ name }) => name === "juxtane");
  cookie = `juxtane=${own?.value ?? ""}`;
});

const get = (path: string, headers: Record<string, string> = {}) =>
  fetch(site + path, { redirect: "manual", headers: { cookie, ...headers } });

/** What a trace of our own code would look like. */
const trace = /node_modules|at .+\.(ts|js|mjs):\d+:\d+|knex|select .+ from/i;

describe("every answer", () => {
  it.each([
    "/",
    "/sign-in",
    "/nowhere",
    "/icon.svg",
    "/favicon.ico",
    "/_next/static/nothing.js",
    "/members/changes.csv",
  ])("%s carries what holds for all", async (path) => {
    const { headers } = await get(path);
    expect(headers.get("content-security-policy")).toMatch(/default-src 'self'/);
    expect(headers.get("content-security-policy")).toMatch(/frame-ancestors 'none'/);
    expect(headers.get("content-security-policy")).not.toMatch(
      /script-src[^;]*unsafe|style-src-elem[^;]*unsafe/,
    );
    expect(headers.get("x-content-type-options")).toBe("nosniff");
    expect(headers.get("cross-origin-opener-policy")).toBe("same-origin");
    expect(headers.get("permissions-policy")).toContain("geolocation=()");
    expect(headers.get("strict-transport-security")).toBeNull();
  });

  it("behind TLS asks for TLS ever after, and takes a cookie of this host alone", async () => {
    const server = await startServer(await freePort(), {
      DATABASE_URL: process.env.TEST_DEMO_URL ?? "",
      SESSION_SECRET: process.env.TEST_SESSION_SECRET ?? "",
      JUXTANE_HTTPS: "1",
    });
    const answer = await fetch(`${server.url}/sign-in`);
    expect(answer.headers.get("strict-transport-security")).toBe("max-age=63072000; includeSubDomains");
    // The cookie of plain http names nobody here.
    const other = await fetch(`${server.url}/clients`, { redirect: "manual", headers: { cookie } });
    expect(other.headers.get("location")).toBe("/sign-in");
    await server.stop();
  });
});

describe("what nobody should read", () => {
  it("is turned away: too large, whether it says so or not, of no readable path", async () => {
    // It is answered before any of it is sent.
    const large = await new Promise<[number | undefined, string]>((told, fail) => {
      const headers = { cookie, "content-type": "text/plain", "content-length": 8 * 1024 * 1024 + 1 };
      const sending = request(`${site}/clients`, { method: "POST", headers }, (answer) => {
        answer.setEncoding("utf8").on("data", (say: string) => told([answer.statusCode, say]));
      });
      sending.on("error", fail);
      sending.flushHeaders();
    });
    expect(large).toEqual([413, "This is too large: at most 8 MB are taken at once.\n"]);
    const unsaid = await fetch(`${site}/clients`, {
      method: "POST",
      duplex: "half",
      headers: { cookie, "content-type": "text/plain", "next-action": "0".repeat(42) },
      body: new Blob(["x".repeat(9_000_000)]).stream(),
    } as RequestInit).catch(() => null);
    // It is cut off while it is still being sent, or told so.
    expect(unsaid === null || unsaid.status === 413).toBe(true);
    for (const path of ["/clients/%E0%A4%A", "/%", "/clients/%00", "/%ff%fe"]) {
      const answer = await get(path);
      expect(answer.status, path).toBe(404);
      expect(await answer.text()).toContain("There is nothing of this studio under that address.");
    }
  });

  it("is a cookie that somebody has tampered with: it signs out", async () => {
    const value = cookie.slice("juxtane=".length);
    const tampered = [
      "",
      "x",
      "~2",
      "Fe26.2*",
      `${value}x`,
      value.slice(0, -4),
      value.replace(/~2$/, "~9"),
      value.replace(/\*/g, "%00*"),
      value.slice(30),
      "%E0%A4%A",
    ];
    for (const text of tampered) {
      const answer = await fetch(`${site}/clients`, {
        redirect: "manual",
        headers: { cookie: `juxtane=${text}` },
      });
      expect([answer.status, answer.headers.get("location")], text).toEqual([307, "/sign-in"]);
    }
  });

  it("is a body sent in another way than the pages send theirs", async () => {
    for (const type of ["multipart/form-data; boundary=x", "application/json", "text/plain"]) {
      const answer = await fetch(`${site}/clients`, {
        method: "POST",
        body: "--x--",
        headers: { cookie, "content-type": type },
      });
      expect(answer.status, type).toBe(405);
    }
  });
});

describe("whatever is asked for", () => {
  it("is answered without an error of ours, and never with a trace", async () => {
    const next = numbersFrom(20_261_126);
    const pick = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
    const texts = nasties.filter((nasty): nasty is string => typeof nasty === "string");
    const places = [
      ...placesOfStudio,
      ...placesOfClient(client),
      `/clients/${client}/whole/file`,
      "/clients/file",
      `/clients/${client}/papers/look-cards/pdf`,
      "/sets/build",
      "/sets/stock",
      "/join",
      "/for/AAAAAAAAAAAAAAAAAAAAAA",
      "/password",
    ];
    const names = [
      "client",
      "base",
      "set",
      "look",
      "wear",
      "turn",
      "pieces",
      "from",
      "find",
      "order",
      "kind",
      "page",
      "falling",
      "__proto__",
      "_rsc",
    ];
    const pages = await Promise.all(
      ["/bench", "/rail/new", "/members"].map((path) => get(path).then((page) => page.text())),
    );
    const ownActions = [...new Set(pages.join("").match(/\b[0-9a-f]{42}\b/g))];
    expect(ownActions.length).toBeGreaterThan(10);
    const bad: string[] = [];
    const ask = async () => {
      const path = next() < 0.4 ? `${pick(places)}/${encodeSafely(pick(texts))}` : pick(places);
      const query = Array.from(
        { length: Math.floor(next() * 4) },
        () => `${pick(names)}=${next() < 0.3 ? client : encodeSafely(pick(texts))}`,
      );
      const url = `${path}?${query.join("&")}`.slice(0, 4000);
      // An action of ours, one that is none, or a page as the browser's own code asks for it.
      const headers: Record<string, string> =
        next() < 0.2
          ? { rsc: "1" }
          : next() < 0.7
            ? { "next-action": pick([...ownActions, "0".repeat(42)]) }
            : {};
      const isPost = next() < 0.4;
      const answer = await fetch(site + url, {
        redirect: "manual",
        method: isPost ? "POST" : "GET",
        headers: {
          cookie,
          ...headers,
          ...(isPost
            ? {
                "content-type": pick([
                  "text/plain;charset=UTF-8",
                  "application/json",
                  "multipart/form-data; boundary=x",
                ]),
              }
            : {}),
        },
        ...(isPost
          ? {
              body: pick([
                '[{"id":"1"}]',
                "{",
                "--x--",
                "$K1",
                '["$undefined"]',
                "",
                '["$F1"]',
                '["$Q1"]',
                '[{"__proto__":{"a":1}}]',
                "[".repeat(3000),
                '["$1:a:b"]',
                '["$@1"]',
                '["$n99999999999999"]',
                '["$D0"]',
                '["$h0"]',
              ]),
            }
          : {}),
      });
      const text = await answer.text();
      if (answer.status >= 500 || trace.test(text))
        bad.push(
          `${answer.status} ${isPost ? "POST" : "GET"} ${url} ${JSON.stringify(headers)} ${text.slice(0, 200)}`,
        );
    };
    for (let i = 0; i < 1000; i += 8) await Promise.all(Array.from({ length: 8 }, ask));
    expect(bad).toEqual([]);
  });
});

/** As an address has it; half a character cannot even be written into one. */
function encodeSafely(text: string): string {
  try {
    return encodeURIComponent(text.slice(0, 300));
  } catch {
    return "%ED%A0%80";
  }
}
