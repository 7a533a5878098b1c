"use client";

import { useState } from "react";
import type { Body } from "@/core/body/body";
import type { Client } from "@/core/piece/client";
import type { Piece } from "@/core/piece/piece";
import { clothOf, type Scarf, type TieSettings } from "@/core/piece/tied-scarf";
import { girthsOf, type Girths } from "@/core/scarf/girths";
import { tieOf, type TieRefusal } from "@/core/scarf/tied";
import { tieNames, tieSpec, type TieName } from "@/core/scarf/ties";
import { tiePlaces, type TiePlace } from "@/core/scarf/ties/define-tie";
import { capital } from "@/core/words/called";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { Segments } from "../../kit/segments";
import { PossibleTie, type NamedNeck } from "./possible-tie";
import { RefusedTie, settingsFor } from "./refused-tie";
import { placeWords } from "../words/say-tie";

interface TieGalleryProps {
  readonly scarf: Scarf;
  readonly client: Client;
  readonly body: Body;
  readonly garments: readonly Piece[];
  readonly tiedTo: readonly Piece[];
  readonly others: readonly Scarf[];
  readonly necks: readonly NamedNeck[];
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
  necks,
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
  const possible = tried.flatMap(({ answer, ...rest }) => (answer.possible ? [{ ...rest, answer }] : []));
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
          <PossibleTie
            key={tie}
            scarf={scarf}
            client={client}
            girths={girths}
            garments={garments}
            tiedTo={tiedTo}
            necks={necks}
            tied={answer.tied}
            settings={so}
            isChosen={tie === settings.tie}
            onChoose={() => onSettings(so)}
          />
        ))}
      </ul>
      {refused.length > 0 && <RefusedTies scarf={scarf} refused={refused} girths={girths} others={others} />}
    </section>
  );
}

interface RefusedTiesProps {
  readonly scarf: Scarf;
  readonly refused: readonly {
    readonly tie: TieName;
    readonly so: TieSettings;
    readonly answer: { readonly refusal: TieRefusal };
  }[];
  readonly girths: Girths;
  readonly others: readonly Scarf[];
}

/** The ties that this scarf cannot do, each with why and with what would do it. */
function RefusedTies({ scarf, refused, girths, others }: RefusedTiesProps) {
  return (
    <section aria-labelledby="refused" className="mt-4 border border-rule-strong bg-paper p-4">
      <h3 id="refused" className="mb-2 text-body">
        {scarvesWords.notWithThisScarf}
      </h3>
      <ul className="grid gap-x-8 gap-y-1.5 md:grid-cols-2">
        {refused.map(({ tie, so, answer }) => (
          <li key={tie} className="grid grid-cols-[12rem_minmax(0,1fr)] gap-3">
            <span className="text-ink-soft">{capital(tieSpec(tie).name)}</span>
            <RefusedTie
              scarf={scarf}
              settings={so}
              refusal={answer.refusal}
              girths={girths}
              others={others}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
