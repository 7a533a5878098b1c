"use client";

import { useMemo, useState } from "react";
import type { Scarf, TieSettings } from "@/core/piece/tied-scarf";
import { picturedOn } from "@/core/piece/tied-scarf";
import { sayLength } from "@/core/length/length";
import { extentOf, flatCloth, folded as foldedBy, type FoldedCloth, type FoldStep } from "@/core/scarf/fold";
import { foldNames, namedFolds, type FoldName } from "@/core/scarf/folds";
import { bandWidths, canFold, corners } from "@/core/scarf/laid-out";
import { seenOf, sharesOf, type View } from "@/core/scarf/seen";
import { patchesFor } from "@/core/scarf/shown";
import { foldOf, sidesOf, type Cloth } from "@/core/scarf/tied";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { useLengthUnit } from "../../kit/length-unit";
import { Segments } from "../../kit/segments";
import { Select } from "../../kit/select";
import { Toggle } from "../../kit/toggle";
import { FoldedPicture } from "../../drawing/scarf/folded-picture";
import { reverseOf } from "../../drawing/scarf/reverse";
import { cornerArrows } from "../words/corner-arrows";
import { FreeFold } from "./free-fold";

interface FoldBoardProps {
  readonly scarf: Scarf;
  readonly cloth: Cloth;
  readonly settings: TieSettings;
  readonly onSettings: (settings: TieSettings) => void;
}

/** The flat picture with the fold drawn by hand, and what a fold shows from both sides with its shares. */
export function FoldBoard({ scarf, cloth, settings, onSettings }: FoldBoardProps) {
  const [free, setFree] = useState<readonly FoldStep[]>([]);
  const sides = sidesOf(cloth);
  const isFree = free.length > 0;
  const named = foldOf(cloth, settings);
  const folded = useMemo(
    () => (isFree ? foldedBy(flatCloth(...sides), free) : named),
    [isFree, free, named, sides],
  );
  const axis = isFree ? 0 : namedFolds[settings.fold].axis;
  const set = (part: Partial<TieSettings>) => {
    setFree([]);
    onSettings({ ...settings, ...part });
  };
  return (
    <section
      aria-label={scarvesWords.whatAFoldShows}
      className="grid gap-6 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]"
    >
      <FreeFold scarf={scarf} cloth={cloth} steps={free} onSteps={setFree} />
      <div className="border border-rule-strong bg-paper p-4">
        <FoldControls settings={settings} sides={sides} isFree={isFree} onChange={set} />
        <div className="grid gap-6">
          {(["front", "back"] as const).map((view) => (
            <Side key={view} view={view} folded={folded} axis={axis} scarf={scarf} cloth={cloth} />
          ))}
        </div>
      </div>
    </section>
  );
}

interface FoldControlsProps {
  readonly settings: TieSettings;
  readonly sides: readonly [number, number];
  /** Whether it is folded by hand: then none of the named folds is chosen. */
  readonly isFree: boolean;
  readonly onChange: (part: Partial<TieSettings>) => void;
}

function FoldControls({
  settings: { fold, corner, face, band },
  sides,
  isFree,
  onChange,
}: FoldControlsProps) {
  return (
    <div className="mb-4 flex flex-wrap items-end gap-x-4 gap-y-3">
      <div className="w-60">
        <Select
          label={scarvesWords.fold}
          value={isFree ? "" : fold}
          options={foldNames
            .filter((name) => canFold(name, sides))
            .map((name) => ({ id: name, name: namedFolds[name].name }))}
          onChange={(name) => onChange({ fold: name as FoldName })}
        />
      </div>
      <div>
        <span className="mb-1 block text-tiny text-ink-soft">{scarvesWords.corner}</span>
        <Segments
          label={scarvesWords.corner}
          size="square"
          value={isFree ? null : corner}
          segments={corners.map((each) => ({
            value: each,
            name: each,
            hint: each,
            shown: cornerArrows[each],
          }))}
          onChange={(next) => onChange({ corner: next })}
        />
      </div>
      <Toggle
        on={face === "reverse"}
        onChange={(on) => onChange({ face: on ? "reverse" : "right" })}
        className="h-9 px-3"
      >
        {scarvesWords.reverseUp}
      </Toggle>
      {namedFolds[fold].makes === "band" && (
        <label className="grid gap-1 text-tiny text-ink-soft">
          {sayWith(scarvesWords.widthOf, { width: band })}
          <input
            type="range"
            min={bandWidths.least}
            max={bandWidths.most}
            value={band}
            onChange={(event) => onChange({ band: Number(event.target.value) })}
            className="h-9 w-40 accent-ink touch:h-11"
          />
        </label>
      )}
    </div>
  );
}

interface SideProps {
  readonly view: View;
  readonly folded: FoldedCloth;
  readonly axis: number;
  readonly scarf: Scarf;
  readonly cloth: Cloth;
}

/** A colour that is seen with less than this is not listed. */
const leastListed = 0.01;

/** A folded scarf from one side, its length and width, and the share of each colour. */
function Side({ view, folded, axis, scarf, cloth }: SideProps) {
  const unit = useLengthUnit();
  const picture = picturedOn(scarf);
  const shares = useMemo(
    () =>
      sharesOf(seenOf(folded, view), patchesFor(picture, cloth)).filter(({ share }) => share >= leastListed),
    [folded, view, picture, cloth],
  );
  const { along, across } = extentOf(folded, axis);
  return (
    <figure className="min-w-0">
      <FoldedPicture
        folded={folded}
        picture={picture}
        sides={sidesOf(cloth)}
        axis={axis}
        view={view}
        paler={scarf.figures.paler}
        label={view === "front" ? scarvesWords.front : scarvesWords.back}
        className="max-h-56 w-full"
      />
      <figcaption className="mt-2">
        <p className="tabular text-small">
          <span className="font-medium">{view === "front" ? scarvesWords.front : scarvesWords.back}</span>,{" "}
          {sayWith(scarvesWords.longAndWide, {
            long: sayLength(along.to - along.from, unit),
            wide: sayLength(across.to - across.from, unit),
          })}
        </p>
        <ul className="mt-1.5 flex flex-wrap gap-x-3 gap-y-1">
          {shares.map(({ colour, face, share }) => {
            const hex = picture.colours[colour] ?? "#999999";
            return (
              <li key={`${colour} ${face}`} className="tabular flex items-center gap-1.5 text-tiny">
                <span
                  className="size-4 border border-rule-strong"
                  style={{
                    background: face === "right" ? hex : reverseOf(hex, scarf.figures.paler),
                  }}
                />
                {sayWith(face === "right" ? scarvesWords.percent : scarvesWords.percentReverse, {
                  share: Math.round(share * 100),
                })}
              </li>
            );
          })}
        </ul>
      </figcaption>
    </figure>
  );
}
