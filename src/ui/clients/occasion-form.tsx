"use client";

import type { ReactNode } from "react";
import { dressCodeFlags, grounds, lights, type Occasion } from "@/core/piece/occasion";
import { carriedNames } from "@/core/piece/carried";
import { ladder } from "@/core/register/ladder";
import type { Outcome } from "@/core/schema/outcome";
import { ChoiceField, TextField, wordsAsOptions } from "../kit/form/fields";
import { WordsField } from "../kit/form/words-field";
import { NumberField } from "../kit/form/number-fields";
import { RecordForm } from "../kit/form/record-form";
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
      saveLabel={id ? "Keep changes" : "Add occasion"}
      savedSay="The occasion is kept."
      actions={actions}
    >
      <div className="grid max-w-[56rem] gap-6 border border-rule-strong bg-paper p-6">
        <div className="grid gap-4 sm:grid-cols-3">
          <TextField name="occasion.name" label="Occasion" />
          <TextField name="occasion.place" label="Place" />
          <TextField name="occasion.day" label="Day" type="date" />
        </div>
        <fieldset>
          <legend className="mb-2 font-serif text-lead">What it asks</legend>
          <div className="grid gap-4 sm:grid-cols-2">
            <LevelField name="occasion.span.low" label="Lowest level" words={ladder} />
            <LevelField name="occasion.span.high" label="Highest level" words={ladder} />
          </div>
          <WordsField name="occasion.flags" label="Dress code" words={dressCodeFlags} />
          <WordsField name="occasion.mustCarry" label="Must carry" words={carriedNames} />
        </fieldset>
        <fieldset>
          <legend className="mb-2 font-serif text-lead">Weather and ground</legend>
          <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
            <NumberField name="occasion.temperature" label="Temperature" suffix="°C" empty={null} />
            <NumberField name="occasion.rain" label="Chance of rain" suffix="%" scale={100} empty={null} />
            <NumberField name="occasion.wind" label="Wind" suffix="m/s" empty={null} />
            <ChoiceField name="occasion.ground" label="Ground" options={wordsAsOptions(grounds)} />
            <ChoiceField name="occasion.light" label="Light" options={wordsAsOptions(lights)} />
            <NumberField name="occasion.onFoot" label="Time on foot" suffix="min" empty={null} />
          </div>
        </fieldset>
      </div>
    </RecordForm>
  );
}
