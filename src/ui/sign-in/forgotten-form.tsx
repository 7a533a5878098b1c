"use client";

import { useState } from "react";
import type { Outcome } from "@/core/schema/outcome";
import { signInWords } from "@/words/sign-in";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";

/** Asks for a way to a new password. */
export function ForgottenForm({
  ask,
}: {
  readonly ask: (input: { email: string }) => Promise<Outcome<null>>;
}) {
  const [sent, setSent] = useState(false);
  if (sent) return <p role="status">{signInWords.ifSomebodyWorksHereUnder}</p>;
  return (
    <RecordForm
      initial={{ email: "" }}
      draft={null}
      schema={() => import("@/core/schema/forms/member-form").then(({ forgottenForm }) => forgottenForm)}
      onSave={ask}
      then={() => null}
      onKept={() => setSent(true)}
      saveLabel={signInWords.sendTheLink}
    >
      <TextField name="email" label={signInWords.email} type="email" />
    </RecordForm>
  );
}
