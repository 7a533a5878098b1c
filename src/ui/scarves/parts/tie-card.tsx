"use client";

import type { Body } from "@/core/body/body";
import { sayLength } from "@/core/length/length";
import type { Client } from "@/core/piece/client";
import type { Piece } from "@/core/piece/piece";
import { clothOf, type Scarf, type TieSettings } from "@/core/piece/tied-scarf";
import { girthsOf } from "@/core/scarf/girths";
import { tieOf } from "@/core/scarf/tied";
import { tieSpec } from "@/core/scarf/ties";
import { capital } from "@/core/words/called";
import { sayWith } from "@/words/say";
import { papersWords } from "@/words/papers";
import { scarvesWords } from "@/words/scarves";
import { Button, ButtonLink } from "../../kit/button";
import { useLengthUnit } from "../../kit/length-unit";
import { paperAddress } from "../../papers/state/paper-address";
import { sayScarf } from "../words/card-words";
import { cautionWords } from "../words/say-tie";
import { TiedOnClient } from "./tied-on-client";
import { drawnFolds } from "./drawn-folds";

interface TieCardProps {
  readonly scarf: Scarf;
  readonly client: Client;
  readonly body: Body;
  readonly garments: readonly Piece[];
  readonly tiedTo: readonly Piece[];
  readonly settings: TieSettings;
}

/** The card to hand over: a scarf's folds one by one, then how it is tied, large enough to read at arm's length. */
export function TieCard({ scarf, client, body, garments, tiedTo, settings }: TieCardProps) {
  const unit = useLengthUnit();
  const cloth = clothOf(scarf);
  const answer = tieOf(cloth, settings, girthsOf(body));
  if (!answer.possible) return null;
  const { spec, tail } = answer.tied;
  const folds = drawnFolds(scarf, settings);
  return (
    <section aria-labelledby="card" className="mt-8">
      <CardHead clientId={client.id} scarf={scarf} settings={settings} />
      <article className="tie-card border border-rule-strong bg-white p-6 text-ink">
        <header className="mb-4 border-b border-ink pb-3">
          <p className="text-small">{client.name}</p>
          <h3 className="text-title leading-tight">{capital(tieSpec(settings.tie).name)}</h3>
          <p className="tabular text-small">{sayScarf(scarf, spec, unit)}</p>
        </header>
        <ol className="grid grid-cols-2 gap-x-6 gap-y-5 sm:grid-cols-3">
          {folds.map(({ words, draw }, at) => (
            <CardStep key={at} number={at + 1} words={words}>
              {draw("h-36 w-full")}
            </CardStep>
          ))}
          {spec.steps.map((words, at) => (
            <CardStep key={words} number={folds.length + at + 1} words={words}>
              <TiedOnClient
                scarf={scarf}
                client={client}
                garments={garments}
                tiedTo={tiedTo}
                settings={settings}
                {...(at < spec.steps.length - 1 && { stage: at })}
                className="h-52 w-full"
              />
            </CardStep>
          ))}
        </ol>
        <footer className="mt-4 border-t border-rule pt-3 text-small">
          {tail > 0 && spec.knot !== "none" && (
            <p className="tabular">{sayWith(scarvesWords.tailsWillBe, { tail: sayLength(tail, unit) })}</p>
          )}
          {spec.cautions.map((caution) => (
            <p key={caution}>{cautionWords[caution]}</p>
          ))}
        </footer>
      </article>
    </section>
  );
}

interface CardHeadProps extends Pick<TieCardProps, "scarf" | "settings"> {
  readonly clientId: string;
}

/** What can be done with the card: it is opened as a paper, or printed as it stands here. */
function CardHead({ clientId, scarf, settings }: CardHeadProps) {
  return (
    <div className="mb-3 flex items-end justify-between gap-3 print:hidden">
      <h2 id="card" className="text-lead">
        {scarvesWords.theCard}
      </h2>
      <span className="flex gap-2">
        <ButtonLink
          href={
            paperAddress({
              clientId,
              kind: "scarf-card",
              sheet: "a5",
              scarf: scarf.id,
              tie: { kind: "tie", piece: scarf.id, ...settings },
            }).seen
          }
        >
          {papersWords.openAsAPaper}
        </ButtonLink>
        <Button onClick={() => window.print()}>{scarvesWords.printTheCard}</Button>
      </span>
    </div>
  );
}

interface CardStepProps {
  readonly number: number;
  readonly words: string;
  readonly children?: React.ReactNode;
}

function CardStep({ number, words, children }: CardStepProps) {
  return (
    <li className="break-inside-avoid">
      {children}
      <p className="mt-2 grid grid-cols-[2rem_minmax(0,1fr)] text-body leading-snug">
        <span className="font-serif text-lead leading-none">{number}</span>
        {words}
      </p>
    </li>
  );
}
