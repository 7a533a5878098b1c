"use client";

import { useRef, type ReactNode } from "react";
import { useController, useWatch } from "react-hook-form";
import { baseFault } from "@/core/piece/base-fault";
import { dress } from "@/core/dressing/dress";
import type { Client } from "@/core/piece/client";
import { placeOf, type Piece } from "@/core/piece/piece";
import { phrase } from "@/core/reading/phrase";
import { read } from "@/core/reading/read";
import { bySeverity } from "@/core/reading/severity";
import { refused, type Outcome } from "@/core/schema/outcome";
import type { GroupInput } from "@/core/studio/group-record";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";
import { describeLook } from "../drawing/describe";
import { Figure } from "../drawing/figure/figure";
import { Plate } from "../drawing/plate";
import { TextField } from "../kit/form/fields";
import { fieldId } from "../kit/form/field-id";
import { RecordForm } from "../kit/form/record-form";
import { useLengthUnit } from "../kit/length-unit";
import { Mark, wordOf } from "../kit/marks";
import { Toggle } from "../kit/toggle";

interface BaseFormProps {
  readonly id: string | null;
  readonly version: number | null;
  readonly initial: GroupInput;
  readonly client: Client;
  readonly garments: readonly Piece[];
  readonly save: (input: unknown) => Promise<Outcome<string>>;
  readonly actions?: ReactNode;
}

/** Garments laid out to a base, drawn on the client and read bare as they are chosen. */
export function BaseForm({ id, version, initial, client, garments, save, actions }: BaseFormProps) {
  const asked = useRef("");
  const saveOnceAsked = async (input: GroupInput) => {
    const garmentIds = input.pieceIds.join();
    const fault = baseFault(garmentsOf(garments, input.pieceIds));
    if (fault?.is !== "asked" || asked.current === garmentIds) return save(input);
    asked.current = garmentIds;
    return refused<string>("pieceIds", sayWith(clientsWords.ifItIsMeantSo, { say: fault.say }));
  };
  return (
    <RecordForm
      initial={{ id, version, ...initial }}
      draft={`base.${id ?? `new.${client.id}`}`}
      schema={() => import("@/core/schema/forms/group-form").then(({ groupForm }) => groupForm)}
      onSave={saveOnceAsked}
      then={(saved) => `/bench?client=${client.id}&base=${saved}`}
      deed="work"
      saveLabel={id ? clientsWords.keepChanges : clientsWords.layOutBase}
      savedSay={clientsWords.theBaseIsKeptAnd}
      actions={actions}
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div>
          <TextField name="name" label={clientsWords.nameOfTheBase} className="mb-5 max-w-96" />
          <GarmentChoice garments={garments} />
        </div>
        <BarePreview client={client} garments={garments} />
      </div>
    </RecordForm>
  );
}

const places = [
  { place: "whole", title: clientsWords.dresses },
  { place: "bottom", title: clientsWords.trousersAndSkirts },
  { place: "top", title: clientsWords.topsShirtsAndKnits },
  { place: "layer", title: clientsWords.jacketsAndCoats },
] as const;

function GarmentChoice({ garments }: { readonly garments: readonly Piece[] }) {
  const { field, fieldState } = useController({ name: "pieceIds" });
  const chosen = field.value as string[];
  const toggle = (id: string) =>
    field.onChange(chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id]);
  return (
    <fieldset id={fieldId("pieceIds")} tabIndex={-1}>
      <legend className="font-serif text-lead">{clientsWords.garments}</legend>
      {fieldState.error && <p className="font-medium text-thread">{fieldState.error.message}</p>}
      {garments.length === 0 && <p className="mt-2 text-ink-soft">{clientsWords.thereAreNoGarmentsOn}</p>}
      {places.map(({ place, title }) => {
        const here = garments.filter((piece) => placeOf(piece) === place);
        if (here.length === 0) return null;
        return (
          <div key={place} className="mt-4">
            <h2 className="mb-1.5 font-sans font-medium text-ink-soft">{title}</h2>
            <div className="grid grid-cols-[repeat(auto-fill,minmax(7.5rem,1fr))] gap-2">
              {here.map((piece) => {
                const on = chosen.includes(piece.id);
                return (
                  <Toggle
                    key={piece.id}
                    look="basted"
                    on={on}
                    onChange={() => toggle(piece.id)}
                    className="flex flex-col p-2 text-left"
                  >
                    <Plate piece={piece} className="h-24 w-full" />
                    <span className="mt-1 text-tiny leading-tight font-medium">{piece.name}</span>
                  </Toggle>
                );
              })}
            </div>
          </div>
        );
      })}
    </fieldset>
  );
}

function garmentsOf(garments: readonly Piece[], ids: readonly string[]): Piece[] {
  return ids.flatMap((id) => garments.find((piece) => piece.id === id) ?? []);
}

/** The base on the body and what it lacks, before any accessory. */
function BarePreview({ client, garments }: { readonly client: Client; readonly garments: readonly Piece[] }) {
  const unit = useLengthUnit();
  const ids = useWatch({ name: "pieceIds" }) as string[];
  const look = {
    client,
    garments: garmentsOf(garments, ids),
    accessories: [],
    adjustments: [],
    occasion: null,
  };
  const dressed = dress(look);
  const reading = read(look);
  const findings = [...reading.findings].sort(bySeverity);
  return (
    <aside
      className="surround-light sticky top-4 self-start border border-rule-strong"
      aria-label={clientsWords.theBaseBare}
    >
      <Figure dressed={dressed} unit={unit} label={describeLook(dressed, unit)} className="h-100 w-full" />
      <div className="border-t border-rule px-4 py-3" aria-live="polite">
        <p className="mb-1 font-serif text-body">{clientsWords.readBare}</p>
        {findings.length === 0 && (
          <p className="text-ink-soft">
            {look.garments.length === 0
              ? clientsWords.chooseGarments
              : clientsWords.nothingAsksForAnythingYet}
          </p>
        )}
        <ul className="grid gap-1">
          {findings.map((finding, i) => (
            <li key={i} className="grid grid-cols-[1.25rem_minmax(0,1fr)] gap-1.5">
              <Mark of={finding.effect} className="mt-0.5 size-4" />
              <span>
                <span className="sr-only">{wordOf(finding.effect)}: </span>
                {phrase(finding, unit)}
              </span>
            </li>
          ))}
        </ul>
      </div>
    </aside>
  );
}
