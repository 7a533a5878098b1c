"use client";

import type { FirstRun } from "@/core/schema/forms/sign-in-form";
import type { Outcome } from "@/core/schema/outcome";
import { signInWords } from "@/words/sign-in";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";

/** Founds the first studio of an empty database. */
export function FirstRunForm({ found }: { readonly found: (input: FirstRun) => Promise<Outcome<null>> }) {
  return (
    <RecordForm
      initial={{ studioName: "", userName: "", email: "", password: "", code: "", timeZone: ownZone() }}
      draft={null}
      schema={() => import("@/core/schema/forms/sign-in-form").then(({ firstRunForm }) => firstRunForm)}
      onSave={found}
      then={() => "/start"}
      saveLabel={signInWords.setUpTheStudio}
    >
      <div className="grid gap-4">
        <TextField name="studioName" label={signInWords.studio} help={signInWords.asYourClientsKnowIt} />
        <TextField name="userName" label={signInWords.yourName} />
        <TextField name="email" label={signInWords.email} type="email" />
        <TextField
          name="password"
          label={signInWords.password}
          type="password"
          help={signInWords.threeOrFourWordsThat}
        />
        <TextField name="code" label={signInWords.codeOfTheFirstRun} help={signInWords.itWasPrintedWhenThe} />
      </div>
    </RecordForm>
  );
}

/** The time zone of this device. */
function ownZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}
