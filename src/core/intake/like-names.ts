import { likeNameIn } from "./line";

/** The names of pieces that lines of a text say others are like, each once. */
export function likeNamesIn(text: string): string[] {
  const names = text.split(/\r\n|\r|\n/).flatMap((line) => likeNameIn(line) ?? []);
  return [...new Set(names)].filter((name) => name.length <= 120);
}
