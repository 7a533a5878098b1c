import type { ReadLine } from "@/core/intake/line";
import { specOf } from "@/core/piece/piece";
import { withinSentence } from "@/core/words/within-sentence";
import { piecesWords } from "@/words/pieces";
import { sayWith } from "@/words/say";

/** The words of a line, those that were understood underlined, and what is still to be said. */
export function WordsRead({ line, read }: { readonly line: string; readonly read: ReadLine }) {
  const { piece, parts, unknown, assumed, lacksColour } = read;
  const fields = piece ? specOf(piece).figures : {};
  const guessed = assumed.map((name) => withinSentence(fields[name]?.label ?? name));
  const missing = [
    piece ? "" : piecesWords.sayWhatItIs,
    lacksColour ? piecesWords.noColourSaid : "",
    guessed.length > 0 ? sayWith(piecesWords.assumedFigures, { figures: guessed.join(", ") }) : "",
    unknown.length > 0 ? sayWith(piecesWords.staysInTheName, { words: unknown.join(", ") }) : "",
  ].filter(Boolean);
  return (
    <>
      {parts.map(({ from, to, understood }) => (
        <span
          key={from}
          className={
            understood ? "mr-1 border-b border-ink text-ink" : "mr-1 border-b border-dashed border-thread"
          }
        >
          {line.slice(from, to)}
        </span>
      ))}
      {missing.length > 0 && <span>{missing.join(" ")}</span>}
    </>
  );
}
