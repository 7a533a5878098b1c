"use client";

import { useState, type ReactNode } from "react";
import type { MeasurementName } from "@/core/body/measurements";
import { families } from "@/core/colour/family";
import { hairForms, landingPreferences, undertones } from "@/core/piece/client";
import type { RuleBook } from "@/core/rule-book/rule-book";
import type { Outcome } from "@/core/schema/outcome";
import type { ClientInput, Taken } from "@/core/studio/client-record";
import { clientsWords } from "@/words/clients";
import { ColourField } from "../kit/form/colour-field";
import { ChoiceField, FlagField, TextField, wordsAsOptions } from "../kit/form/fields";
import { LengthField } from "../kit/form/number-fields";
import { RecordForm } from "../kit/form/record-form";
import { WordsField } from "../kit/form/words-field";
import { BodyChart } from "./parts/body-chart";
import { MeasurementFields } from "./parts/measurement-fields";
import { MeasurementHistory } from "./parts/measurement-history";
import { RuleBookFields } from "./parts/rule-book-fields";
import { newClient } from "./state/new-client";

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
      saveLabel={id ? clientsWords.keepChanges : clientsWords.addClient}
      savedSay={id ? clientsWords.theClientIsKept : clientsWords.theClientIsOnRecord}
      actions={actions}
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[23rem_minmax(0,1fr)]">
        <BodyChart active={active} />
        <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-7">
          <TextField name="name" label={clientsWords.name} className="max-w-96" />
          <MeasurementFields active={active} onActive={setActive} />
          <MeasurementHistory history={history} />
          <Colouring />
          <Limits />
          <Wishes />
          <RuleBookFields clientId={id} />
          <TextField name="notes" label={clientsWords.notes} rows={3} />
        </div>
      </div>
    </RecordForm>
  );
}

function Colouring() {
  return (
    <fieldset>
      <legend className="mb-2 font-serif text-lead">{clientsWords.colouring}</legend>
      <div className="grid grid-cols-2 gap-3 xl:grid-cols-5">
        <ColourField name="colouring.skin" label={clientsWords.skin} empty={null} />
        <ColourField name="colouring.hair" label={clientsWords.hair} empty={null} />
        <ColourField name="colouring.eyes" label={clientsWords.eyes} empty={null} />
        <ChoiceField
          name="colouring.hairForm"
          label={clientsWords.hairHowWorn}
          none={clientsWords.notSaid}
          options={wordsAsOptions(hairForms)}
        />
        <ChoiceField
          name="colouring.undertone"
          label={clientsWords.undertone}
          none={clientsWords.notSaid}
          options={wordsAsOptions(undertones)}
        />
      </div>
    </fieldset>
  );
}

function Limits() {
  return (
    <fieldset>
      <legend className="mb-1 font-serif text-lead">{clientsWords.limits}</legend>
      <p className="mb-2 text-ink-soft">{clientsWords.factsToldOnceAndKept}</p>
      <div className="grid grid-cols-2 gap-x-4 gap-y-1 xl:grid-cols-3">
        <LengthField
          name="limits.heel"
          label={clientsWords.highestHeel}
          help={clientsWords.emptyNoneSet}
          empty={null}
        />
        <LengthField
          name="limits.hemAboveKnee"
          label={clientsWords.hemAboveTheKneeAt}
          help={clientsWords.emptyNoneSet}
          empty={null}
        />
        <FlagField name="limits.noLeather" label={clientsWords.noLeather} />
        <FlagField name="limits.coveredShoulders" label={clientsWords.shouldersCovered} />
        <FlagField name="limits.coveredAnkles" label={clientsWords.anklesCovered} />
        <FlagField name="limits.nickelAllergy" label={clientsWords.nickelAllergy} />
        <FlagField name="limits.clipEarrings" label={clientsWords.clipEarringsOnly} />
        <FlagField
          name="limits.nothingLoose"
          label={clientsWords.nothingLoose}
          help={clientsWords.nothingLooseHint}
        />
        <FlagField name="seated" label={clientsWords.dressedSeated} help={clientsWords.hemsAreReadWithThe} />
      </div>
    </fieldset>
  );
}

function Wishes() {
  return (
    <fieldset>
      <legend className="mb-1 font-serif text-lead">{clientsWords.asksOfAnOutfit}</legend>
      <p className="mb-2 text-ink-soft">{clientsWords.theClientsOwnWishesNothing}</p>
      <div className="grid grid-cols-2 items-start gap-x-4 gap-y-1 xl:grid-cols-3">
        <FlagField name="goals.longerLegLine" label={clientsWords.aLongerLegLine} />
        <FlagField name="goals.moreWaist" label={clientsWords.moreWaist} />
        <ChoiceField
          name="goals.bagLands"
          label={clientsWords.likesABagToLie}
          options={wordsAsOptions(landingPreferences)}
          none={clientsWords.waistToHip}
        />
      </div>
      <WordsField name="limits.neverColours" label={clientsWords.neverWears} words={families} />
    </fieldset>
  );
}
