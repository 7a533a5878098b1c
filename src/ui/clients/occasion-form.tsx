"use client";

import type { ReactNode } from "react";
import { dressCodeFlags, grounds, lights, type Occasion } from "@/core/piece/occasion";
import { carriedNames } from "@/core/piece/carried";
import { ladder } from "@/core/register/ladder";
import type { Outcome } from "@/core/schema/outcome";
import { clientsWords } from "@/words/clients";
import { ChoiceField, TextField, wordsAsOptions } from "../kit/form/fields";
import { WordsField } from "../kit/form/words-field";
import { NumberField } from "../kit/form/number-fields";
import { RecordForm } from "../kit/form/record-form";
import { WeatherFields } from "./parts/weather-fields";
import { LevelField } from "../kit/form/level-field";

interface OccasionFormProps {
  readonly id: string | null;
  readonly version: number | null;
  readonly clientId: string;
  readonly initial: Omit<Occasion, "id">;
  readonly save: (input: unknown) => Promise<Outcome<string>>;
  readonly actions?: ReactNode;
}

/** The brief of an occasion: when, where, what it asks, what the weather does. */
export function OccasionForm({ id, version, clientId, initial, save, actions }: OccasionFormProps) {
  return (
    <RecordForm
      initial={{ id, version, clientId, occasion: initial }}
      draft={`occasion.${id ?? `new.${clientId}`}`}
      schema={() => import("@/core/schema/forms/occasion-form").then(({ occasionForm }) => occasionForm)}
      onSave={save}
      then={() => `/clients/${clientId}/occasions`}
      deed="work"
      saveLabel={id ? clientsWords.keepChanges : clientsWords.addOccasion}
      savedSay={clientsWords.theOccasionIsKept}
      actions={actions}
    >
      <div className="grid max-w-[56rem] gap-6 border border-rule-strong bg-paper p-6">
        <div className="grid gap-4 sm:grid-cols-3">
          <TextField name="occasion.name" label={clientsWords.occasion} />
          <TextField name="occasion.place" label={clientsWords.place} />
          <TextField name="occasion.day" label={clientsWords.day} type="date" />
        </div>
        <fieldset>
          <legend className="mb-2 font-serif text-lead">{clientsWords.whatItAsks}</legend>
          <div className="grid gap-4 sm:grid-cols-2">
            <LevelField name="occasion.span.low" label={clientsWords.lowestLevel} words={ladder} />
            <LevelField name="occasion.span.high" label={clientsWords.highestLevel} words={ladder} />
          </div>
          <TextField
            name="occasion.company"
            label={clientsWords.company}
            help={clientsWords.companyHelp}
            className="mt-4 sm:w-1/2"
          />
          <WordsField name="occasion.flags" label={clientsWords.dressCode} words={dressCodeFlags} />
          <WordsField name="occasion.mustCarry" label={clientsWords.mustCarry} words={carriedNames} />
        </fieldset>
        <fieldset>
          <legend className="mb-2 font-serif text-lead">{clientsWords.weatherAndGround}</legend>
          <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
            <WeatherFields />
            <ChoiceField
              name="occasion.ground"
              label={clientsWords.ground}
              options={wordsAsOptions(grounds)}
            />
            <ChoiceField name="occasion.light" label={clientsWords.light} options={wordsAsOptions(lights)} />
            <NumberField name="occasion.onFoot" label={clientsWords.timeOnFoot} suffix="min" empty={null} />
          </div>
        </fieldset>
      </div>
    </RecordForm>
  );
}
