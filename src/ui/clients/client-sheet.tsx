import { Link } from "../kit/link";
import type { ReactNode } from "react";
import type { ClientRecord } from "@/core/studio/client-record";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";
import { papersWords } from "@/words/papers";
import { wholeWords } from "@/words/whole";
import { ButtonLink } from "../kit/button";
import { Page } from "../kit/page";

/** The places of a client: what each is called, and where it stands below the client. */
const places = [
  { place: "bases", name: clientsWords.bases, at: "" },
  { place: "occasions", name: clientsWords.occasions, at: "/occasions" },
  { place: "figures", name: clientsWords.figuresAndLimits, at: "/figures" },
  { place: "rules", name: clientsWords.ruleBook, at: "/rules" },
  { place: "journal", name: clientsWords.journal, at: "/journal" },
  { place: "papers", name: papersWords.handOver, at: "/papers" },
  { place: "whole", name: wholeWords.record, at: "/whole" },
] as const;
type ClientPlace = (typeof places)[number]["place"];

interface ClientSheetProps {
  readonly here: ClientPlace;
  readonly record: ClientRecord;
  readonly counts: { readonly bases: number; readonly sets: number; readonly occasions: number };
  readonly children: ReactNode;
}

/** One of a client's places: whose it is, the others, and the ways to the rail, the sets and the bench. */
export function ClientSheet({ here, record: { client, notes }, counts, children }: ClientSheetProps) {
  const { id, name } = client;
  return (
    <Page
      title={name}
      about={notes}
      actions={
        <>
          <ButtonLink href={`/rail?client=${id}`}>{clientsWords.seeTheRail}</ButtonLink>
          <ButtonLink href={`/sets?client=${id}`}>
            {sayWith(clientsWords.sets, { sets: counts.sets })}
          </ButtonLink>
          {counts.bases === 0 ? (
            <ButtonLink look="strong" href={`/clients/${id}/bases/new`}>
              {clientsWords.layOutABase}
            </ButtonLink>
          ) : (
            <ButtonLink look="strong" href={`/bench?client=${id}`}>
              {clientsWords.goToTheBench}
            </ButtonLink>
          )}
        </>
      }
    >
      <nav
        aria-label={sayWith(clientsWords.placesOf, { name })}
        className="mb-5 flex flex-wrap items-stretch gap-x-1 border-b border-rule-strong"
      >
        {places.map(({ place, name: called, at }) => (
          <Link
            key={place}
            href={`/clients/${id}${at}`}
            aria-current={place === here ? "page" : undefined}
            className={`relative flex h-10 touch:min-h-11 items-center px-3 hover:bg-paper ${place === here ? "font-semibold" : ""}`}
          >
            {called}
            {(place === "bases" || place === "occasions") && (
              <span className="tabular ml-1.5 text-tiny text-ink-soft">{counts[place]}</span>
            )}
            {place === here && (
              <span
                aria-hidden="true"
                className="absolute inset-x-2 -bottom-px border-b-2 border-dashed border-thread"
              />
            )}
          </Link>
        ))}
      </nav>
      {children}
    </Page>
  );
}
