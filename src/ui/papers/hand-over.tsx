"use client";

import { useState } from "react";
import { format, parseISO } from "date-fns";
import { dayLayer, type DayRecords } from "@/core/studio/shown-look";
import type { LinkRecord } from "@/core/studio/link-record";
import type { LookRecord } from "@/core/studio/look-record";
import { paperKinds, sheetNames, type PaperKind, type SheetName } from "@/core/studio/paper-source";
import { called } from "@/core/words/called";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { DrawnLook } from "../drawing/figure/figure-in-sight";
import { InSight } from "../drawing/in-sight";
import { ButtonLink } from "../kit/button";
import { Empty } from "../kit/page";
import { Segments } from "../kit/segments";
import { TextButton } from "../kit/text-button";
import { Toggle } from "../kit/toggle";
import { paperSpecs } from "./build";
import { fileStem } from "./file-stem";
import { paperAddress } from "./paper-address";
import { lookTitle } from "./look-title";
import { answerWords } from "./say-reply";
import { PrivateLinks, type LinkActions } from "./private-links";
import { SavePdf } from "./save-pdf";
import { SavePictures } from "./save-pictures";

interface HandOverProps extends DayRecords {
  readonly clientId: string;
  readonly clientName: string;
  /** The looks that can be handed over, the ones last worked on first. */
  readonly looks: readonly LookRecord[];
  /** Ids of those that are chosen at first. */
  readonly chosenFirst: readonly string[];
  /** Private links, the newest first; and now, by the server's clock. */
  readonly links: readonly LinkRecord[];
  readonly now: string;
  readonly actions: LinkActions;
}

/** What a scarf's own page hands over. */
const fromElsewhere: ReadonlySet<PaperKind> = new Set(["scarf-card"]);
const kinds = paperKinds.filter((kind) => !fromElsewhere.has(kind));

const sheetWords: Readonly<Record<SheetName, string>> = { a5: papersWords.half, phone: papersWords.phone };

/** What is handed over to a client: her looks, chosen, and the papers made of them. */
export function HandOver(props: HandOverProps) {
  const { clientId, clientName, looks, chosenFirst, links, now, actions, ...made } = props;
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(chosenFirst));
  const [sheet, setSheet] = useState<SheetName>("a5");
  const layer = dayLayer(made);
  const laid = looks.flatMap((look) => layer(look) ?? []);
  // Of several answers to a look the newest counts.
  const answered = new Map(
    links
      .flatMap(({ replies }) => replies)
      .sort((one, other) => one.at.localeCompare(other.at))
      .map(({ lookId, answer }) => [lookId, answerWords[answer].toLowerCase()]),
  );
  const toggle = (id: string) =>
    setChosen((before) => {
      const after = new Set(before);
      if (!after.delete(id)) after.add(id);
      return after;
    });
  if (laid.length === 0)
    return (
      <Empty say={sayWith(papersWords.noLookIsKept, { client: clientName })}>
        <ButtonLink look="strong" href={`/bench?client=${clientId}`}>
          {papersWords.toTheBench}
        </ButtonLink>
      </Empty>
    );
  return (
    <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <section aria-labelledby="looks">
        <header className="mb-3 flex flex-wrap items-center justify-between gap-3">
          <h2 id="looks" className="text-lead">
            {papersWords.chooseLooks}
          </h2>
          <p className="tabular flex items-center gap-3 text-ink-soft">
            {sayWith(papersWords.looksChosen, { chosen: chosen.size, count: laid.length })}
            <TextButton onClick={() => setChosen(new Set(laid.map(({ record }) => record.id)))}>
              {papersWords.chooseAll}
            </TextButton>
            <TextButton onClick={() => setChosen(new Set())}>{papersWords.chooseNone}</TextButton>
          </p>
        </header>
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-3">
          {laid.map(({ record, look, base }) => {
            const name = record.name || base.name;
            return (
              <li key={record.id}>
                <Toggle
                  look="basted"
                  on={chosen.has(record.id)}
                  onChange={() => toggle(record.id)}
                  className="flex h-full w-full flex-col text-left"
                >
                  <InSight className="surround-light h-40 w-full">
                    {() => <DrawnLook look={look} unit="cm" label={name} />}
                  </InSight>
                  <span className="grid gap-0.5 p-2">
                    <span className="leading-tight font-medium">{name}</span>
                    <span className="text-tiny text-ink-soft">
                      {look.occasion
                        ? `${look.occasion.name}, ${format(parseISO(look.occasion.day), "d MMM")}`
                        : papersWords.looksForAnyDay}
                    </span>
                    {answered.get(record.id) && (
                      <span className="text-tiny font-medium">
                        {sayWith(papersWords.clientSaid, { answer: answered.get(record.id) ?? "" })}
                      </span>
                    )}
                  </span>
                </Toggle>
              </li>
            );
          })}
        </ul>
      </section>
      <div className="grid gap-6">
        <section aria-labelledby="papers" className="border border-rule-strong bg-paper">
          <header className="border-b border-rule px-4 py-3">
            <h2 id="papers" className="mb-2 text-lead">
              {papersWords.papers}
            </h2>
            <Segments
              label={papersWords.sheet}
              value={sheet}
              segments={sheetNames.map((name) => ({ value: name, shown: sheetWords[name] }))}
              onChange={setSheet}
              size="normal"
            />
          </header>
          <ul>
            <li className="grid gap-2 border-b border-rule px-4 py-3">
              <div>
                <h3 className="font-medium">{papersWords.pictures}</h3>
                <p className="text-small text-ink-soft">{papersWords.aboutPictures}</p>
              </div>
              <SavePictures
                looks={laid
                  .filter(({ record }) => chosen.has(record.id))
                  .map(({ record, look, base }) => ({ look, ...lookTitle({ record, look, base }) }))}
                stem={clientName}
              />
            </li>
            {kinds.map((kind) => {
              const { name, about } = paperSpecs[kind];
              const { seen, pdf } = paperAddress({ clientId, kind, sheet, looks: [...chosen] });
              return (
                <li key={kind} className="grid gap-2 border-b border-rule px-4 py-3 last:border-b-0">
                  <div>
                    <h3 className="font-medium">{name}</h3>
                    <p className="text-small text-ink-soft">{about}</p>
                  </div>
                  <div className="flex flex-wrap items-center gap-2">
                    <ButtonLink
                      size="small"
                      href={seen}
                      aria-label={sayWith(papersWords.openPaperCalled, { paper: name.toLowerCase() })}
                    >
                      {papersWords.openPaper}
                    </ButtonLink>
                    <SavePdf
                      size="small"
                      address={pdf}
                      fileName={`${fileStem(clientName, kind)}.pdf`}
                      label={sayWith(papersWords.savePaper, { paper: name.toLowerCase() })}
                    />
                  </div>
                </li>
              );
            })}
          </ul>
        </section>
        <PrivateLinks
          clientId={clientId}
          clientName={clientName}
          chosen={laid.flatMap(({ record }) => (chosen.has(record.id) ? [record.id] : []))}
          links={links}
          nameOf={(id) => {
            const shown = laid.find(({ record }) => record.id === id);
            return shown ? called(lookTitle(shown).name) : papersWords.aLookSince;
          }}
          now={now}
          actions={actions}
        />
      </div>
    </div>
  );
}
