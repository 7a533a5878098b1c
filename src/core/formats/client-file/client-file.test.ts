import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { parseBundle } from "../bundle";
import { inOneGo } from "../in-parts";
import { parseManifest, photoPath, serialiseManifest } from "./archive";
import { counted, renamed } from "./named";
import { measuredNow, ruleBookNow } from "./now";
import { fromBundle } from "./from-bundle";
import { parseClientFile, serialiseClientFile } from "./read";

const at = "2026-11-24T09:00:00.000Z";
const clients = ["ingrid-haldane", "ottoline-varga", "teodor-almasi", "wren-castellane"];
const bundleOf = (name: string) => parseBundle(readFileSync(`demo/${name}.bundle.json`, "utf8"));
const textOf = (file: Parameters<typeof serialiseClientFile>[0]) => inOneGo(serialiseClientFile(file));

describe("a client's file", () => {
  it.each(clients)("of %s is read as it was written", (name) => {
    const file = counted(fromBundle(bundleOf(name), at));
    const text = textOf(file);
    expect(textOf(inOneGo(parseClientFile(text)))).toBe(text);
  });

  it("is the same text whatever its records were called, and in whatever order their fields were said", () => {
    const file = fromBundle(bundleOf("ottoline-varga"), at);
    const other = renamed(file, (kind, id) => `another ${kind} ${id}`);
    const turned = { ...other, client: Object.fromEntries(Object.entries(other.client).reverse()) };
    expect(textOf(counted(turned as typeof other))).toBe(textOf(counted(file)));
  });

  it("holds of the measures the last that was taken, and of the rule books the newest", () => {
    const bundle = bundleOf("wren-castellane");
    const file = fromBundle(bundle, at);
    expect(measuredNow(file)).toEqual(bundle.client.measured);
    expect(ruleBookNow(file)).toMatchObject({ name: bundle.client.ruleBook.name, version: 1 });
    const later = { name: "waist", takenAt: "2026-11-25T09:00:00.000Z" } as const;
    const thinner = { ...file, measurements: [...file.measurements, { ...later, cm: 70.5 }] };
    expect(measuredNow(thinner).waist).toBe(70.5);
    const struck = { ...file, measurements: [...file.measurements, { ...later, cm: null }] };
    expect(measuredNow(struck)).not.toHaveProperty("waist");
  });

  it("has the looks of the format before it read, the first of them last worked on", () => {
    const { looks } = fromBundle(bundleOf("ingrid-haldane"), at);
    expect(looks.map(({ keptAt }) => keptAt)).toEqual(
      looks
        .map(({ keptAt }) => keptAt)
        .sort()
        .reverse(),
    );
    for (const { read } of looks) expect(read?.score).toBeGreaterThan(0);
  });

  const sound = () => JSON.parse(textOf(counted(fromBundle(bundleOf("wren-castellane"), at)))) as Loose;
  interface Loose {
    [list: string]: Record<string, unknown>[];
  }
  const first = (list: Record<string, unknown>[] | undefined) => list?.[0] ?? {};

  it.each<readonly [string, (file: Loose) => void, RegExp]>([
    [
      "names a piece that is not in it",
      ({ sets }) => Object.assign(first(sets), { pieceIds: ["piece-900"] }),
      /^sets\.0: no piece has the id "piece-900"$/,
    ],
    [
      "has a base without a name",
      ({ bases }) => Object.assign(first(bases), { name: " " }),
      /^bases\.0\.name: /,
    ],
    [
      "has measures out of their order",
      ({ measurements }) => Object.assign(first(measurements), { takenAt: "2027-01-01T00:00:00.000Z" }),
      /^measurements\.1: it stands after one that is later$/,
    ],
    [
      "has measures that contradict one another",
      ({ measurements }) =>
        measurements?.push({ name: "crotch", cm: 155, takenAt: "2027-01-01T00:00:00.000Z" }),
      /crotch/i,
    ],
    [
      "has a version of the rule book twice",
      ({ ruleBooks }) => ruleBooks?.push(first(ruleBooks)),
      /^ruleBooks\.1: its version must be above the one before it$/,
    ],
    [
      "wears a piece twice",
      ({ bases }) => Object.assign(first(bases), { pieceIds: ["piece-1", "piece-1"] }),
      /^bases\.0: it names the same thing twice$/,
    ],
    ["lacks a list", (file) => delete file.gaps, /gaps/i],
    [
      "has a colour that is none",
      ({ client }) =>
        Object.assign((client as unknown as { colouring: object }).colouring, { eyes: "blue-ish" }),
      /^client\.colouring\.eyes: /,
    ],
  ])("that %s is refused in one sentence that names where", (_, change, say) => {
    const file = sound();
    change(file);
    expect(() => inOneGo(parseClientFile(JSON.stringify(file)))).toThrow(say);
  });
});

describe("a manifest", () => {
  const hash = "a".repeat(64);
  const record = { path: "client.json", bytes: 10, sha256: "b".repeat(64) };
  const photo = { path: photoPath(hash), bytes: 20, sha256: hash };

  it("is read as it was written", () => {
    expect(parseManifest(serialiseManifest([record, photo]))).toEqual([record, photo]);
  });

  it.each([
    ["nothing", [], /"client.json" is missing/],
    ["a file twice", [record, record], /two have the id "client.json"/],
    [
      "a photo under another name",
      [record, { ...photo, sha256: "c".repeat(64) }],
      /is not called by its hash/,
    ],
    ["anything else", [record, { ...photo, path: "../client.json" }], /"..\/client.json" is no part/],
    ["a hash that is none", [{ ...record, sha256: "short" }], /64 letters of a hash/],
    ["less than nothing", [{ ...record, bytes: -1 }], /at least 0/],
  ])("that lists %s is refused", (_, files, say) => {
    expect(() => parseManifest(serialiseManifest(files))).toThrow(say);
  });
});
