"use client";

import { useState, type ReactNode } from "react";
import type { MeasurementName } from "@/core/body/measurements";
import { families } from "@/core/colour/family";
import { hairForms, landingPreferences, undertones } from "@/core/piece/client";
import type { RuleBook } from "@/core/rule-book/rule-book";
import type { Outcome } from "@/core/schema/outcome";
import type { ClientInput, Taken } from "@/core/studio/client-record";
import { ColourField } from "../kit/form/colour-field";
import { ChoiceField, FlagField, TextField, wordsAsOptions } from "../kit/form/fields";
import { LengthField } from "../kit/form/number-fields";
import { RecordForm } from "../kit/form/record-form";
import { WordsField } from "../kit/form/words-field";
import { BodyChart } from "./body-chart";
import { MeasurementFields } from "./measurement-fields";
import { MeasurementHistory } from "./measurement-history";
import { RuleBookFields } from "./rule-book-fields";
import { newClient } from "./new-client";

interface ClientFormProps {
  /** Null for a new client. */
  readonly id: string | null;
  readonly version: number | null;
  readonly initial: ClientInput | null;
  /** The rule book a new client starts from. */
  readonly studioBook?: RuleBook;
  readonly history: readonly Taken[];
  readonly save: (input: unknown) => Promise<Outcome<string>>;
  readonly actions?: ReactNode;
}

/** A client's figures on a drawn body, colouring, limits and rule book. */
export function ClientForm(props: ClientFormProps) {
  const { id, version, initial, studioBook = newClient.ruleBook, history, save, actions } = props;
  const [active, setActive] = useState<MeasurementName | null>(null);
  return (
    <RecordForm
      initial={{ id, version, ...(initial ?? { ...newClient, ruleBook: studioBook }) }}
      draft={`client.${id ?? "new"}`}
      schema={() => import("@/core/schema/forms/client-form").then(({ clientForm }) => clientForm)}
      onSave={save}
      then={(saved) => (id ? `/clients/${saved}/figures` : `/clients/${saved}`)}
      deed="measure"
      saveLabel={id ? "Keep changes" : "Add client"}
      savedSay={id ? "The client is kept." : "The client is on record."}
      actions={actions}
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[23rem_minmax(0,1fr)]">
        <BodyChart active={active} />
        <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-7">
          <TextField name="name" label="Name" className="max-w-96" />
          <MeasurementFields active={active} onActive={setActive} />
          <MeasurementHistory history={history} />
          <fieldset>
            <legend className="mb-2 font-serif text-lead">Colouring</legend>
            <div className="grid grid-cols-2 gap-3 xl:grid-cols-5">
              <ColourField name="colouring.skin" label="Skin" />
              <ColourField name="colouring.hair" label="Hair" />
              <ColourField name="colouring.eyes" label="Eyes" />
              <ChoiceField
                name="colouring.hairForm"
                label="Hair, how worn"
                none="Not said"
                options={wordsAsOptions(hairForms)}
              />
              <ChoiceField
                name="colouring.undertone"
                label="Undertone"
                options={wordsAsOptions(undertones)}
              />
            </div>
          </fieldset>
          <fieldset>
            <legend className="mb-1 font-serif text-lead">Limits</legend>
            <p className="mb-2 text-ink-soft">Facts, told once and kept everywhere.</p>
            <div className="grid grid-cols-2 gap-x-4 gap-y-1 xl:grid-cols-3">
              <LengthField name="limits.heel" label="Highest heel" help="empty: none set" empty={null} />
              <LengthField
                name="limits.hemAboveKnee"
                label="Hem above the knee, at most"
                help="empty: none set"
                empty={null}
              />
              <FlagField name="limits.noLeather" label="No leather" />
              <FlagField name="limits.coveredShoulders" label="Shoulders covered" />
              <FlagField name="limits.coveredAnkles" label="Ankles covered" />
              <FlagField name="limits.nickelAllergy" label="Nickel allergy" />
              <FlagField name="limits.clipEarrings" label="Clip earrings only" />
              <FlagField name="seated" label="Dressed seated" help="hems are read with the knees bent" />
            </div>
          </fieldset>
          <fieldset>
            <legend className="mb-1 font-serif text-lead">Asks of an outfit</legend>
            <p className="mb-2 text-ink-soft">The client's own wishes; nothing is prescribed.</p>
            <div className="grid grid-cols-2 items-start gap-x-4 gap-y-1 xl:grid-cols-3">
              <FlagField name="goals.longerLegLine" label="A longer leg line" />
              <FlagField name="goals.moreWaist" label="More waist" />
              <ChoiceField
                name="goals.bagLands"
                label="Likes a bag to lie at the"
                options={wordsAsOptions(landingPreferences)}
                none="Waist to hip"
              />
            </div>
            <WordsField name="limits.neverColours" label="Never wears" words={families} />
          </fieldset>
          <RuleBookFields clientId={id} />
          <TextField name="notes" label="Notes" rows={3} />
        </div>
      </div>
    </RecordForm>
  );
}
