"use client";

import { startWords } from "@/words/start";
import { TextField } from "../../kit/form/fields";
import { LengthField } from "../../kit/form/number-fields";
import { RecordForm } from "../../kit/form/record-form";
import { newClient } from "../../clients/state/new-client";
import type { StartActions } from "../start";

interface FirstClientProps {
  readonly save: StartActions["saveClient"];
  readonly onSaved: () => void;
}

/** A client by name and height; all other measures are estimated from it until they are taken. */
export function FirstClient({ save, onSaved }: FirstClientProps) {
  return (
    <RecordForm
      initial={{ id: null, version: null, ...newClient }}
      draft="client.first"
      schema={() => import("@/core/schema/forms/client-form").then(({ clientForm }) => clientForm)}
      onSave={(input) => save(input as Parameters<StartActions["saveClient"]>[0])}
      then={() => null}
      onKept={onSaved}
      deed="measure"
      saveLabel={startWords.thisIsHer}
    >
      <div className="grid max-w-120 grid-cols-[minmax(0,1fr)_9rem] gap-3">
        <TextField name="name" label={startWords.name} />
        <LengthField name="measured.height" label={startWords.height} />
      </div>
      <p className="mt-2 text-ink-soft">{startWords.restIsEstimated}</p>
    </RecordForm>
  );
}
