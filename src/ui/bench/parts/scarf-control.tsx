"use client";

import { useState } from "react";
import { Link } from "../../kit/link";
import { adjustmentOn } from "@/core/piece/adjustment";
import { isKind } from "@/core/piece/piece";
import { stationsOfTies } from "@/core/piece/adjustments/tie";
import type { Slot } from "@/core/piece/slots";
import { canBeTied, usualTie, type Scarf, type TieSettings } from "@/core/piece/tied-scarf";
import { wornSo } from "@/core/reading/change";
import { namedFolds } from "@/core/scarf/folds";
import { bandWidths, corners } from "@/core/scarf/laid-out";
import { sidesOf } from "@/core/scarf/tied";
import { foldsFor, usualWay } from "@/core/scarf/usual-way";
import { tieNames, tieSpec, type TieName } from "@/core/scarf/ties";
import { tiePlaces, type TiePlace } from "@/core/scarf/ties/define-tie";
import { scarvesWords } from "@/words/scarves";
import { useLengthUnit } from "../../kit/length-unit";
import { Segments } from "../../kit/segments";
import { Select } from "../../kit/select";
import { TextButton } from "../../kit/text-button";
import { Toggle } from "../../kit/toggle";
import { Unfold } from "../../kit/unfold";
import { cornerArrows } from "../../scarves/words/corner-arrows";
import { placeWords, sayRefusal } from "../../scarves/words/say-tie";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { ScarfOffers } from "./scarf-offers";

/** How the scarf is folded and tied: what it offers for this look, and every choice by hand. */
export function ScarfControl() {
  const { look } = useDesk();
  const active = useBenchState((state) => state.active);
  const scarf = look.accessories.find((piece) => isKind(piece, "scarf"));
  if (!scarf || !isKind(scarf, "scarf"))
    return active === "neck" ? <p className="text-ink-soft">{scarvesWords.noScarfIsOn}</p> : null;
  if (!canBeTied(scarf)) return null;
  return <TieControl key={`${scarf.id} ${active}`} scarf={scarf} active={active} />;
}

/** Where ties are offered at first: where the scarf is tied, or else at the station that is worked on. */
function placeAt(active: Slot, now: TieSettings | null): TiePlace {
  const tied = now ? tieSpec(now.tie).place : "neck";
  const at = (place: TiePlace) => stationsOfTies[place] ?? "neck";
  return at(tied) === active ? tied : (tiePlaces.find((place) => at(place) === active) ?? tied);
}

interface TieControlProps {
  readonly scarf: Scarf;
  readonly active: Slot;
}

function TieControl({ scarf, active }: TieControlProps) {
  const unit = useLengthUnit();
  const { look, dressed, steps } = useDesk();
  const said = adjustmentOn(look.adjustments, "tie", scarf.id);
  const now = said ?? usualTie(scarf);
  const [place, setPlace] = useState<TiePlace>(placeAt(active, now));
  const change = (settings: TieSettings) => wornSo({ kind: "tie", piece: scarf.id, ...settings });
  const set = (part: Partial<TieSettings>) => now && steps.change(change({ ...now, ...part }));
  const sides = sidesOf(scarf.figures);
  const tieSo = (tie: TieName) => {
    const way = usualWay(tie, sides);
    if (way) steps.change(change(now ? { ...now, tie, fold: way.fold } : way));
  };
  const refusal = dressed.tied && !dressed.tied.answer.possible ? dressed.tied.answer.refusal : null;
  return (
    <section aria-label={scarf.name} className="grid grid-cols-[minmax(0,1fr)] gap-1.5">
      <ScarfOffers
        scarf={scarf}
        place={place}
        onTry={(one) => steps.tryOut(one && change(one))}
        onTake={(one) => steps.change(change(one))}
      />
      {refusal && now && <p role="status">{sayRefusal(refusal, now.tie, unit)}</p>}
      <Unfold summary={scarvesWords.byHand} summaryClass="touch:min-h-11 touch:py-3">
        <div className="grid grid-cols-[minmax(0,1fr)] gap-1.5 pt-1">
          <Select
            label={scarvesWords.where}
            value={place}
            options={tiePlaces.map((name) => ({ id: name, name: placeWords[name] }))}
            onChange={(name) => setPlace(name as TiePlace)}
          />
          <Select
            twoLines
            label={scarvesWords.tie}
            value={now?.tie ?? ""}
            options={tieNames
              .filter((name) => tieSpec(name).place === place)
              .map((name) => ({ id: name, name: tieSpec(name).name }))}
            onChange={(name) => tieSo(name as TieName)}
          />
          {now && <FoldControls now={now} sides={sides} onChange={set} />}
        </div>
      </Unfold>
      <ScarfLinks scarf={scarf} isSaid={said !== null} />
    </section>
  );
}

interface ScarfLinksProps {
  readonly scarf: Scarf;
  /** Whether it is tied in another way here than it is recorded. */
  readonly isSaid: boolean;
}

function ScarfLinks({ scarf, isSaid }: ScarfLinksProps) {
  const { steps, source } = useDesk();
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-1">
      {isSaid && (
        <TextButton onClick={() => steps.change({ kind: "undo", way: "tie", piece: scarf.id })}>
          {scarvesWords.asItWasRecorded}
        </TextButton>
      )}
      {source.kept && (
        <Link
          href={`/rail/${scarf.id}/scarf?client=${source.client.id}`}
          className="underline decoration-rule-strong underline-offset-2"
        >
          {scarvesWords.openScarf}
        </Link>
      )}
    </div>
  );
}

interface FoldControlsProps {
  readonly now: TieSettings;
  readonly sides: readonly [number, number];
  readonly onChange: (part: Partial<TieSettings>) => void;
}

/** The fold, and how the folded scarf is laid on: which corner, face and end, and how wide its band is. */
function FoldControls({ now, sides, onChange }: FoldControlsProps) {
  return (
    <>
      <Select
        label={scarvesWords.fold}
        value={now.fold}
        options={foldsFor(now.tie, sides).map((name) => ({ id: name, name: namedFolds[name].name }))}
        onChange={(name) => onChange({ fold: name as TieSettings["fold"] })}
      />
      <div className="flex flex-wrap items-center gap-1.5">
        <Segments
          label={scarvesWords.corner}
          value={now.corner}
          segments={corners.map((corner) => ({
            value: corner,
            name: corner,
            hint: corner,
            shown: cornerArrows[corner],
          }))}
          onChange={(corner) => onChange({ corner })}
        />
        <Toggle on={now.face === "reverse"} onChange={(on) => onChange({ face: on ? "reverse" : "right" })}>
          {scarvesWords.reverseFace}
        </Toggle>
        <Toggle on={now.turned} onChange={(turned) => onChange({ turned })}>
          {scarvesWords.endsChanged}
        </Toggle>
      </div>
      {namedFolds[now.fold].makes === "band" && (
        <label className="flex items-center gap-2 text-tiny text-ink-soft">
          {scarvesWords.width}
          <input
            type="range"
            min={bandWidths.least}
            max={bandWidths.most}
            step={1}
            value={now.band}
            onChange={(event) => onChange({ band: Number(event.target.value) })}
            className="min-w-0 flex-1 accent-ink touch:h-11"
          />
          <span className="tabular">{now.band}</span>
        </label>
      )}
    </>
  );
}
