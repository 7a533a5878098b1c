/** Words that keep their capital wherever they stand. */
const proper: ReadonlySet<string> = new Set([
  "Aran",
  "Breton",
  "Chelsea",
  "Donegal",
  "Fair",
  "Guernsey",
  "Harris",
  "Irish",
  "Italian",
  "Japanese",
  "Norwegian",
  "Oxford",
  "Panama",
  "Scottish",
  "Shetland",
  "Swedish",
]);

/**
 * The name of a piece as it stands within a sentence: "Navy trousers" are the "navy trousers". Acronyms, people
 * and a name of a piece's own keep their capitals: "PVC mac", "Maren's shawl", "Old Faithful".
 */
export function withinSentence(name: string): string {
  const [first = "", ...rest] = name.split(" ");
  if (!/^\p{Lu}\p{Ll}/u.test(first) || isProper(first) || isNamed(rest)) return name;
  return name.charAt(0).toLowerCase() + name.slice(1);
}

function isProper(word: string): boolean {
  const plain = word.replace(/[,.]$/, "");
  return proper.has(plain.split("-")[0] ?? plain) || /\p{Ll}['’]s?$/u.test(plain) || /.\p{Lu}/u.test(plain);
}

/** A second word with a capital, not one of those that always have it, makes the whole a name of its own. */
function isNamed(rest: readonly string[]): boolean {
  return rest.some((word) => /^\p{Lu}\p{Ll}/u.test(word) && !isProper(word));
}
