/** What no form sends and anybody can: each has been the end of a server somewhere. */
export const nasties: readonly unknown[] = [
  undefined,
  null,
  NaN,
  Infinity,
  -0,
  -1,
  0.1 + 0.2,
  1e308,
  2 ** 31,
  2 ** 53,
  true,
  "",
  " ",
  "\0",
  "a\0b",
  "\ud800",
  "x\udfff",
  "\u200b\u200d\u2060",
  "\u3164",
  "x".repeat(5_000),
  "' or 1=1; --",
  "__proto__",
  "constructor",
  "toString",
  "1e400",
  "0x10",
  "2026-02-30",
  "+275760-09-13T00:00:00.000Z",
  "0000-01-01",
  "10000-01-01",
  "00000000-0000-0000-0000-000000000000",
  "{019f0000-0000-7000-8000-000000000000}",
  "019f00000000700080000000000000ff",
  "019F0000-0000-7000-8000-0000000000FF",
  "NaN",
  "%E0%A4%A",
  "Mars/Olympus",
  [],
  {},
  [null],
  [[[[[[]]]]]],
  { toString: 1 },
  JSON.parse('{"__proto__": {"admin": true}}'),
  { constructor: { prototype: { admin: true } } },
  new Date(0),
  new Map([["a", 1]]),
  new Set([1]),
  10n,
  Symbol.iterator,
  () => 1,
  deep(),
  circle(),
];

function deep(): unknown {
  let value: unknown = "bottom";
  for (let i = 0; i < 2_000; i += 1) value = { inner: value };
  return value;
}

function circle(): unknown {
  const value: Record<string, unknown> = {};
  value.self = value;
  return value;
}

const names = nasties.filter((nasty): nasty is string => typeof nasty === "string");

/** A copy of a value with one place in it, chosen by the numbers, made into something else. */
export function spoilt(value: unknown, next: () => number): unknown {
  const nasty = () => nasties[Math.floor(next() * nasties.length)];
  if (typeof value !== "object" || value === null || next() < 0.12) return nasty();
  const keys = Object.keys(value);
  const key = keys[Math.floor(next() * keys.length)];
  const copy: Record<string, unknown> = Array.isArray(value) ? ([...value] as never) : { ...value };
  if (key === undefined || next() < 0.08) copy[names[Math.floor(next() * names.length)] ?? ""] = nasty();
  else if (next() < 0.1) return Object.fromEntries(Object.entries(copy).filter(([name]) => name !== key));
  else copy[key] = spoilt(copy[key], next);
  return copy;
}
