import { finishNames, type Finish } from "../finish/finishes";
import { metalNames, type Metal } from "../finish/metals";
import { parseLength } from "../length/parse-length";
import type { LengthUnit } from "../length/length";
import { isJewellery } from "../piece/piece";
import { ladder } from "../register/ladder";
import { gapForms, type GapForm } from "./gap-forms";
import { gapHex, gapSizeFault, type GapFacts } from "./gap-spec";

/** What a line about a missing piece says. */
export type GapLine =
  | {
      readonly ok: true;
      readonly facts: GapFacts;
      /** Words that were not understood. */ readonly left: string;
    }
  | { readonly ok: false; /** What is missing in the line, in one sentence. */ readonly say: string };

/** Words that say nothing of a piece. */
const idle: ReadonlySet<string> = new Set([
  "a",
  "an",
  "the",
  "of",
  "pair",
  "some",
  "with",
  "in",
  "and",
  "wide",
  "long",
  "high",
  "across",
]);

const forms: ReadonlyMap<string, GapForm> = new Map(
  gapForms.flatMap(({ name, called }) => [name, ...called].map((word) => [word, name] as const)),
);
const finishes: ReadonlyMap<string, Finish> = new Map(finishNames.map((name) => [name, name]));
const levels: ReadonlyMap<string, number> = new Map(ladder.map((word, i) => [word, i + 1]));
const metals: ReadonlyMap<string, Metal> = new Map(
  metalNames
    .filter((name) => name !== "none" && name !== "unknown" && name !== "black")
    .map((name) => [name, name]),
);

/** The longest name of anything here, in words. */
const longest = 3;

/**
 * Reads a missing piece as one writes it down: "a navy belt, 3 cm", "gold hoops", "cognac suede ankle boots". What
 * it is and its colour must be said; what else is not, is not said.
 */
export function parseGapLine(line: string, unit: LengthUnit): GapLine {
  const { size, rest } = takeSize(line, unit);
  let words = rest
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter((word) => word !== "");
  /** Takes the longest run of words that something is called; null where there is none. */
  const take = <T>(find: (name: string) => T | null | undefined): { name: string; found: T } | null => {
    for (let count = longest; count > 0; count -= 1)
      for (let at = 0; at + count <= words.length; at += 1) {
        const name = words.slice(at, at + count).join(" ");
        const found = find(name);
        if (found === null || found === undefined) continue;
        words = [...words.slice(0, at), ...words.slice(at + count)];
        return { name, found };
      }
    return null;
  };
  const form = take((name) => forms.get(name) ?? forms.get(singular(name)))?.found;
  if (!form) return { ok: false, say: "Say what it is: a navy belt, 3 cm." };
  const kind = gapForms.find(({ name }) => name === form)?.kind ?? "belt";
  const finish = take((name) => finishes.get(name))?.found ?? "matte smooth";
  const level = take((name) => levels.get(name))?.found ?? null;
  // A metal is what jewellery is made of and coloured by; of anything else it is the buckle.
  const jewel = isJewellery({ kind });
  const ofMetal = jewel ? take((name) => metals.get(name)) : null;
  const colour = ofMetal?.name ?? take(gapHex)?.name;
  const metal = ofMetal?.found ?? take((name) => metals.get(name))?.found ?? "unknown";
  if (!colour || !gapHex(colour)) return { ok: false, say: `Say its colour too: a navy ${form}.` };
  const fault = gapSizeFault({ form, size });
  if (fault) return { ok: false, say: fault };
  return {
    ok: true,
    facts: { form, colour, finish, level, metal, size },
    left: words.filter((word) => !idle.has(word)).join(" "),
  };
}

/** A length anywhere in a line, and the line without it. */
function takeSize(line: string, unit: LengthUnit): { readonly size: number | null; readonly rest: string } {
  const found = /(?<![#\w.])\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?\s*(?:cm|mm|inches|inch|in|")?(?![\w#])/i.exec(
    line,
  );
  if (!found) return { size: null, rest: line };
  const [text] = found;
  const cm = parseLength(text.trim().replace(/inch(es)?$/i, "in"), unit);
  return { size: cm === null ? null : Math.round(cm * 10) / 10, rest: line.replace(text, " ") };
}

function singular(name: string): string {
  return /[^s]s$/.test(name) ? name.replace(/(?<=sh|ch)es$|s$/, "") : name;
}
