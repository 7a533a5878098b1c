import { withinSentence } from "./within-sentence";

/** A name that says whose it is, or that is a name of its own, takes no article. */
const itsOwn = /^(?:the|a|an|her|his|their|our|my)\s|^\S+['\u2019]s?\s/i;

/** A piece or an occasion as a sentence speaks of it: "the navy trousers", "Maren's shawl", "Old Faithful". */
export function called(name: string): string {
  const within = withinSentence(name);
  if (itsOwn.test(within)) return within;
  const [first = "", second = ""] = within.split(" ");
  const isName = /^\p{Lu}\p{Ll}/u.test(first) && (second === "" || /^\p{Lu}\p{Ll}/u.test(second));
  return isName ? within : `the ${within}`;
}

/** A text as the start of a sentence. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** At most so many are named one by one. */
const mostNamed = 3;

/** Several names in one sentence: "the belt, the watch and the ring"; of more, the first two and how many others. */
export function listed(names: readonly string[]): string {
  const [last = "", ...before] = [...names].reverse();
  if (before.length === 0) return last;
  if (names.length <= mostNamed) return `${before.reverse().join(", ")} and ${last}`;
  return `${names.slice(0, 2).join(", ")} and ${names.length - 2} more`;
}
