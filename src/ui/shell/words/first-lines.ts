import { firstLines } from "@/words/first-visit";

/** A place that introduces itself. */
export type IntroducedPlace = keyof typeof firstLines;

/** Where each place stands; the first that matches an address is it. */
const addresses: readonly (readonly [RegExp, IntroducedPlace])[] = [
  [/^\/$/, "today"],
  [/^\/clients$/, "clients"],
  [/^\/clients\/(?!new$)[^/]+$/, "client"],
  [/^\/rail$/, "rail"],
  [/^\/bench$/, "bench"],
  [/^\/sets$/, "sets"],
  [/^\/boards(?:\/|$)/, "boards"],
];

/** The place of an address that introduces itself; null where none does. */
export function introducedAt(path: string): IntroducedPlace | null {
  return addresses.find(([pattern]) => pattern.test(path))?.[1] ?? null;
}

const isPlace = (word: string): word is IntroducedPlace => Object.hasOwn(firstLines, word);

/** The cookie that says which places have introduced themselves to a person in this browser. */
export function toldCookie(userId: string): string {
  return `told-${userId}`;
}

/** What a cookie says was told; what is no place in it is left out. */
export function toldIn(cookie: string | undefined): readonly IntroducedPlace[] {
  return (cookie ?? "").split(".").filter(isPlace);
}

/** The cookie's value for what was told. */
export function cookieOfTold(told: readonly IntroducedPlace[]): string {
  return [...new Set(told)].join(".");
}
