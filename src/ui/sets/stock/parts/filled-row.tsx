"use client";

import type { Client } from "@/core/piece/client";
import type { Piece } from "@/core/piece/piece";
import { coherenceOf } from "@/core/sets/coherence";
import type { SetTemplate } from "@/core/sets/template";
import type { NamedPieces } from "@/core/studio/bench-source";
import { listed } from "@/core/words/called";
import type { FilledOf } from "@/workers/answers";
import { Plate } from "../../../drawing/plate";
import { Button, ButtonLink } from "../../../kit/button";
import { useDraft } from "../../../kit/form/use-draft";
import { PutAway } from "../../../kit/form/put-away";
import { CoherenceLine } from "../../parts/coherence-line";
import type { Outcome } from "@/core/schema/outcome";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { missingWords, templateWords } from "../words/template-words";

interface FilledRowProps {
  readonly template: SetTemplate;
  /** Id of a template of the studio's own; null for a ready one. */
  readonly templateId: string | null;
  readonly filled: FilledOf | undefined;
  readonly client: Client;
  readonly bases: readonly NamedPieces[];
  readonly pieces: readonly Piece[];
  /** The name it was kept under; null while it was not. */
  readonly kept: string | null;
  readonly onKeep: (name: string) => void;
  readonly moveTemplate: (input: { id: string; away: boolean }) => Promise<Outcome<null>>;
}

/** One template, the set that fills it, what it serves and what is missing for it. */
export function FilledRow(props: FilledRowProps) {
  const { template, templateId, filled, client, bases, pieces, moveTemplate } = props;
  const worn = (filled?.pieceIds ?? []).flatMap((id) => pieces.find((piece) => piece.id === id) ?? []);
  const serves = (filled?.serves ?? []).flatMap((i) => bases[i]?.name ?? []);
  const isFilled = worn.length > 0;
  return (
    <li className="border border-rule-strong bg-paper px-4 py-3">
      <div className="grid gap-x-4 gap-y-2 lg:grid-cols-[19rem_minmax(0,1fr)]">
        <div>
          <h2 className="text-lead leading-tight">{template.name}</h2>
          <p className="text-ink-soft">{templateWords(template)}</p>
          {templateId && (
            <PutAway
              deed="keep house"
              id={templateId}
              name={template.name}
              move={moveTemplate}
              then={`/sets/stock?client=${client.id}`}
            />
          )}
        </div>
        {isFilled ? (
          <Plates worn={worn} />
        ) : (
          <p className="self-center text-ink-soft">
            {filled ? setsWords.noThreePiecesOnThe : setsWords.lookingThroughTheRail}
          </p>
        )}
      </div>
      {isFilled && (
        <div className="mt-2 grid gap-1.5">
          <p className="text-tiny">{worn.map((piece) => piece.name).join(", ")}</p>
          <CoherenceLine pieces={worn} client={client} coherence={coherenceOf(worn, client)} />
          <p className="tabular text-ink-soft">
            {sayWith(setsWords.servesOfBasesWord, { servesCount: serves.length, basesCount: bases.length })}
            {serves.length > 0 && `: ${listed(serves)}`}
          </p>
        </div>
      )}
      {filled && filled.missing.length > 0 && (
        <p className="mt-1.5">
          <strong className="font-semibold">{setsWords.missing}</strong>{" "}
          {missingWords(filled.missing, template)}.
        </p>
      )}
      {isFilled && <KeepFilled {...props} worn={worn} />}
    </li>
  );
}

interface KeepFilledProps extends Pick<
  FilledRowProps,
  "template" | "templateId" | "client" | "kept" | "onKeep"
> {
  readonly worn: readonly Piece[];
}

/** Keeps the set that fills a template, under a name; or says under which it was kept. */
function KeepFilled({ template, templateId, client, kept, onKeep, worn }: KeepFilledProps) {
  const name = useDraft(`stock.${client.id}.${templateId ?? template.name}`, template.name);
  return (
    <form
      className="mt-3 flex flex-wrap items-center gap-2"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onKeep(name.value);
        name.settle(name.value);
      }}
    >
      {kept === null ? (
        <>
          <label className="flex items-center gap-2">
            <span className="text-ink-soft">{setsWords.name}</span>
            <input
              value={name.value}
              onChange={(event) => name.change(event.target.value)}
              aria-label={sayWith(setsWords.nameOfTheSetFor, { template: template.name })}
              className="h-8 w-56 border border-rule-strong bg-white px-2 font-serif text-body"
            />
          </label>
          <Button type="submit" size="small">
            {setsWords.keepSet}
          </Button>
          <ButtonLink
            look="quiet"
            size="small"
            href={`/sets/build?${new URLSearchParams({ client: client.id, name: name.value, pieces: worn.map(({ id }) => id).join() }).toString()}`}
          >
            {setsWords.varyItFirst}
          </ButtonLink>
        </>
      ) : (
        <p role="status">{sayWith(setsWords.keptAs, { kept })}</p>
      )}
    </form>
  );
}

function Plates({ worn }: { readonly worn: readonly Piece[] }) {
  return (
    <div className="flex flex-wrap items-end gap-3 border-b border-ink">
      {worn.map((piece) => (
        <span key={piece.id} title={piece.name} className="flex min-w-0 flex-col items-center">
          <Plate piece={piece} className="h-16 w-22" />
        </span>
      ))}
    </div>
  );
}
