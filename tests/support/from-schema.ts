import fc, { type Arbitrary } from "fast-check";
import type Joi from "joi";

/** What a schema tells of itself, as far as it is asked here. */
interface Told {
  readonly type?: string;
  readonly flags?: { readonly only?: boolean; readonly presence?: string };
  readonly allow?: readonly unknown[];
  readonly rules?: readonly { readonly name: string; readonly args?: Readonly<Record<string, unknown>> }[];
  readonly keys?: Readonly<Record<string, Told>>;
  readonly patterns?: readonly { readonly schema?: Told; readonly rule: Told }[];
  readonly items?: readonly Told[];
  readonly matches?: readonly Match[];
}

interface Match {
  readonly schema?: Told;
  readonly then?: Told;
  readonly switch?: readonly Match[];
}

/** Values of some fields, by the field's name, where a schema says too little to draw them from it. */
export type Drawn = Readonly<Record<string, Arbitrary<unknown>>>;

/**
 * Values a form may send, drawn from the schema that checks it: every field that is declared is drawn, so that one
 * that is added later is too. What several fields must agree in is for the schema itself to check.
 */
export function fromSchema<T>(schema: Joi.Schema<T>, drawn: Drawn): Arbitrary<T> {
  return drawFrom(schema.describe(), drawn) as Arbitrary<T>;
}

function drawFrom(told: Told, drawn: Drawn): Arbitrary<unknown> {
  const values = (told.allow ?? []).filter((value) => typeof value !== "object" || value === null);
  if (told.flags?.only) return fc.constantFrom(...values);
  const inner = plain(told, drawn);
  return values.length > 0
    ? fc.oneof({ weight: 1, arbitrary: fc.constantFrom(...values) }, { weight: 3, arbitrary: inner })
    : inner;
}

function plain(told: Told, drawn: Drawn): Arbitrary<unknown> {
  const limit = (name: string, otherwise: number) => {
    const found = told.rules?.find((rule) => rule.name === name)?.args?.limit;
    return typeof found === "number" ? found : otherwise;
  };
  const has = (name: string) => told.rules?.some((rule) => rule.name === name) ?? false;
  switch (told.type ?? "object") {
    case "boolean":
      return fc.boolean();
    case "number": {
      const [min, max] = [limit("min", -1000), limit("max", 1000)];
      if (has("integer")) return fc.integer({ min, max });
      const places = limit("precision", 3);
      return fc.double({ min, max, noNaN: true }).map((value) => {
        const rounded = Number(value.toFixed(places));
        return rounded < min || rounded > max || Object.is(rounded, -0) ? min : rounded;
      });
    }
    case "string":
      return isColour(told) ? colour : text(limit("min", 0), Math.min(limit("max", 40), 400), has("trim"));
    case "array": {
      const item = told.items?.[0];
      const of = item ? drawFrom(item, drawn) : fc.constant(null);
      const size = { minLength: limit("min", 0), maxLength: Math.min(limit("max", 4), 4) };
      return has("unique") ? fc.uniqueArray(of, size) : fc.array(of, size);
    }
    case "alternatives":
      return fc.oneof(...(told.matches ?? []).flatMap(schemasOf).map((each) => drawFrom(each, drawn)));
    default:
      return object(told, drawn);
  }
}

function schemasOf(match: Match): readonly Told[] {
  return [match.schema, match.then, ...(match.switch ?? []).flatMap(schemasOf)].filter(
    (told) => told !== undefined,
  );
}

function object(told: Told, drawn: Drawn): Arbitrary<unknown> {
  const keys = Object.entries(told.keys ?? {});
  const needed = keys.filter(([, field]) => field.flags?.presence === "required").map(([key]) => key);
  const fields = Object.fromEntries(keys.map(([key, field]) => [key, drawn[key] ?? drawFrom(field, drawn)]));
  const own = fc.record(fields, { requiredKeys: needed, noNullPrototype: true });
  const pattern = told.patterns?.[0];
  if (!pattern) return own;
  const named = fc.dictionary(
    pattern.schema ? (drawFrom(pattern.schema, drawn) as Arbitrary<string>) : text(1, 20, false),
    drawFrom(pattern.rule, drawn),
    { maxKeys: 3, noNullPrototype: true },
  );
  return fc.tuple(own, named).map(([one, other]) => ({ ...(one as object), ...other }));
}

function isColour({ rules }: Told): boolean {
  const named = rules?.find(({ name }) => name === "pattern")?.args?.options as { name?: string } | undefined;
  return named?.name?.startsWith("a colour") ?? false;
}

/** A colour as a form sends it. */
export const colour = fc
  .integer({ min: 0, max: 0xffffff })
  .map((value) => `#${value.toString(16).padStart(6, "0")}`);

/** Letters of many scripts, marks, quotes and line ends, as people type them. */
const graphemes = fc.oneof(
  fc.string({ unit: "grapheme", maxLength: 60 }),
  fc.constantFrom(
    "O'Hara; drop table",
    "<script>alert(1)</script>",
    "Ünï ¢ødé 漢字 👠",
    "a\nb\tc",
    '{"a":1}',
    "%_\\",
  ),
);

function text(min: number, max: number, trimmed: boolean): Arbitrary<string> {
  return graphemes
    .map((value) => value.replaceAll("\0", "").slice(0, max))
    .map((value) => (trimmed ? value.trim() : value))
    .filter((value) => value.length >= min);
}
