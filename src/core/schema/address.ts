import { unstorable } from "./storable";

/** What stands in an address after its question mark, as the framework hands it on. */
export type SaidAddress = Readonly<Record<string, string | string[] | undefined>>;

/** Longer than anything an address of ours says: what is handed over are at most 120 ids. */
const longest = 5_000;

/**
 * What an address says under some names, as plain text: of what is said twice the last; what no text can be, or is
 * longer than any of ours, is as if it had not been said.
 */
export function addressed<Name extends string>(
  params: Readonly<Record<string, unknown>>,
  names: readonly Name[],
): { readonly [name in Name]?: string } {
  const said = names.flatMap((name) => {
    const given: unknown = Object.hasOwn(params, name) ? params[name] : undefined;
    const last: unknown = Array.isArray(given) ? given[given.length - 1] : given;
    return typeof last === "string" && last.length <= longest && !unstorable(last) ? [[name, last]] : [];
  });
  return Object.fromEntries(said) as { readonly [name in Name]?: string };
}
