"use client";

import { useState } from "react";
import type { Body } from "@/core/body/body";
import { sayLength } from "@/core/length/length";
import type { Client } from "@/core/piece/client";
import type { Piece } from "@/core/piece/piece";
import { clothOf, type Scarf, type TieSettings } from "@/core/piece/tied-scarf";
import { girthsOf, type Girths } from "@/core/scarf/girths";
import { sidesOf, tieOf, type TieAnswer } from "@/core/scarf/tied";
import { foldsFor } from "@/core/scarf/usual-way";
import { tieNames, tieSpec, type TieName } from "@/core/scarf/ties";
import { tieNeeds, tiePlaces, type TiePlace } from "@/core/scarf/ties/define-tie";
import { capital } from "@/core/words/called";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { Button } from "../kit/button";
import { useLengthUnit } from "../kit/length-unit";
import { Segments } from "../kit/segments";
import { InSight } from "../drawing/in-sight";
import { cautionWords, placeWords, sayRefusal } from "./say-tie";
import { TiedOnClient } from "./tied-on-client";

interface TieGalleryProps {
  readonly scarf: Scarf;
  readonly client: Client;
  readonly body: Body;
  readonly garments: readonly Piece[];
  readonly tiedTo: readonly Piece[];
  readonly others: readonly Scarf[];
  readonly settings: TieSettings;
  readonly onSettings: (settings: TieSettings) => void;
}

/** Every tie of the scarf on a client, side by side, at one place of the body after another. */
export function TieGallery({
  scarf,
  client,
  body,
  garments,
  tiedTo,
  others,
  settings,
  onSettings,
}: TieGalleryProps) {
  const [place, setPlace] = useState<TiePlace>(tieSpec(settings.tie).place);
  const girths = girthsOf(body);
  const names = tieNames.filter((name) => tieSpec(name).place === place);
  const tried = names.map((tie) => {
    const so = settingsFor(scarf, settings, tie);
    return { tie, so, answer: tieOf(clothOf(scarf), so, girths) };
  });
  const possible = tried.filter(({ answer }) => answer.possible);
  const refused = tried.flatMap(({ answer, ...rest }) => (answer.possible ? [] : [{ ...rest, answer }]));
  return (
    <section aria-labelledby="ties" className="mt-8">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <h2 id="ties" className="text-lead">
          {sayWith(scarvesWords.everyTieOn, { client: client.name })}
        </h2>
        <Segments
          label={scarvesWords.where}
          size="normal"
          value={place}
          segments={tiePlaces.map((each) => ({ value: each, shown: placeWords[each] }))}
          onChange={setPlace}
        />
      </div>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(14rem,1fr))] gap-3">
        {possible.map(({ tie, so, answer }) => (
          <li
            key={tie}
            className={`flex flex-col border bg-paper ${tie === settings.tie ? "border-ink" : "border-rule-strong"}`}
          >
            <div className="surround-light h-60 border-b border-rule">
              <InSight label={tieSpec(tie).name} className="size-full">
                {() => (
                  <TiedOnClient
                    scarf={scarf}
                    client={client}
                    garments={garments}
                    tiedTo={tiedTo}
                    settings={so}
                    fill
                    className="size-full"
                  />
                )}
              </InSight>
            </div>
            <div className="flex flex-1 flex-col gap-1.5 p-3">
              <h3 className="text-body leading-tight">{capital(tieSpec(tie).name)}</h3>
              {answer.possible && <Facts answer={answer} />}
              <Button
                size="small"
                className="mt-auto self-start"
                aria-pressed={tie === settings.tie}
                onClick={() => onSettings(so)}
              >
                {tie === settings.tie ? scarvesWords.onTheCard : scarvesWords.putOnTheCard}
              </Button>
            </div>
          </li>
        ))}
      </ul>
      {refused.length > 0 && (
        <section aria-labelledby="refused" className="mt-4 border border-rule-strong bg-paper p-4">
          <h3 id="refused" className="mb-2 text-body">
            {scarvesWords.notWithThisScarf}
          </h3>
          <ul className="grid gap-x-8 gap-y-1.5 md:grid-cols-2">
            {refused.map(({ tie, so, answer }) => (
              <li key={tie} className="grid grid-cols-[12rem_minmax(0,1fr)] gap-3">
                <span className="text-ink-soft">{capital(tieSpec(tie).name)}</span>
                <Refused scarf={scarf} so={so} answer={answer} girths={girths} others={others} />
              </li>
            ))}
          </ul>
        </section>
      )}
    </section>
  );
}

/** A tie with the fold that is chosen, where it takes it; else with the first of its folds that the cloth can do. */
function settingsFor(scarf: Scarf, settings: TieSettings, tie: TieName): TieSettings {
  const can = foldsFor(tie, sidesOf(scarf.figures));
  const fold = can.includes(settings.fold) ? settings.fold : (can[0] ?? tieSpec(tie).folds[0]);
  return { ...settings, tie, fold };
}

function Facts({ answer }: { readonly answer: Extract<TieAnswer, { possible: true }> }) {
  const unit = useLengthUnit();
  const { spec, tail, knot } = answer.tied;
  const facts = [
    tail > 0 && spec.knot !== "none" && sayWith(scarvesWords.tailsOf, { tail: sayLength(tail, unit) }),
    knot.from > 0 &&
      sayWith(scarvesWords.knotOf, { from: sayLength(knot.from, unit), to: sayLength(knot.to, unit) }),
    spec.needs.length > 0 &&
      sayWith(scarvesWords.needs, { needs: spec.needs.map((need) => tieNeeds[need]).join(", ") }),
    sayWith(scarvesWords.goesWith, { goesWith: spec.goesWith }),
  ].filter((fact): fact is string => typeof fact === "string");
  return (
    <>
      <ul className="tabular text-tiny text-ink-soft">
        {facts.map((fact) => (
          <li key={fact}>{fact}</li>
        ))}
      </ul>
      {spec.cautions.map((caution) => (
        <p key={caution} className="text-tiny">
          {cautionWords[caution]}
        </p>
      ))}
    </>
  );
}

interface RefusedProps {
  readonly scarf: Scarf;
  readonly so: TieSettings;
  readonly answer: Extract<TieAnswer, { possible: false }>;
  readonly girths: Girths;
  readonly others: readonly Scarf[];
}

/** Why a tie cannot be done, and which of the client's scarves does it. */
function Refused({ scarf, so, answer, girths, others }: RefusedProps) {
  const unit = useLengthUnit();
  const reaches = others.find(
    (other) => tieOf(clothOf(other), settingsFor(other, so, so.tie), girths).possible,
  );
  return (
    <span>
      {sayRefusal(answer.refusal, so.tie, unit)}
      {reaches && scarf !== reaches && ` ${sayWith(scarvesWords.theOtherReaches, { name: reaches.name })}`}
    </span>
  );
}
