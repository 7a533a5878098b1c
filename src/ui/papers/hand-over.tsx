"use client";

import { useState } from "react";
import { dayLayer, type DayRecords } from "@/core/studio/shown-look";
import type { LinkRecord } from "@/core/studio/link-record";
import type { LookRecord } from "@/core/studio/look-record";
import { called } from "@/core/words/called";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { ButtonLink } from "../kit/button";
import { Empty } from "../kit/page";
import { ChooseLooks } from "./parts/choose-looks";
import { lookTitle } from "./words/look-title";
import { PapersToMake } from "./parts/papers-to-make";
import { PrivateLinks, type LinkActions } from "./parts/private-links";
import { answerWords } from "./words/say-reply";

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

/** What is handed over to a client: her looks, chosen, and the papers made of them. */
export function HandOver(props: HandOverProps) {
  const { clientId, clientName, looks, chosenFirst, links, now, actions, ...made } = props;
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(chosenFirst));
  const layer = dayLayer(made);
  const laid = looks.flatMap((look) => layer(look) ?? []);
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
      <ChooseLooks laid={laid} answered={newestAnswers(links)} chosen={chosen} onChoose={setChosen} />
      <div className="grid gap-6">
        <PapersToMake clientId={clientId} clientName={clientName} laid={laid} chosen={chosen} />
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

/** What the client said of each look; of several answers the newest counts. */
function newestAnswers(links: readonly LinkRecord[]): ReadonlyMap<string, string> {
  return new Map(
    links
      .flatMap(({ replies }) => replies)
      .sort((one, other) => one.at.localeCompare(other.at))
      .map(({ lookId, answer }) => [lookId, answerWords[answer].toLowerCase()]),
  );
}
