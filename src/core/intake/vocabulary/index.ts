import { colourNames } from "../../colour/colour-names";
import { accessories, accessoryDetails } from "./accessories";
import { clothes, clothesDetails } from "./clothes";
import type { Meaning, Words } from "./entry";
import { lengths } from "./lengths";
import { makings, metals } from "./makings";
import { manner, moreColours, shades } from "./manner";
import { shoeDetails, shoes } from "./shoes";

const colours: Words = Object.fromEntries(
  Object.entries(colourNames).map(([name, colour]) => [name, { colour }]),
);

/** Every word and phrase that a line may hold, table by table: one phrase may mean several things. */
export const tables: readonly Words[] = [
  shoes,
  clothes,
  accessories,
  ...lengths,
  shoeDetails,
  clothesDetails,
  accessoryDetails,
  makings,
  metals,
  colours,
  moreColours,
  shades,
  manner,
];

/** A phrase as it is looked up: its hyphens as spaces, its last word in the singular. */
export function asLookedUp(phrase: string): string {
  const words = phrase.toLowerCase().replace(/-/g, " ").trim().split(/\s+/);
  return words.map((word, i) => (i === words.length - 1 ? singular(word) : word)).join(" ");
}

const irregular: Readonly<Record<string, string>> = {
  scarves: "scarf",
  glasses: "glass",
  sunglasses: "sunglass",
  eyeglasses: "eyeglass",
  wellies: "welly",
  laces: "lace",
  shoelaces: "shoelace",
  booties: "bootie",
  hankies: "hanky",
  brollies: "brolly",
  handkerchiefs: "handkerchief",
};

/** What ends in s and is one all the same. */
const one: ReadonlySet<string> = new Set([
  "dress",
  "canvas",
  "glass",
  "brass",
  "cross",
  "plus",
  "has",
  "is",
  "its",
  "sunnies",
  "overalls",
]);

/** A word in the singular, as phrases are kept. */
export function singular(word: string): string {
  const known = irregular[word];
  if (known) return known;
  if (one.has(word) || word.length < 3 || !word.endsWith("s") || word.endsWith("ss")) return word;
  if (/(?:ch|sh|x|ss)es$/.test(word)) return word.slice(0, -2);
  return word.slice(0, -1);
}

const meanings = new Map<string, Meaning[]>();
for (const table of tables)
  for (const [phrase, meaning] of Object.entries(table)) {
    const key = asLookedUp(phrase);
    meanings.set(key, [...(meanings.get(key) ?? []), meaning]);
  }

/** The most words of one phrase. */
export const longestPhrase = Math.max(...[...meanings.keys()].map((phrase) => phrase.split(" ").length));

/** Words that some say for others: a phrase with the one means what it means with the other. */
const otherwiseCalled: Readonly<Record<string, string>> = {
  pant: "trouser",
  slack: "trouser",
  sneaker: "trainer",
  pullover: "jumper",
  sweater: "jumper",
  pocketbook: "handbag",
  undershirt: "vest top",
};

/** What a phrase may mean; nothing for one that nobody knows. */
export function meaningsOf(phrase: string): readonly Meaning[] {
  const key = asLookedUp(phrase);
  const known = meanings.get(key);
  if (known) return known;
  const words = key.split(" ");
  const other = otherwiseCalled[words[words.length - 1] ?? ""];
  return (other && meanings.get([...words.slice(0, -1), other].join(" "))) || [];
}

/** How many words and phrases are known. */
export const countOfPhrases = meanings.size;

/** Every single word of the vocabulary, as it is looked up within a phrase or at its end. */
export const knownWords: ReadonlySet<string> = new Set([
  ...tables.flatMap((table) =>
    Object.keys(table).flatMap((phrase) => phrase.toLowerCase().replace(/-/g, " ").split(/\s+/)),
  ),
  ...Object.keys(otherwiseCalled),
]);
