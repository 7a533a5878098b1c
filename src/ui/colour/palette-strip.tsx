import { depthWord, temperatureWord } from "@/core/colour/bands";
import { characterOf } from "@/core/colour/character";
import { colourShares } from "@/core/dressing/colour-shares";
import type { Dressed } from "@/core/dressing/dressed";
import { sayWith } from "@/words/say";
import { colourWords } from "@/words/colour";
import { Hint } from "../kit/hint";

interface PaletteStripProps {
  readonly dressed: Dressed;
  readonly onOpen: () => void;
}

/** The colours of the look, each as wide as what is seen of it; opens the colours themselves. */
export function PaletteStrip({ dressed, onOpen }: PaletteStripProps) {
  const shares = colourShares(dressed.palette);
  const whole = characterOf(shares.map(({ shade, share }) => ({ shade, weight: share })));
  if (!whole) return null;
  const depths = shares.filter(({ share }) => share >= 0.02).map(({ shade }) => shade.L);
  const families = new Set(shares.filter(({ share }) => share >= 0.02).map(({ family }) => family));
  return (
    <Hint words={colourWords.coloursOfTheLook}>
      <button
        type="button"
        onClick={onOpen}
        className="grid w-full gap-0.5 bg-paper p-1.5 text-left text-tiny text-ink hover:bg-well"
      >
        <span className="flex h-4 overflow-hidden border border-rule-strong" aria-hidden="true">
          {shares.map(({ shade, share }) => (
            <span key={shade.hex} style={{ background: shade.hex, flexGrow: Math.max(share, 0.006) }} />
          ))}
        </span>
        <span className="tabular leading-tight">
          {sayWith(colourWords.coloursOverall, {
            size: families.size,
            rangeOf: rangeOf(depths),
            temperatureWord: temperatureWord(whole.temperature),
          })}
        </span>
      </button>
    </Hint>
  );
}

/** From the darkest to the lightest, in words. */
function rangeOf(depths: readonly number[]): string {
  const darkest = depthWord(Math.min(...depths));
  const lightest = depthWord(Math.max(...depths));
  return darkest === lightest ? `all ${darkest}` : `${darkest} to ${lightest}`;
}
