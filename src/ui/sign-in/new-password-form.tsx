"use client";

import type { Outcome } from "@/core/schema/outcome";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";

interface NewPasswordFormProps {
  readonly token: string;
  readonly save: (input: { token: string; next: string }) => Promise<Outcome<null>>;
}

/** Sets a new password by the link of a letter. */
export function NewPasswordForm({ token, save }: NewPasswordFormProps) {
  return (
    <RecordForm
      initial={{ token, next: "" }}
      draft={null}
      schema={() => import("@/core/schema/forms/member-form").then(({ resetForm }) => resetForm)}
      onSave={save}
      then={() => "/sign-in"}
      saveLabel="Set it"
      savedSay="The new password holds. Sign in with it."
    >
      <TextField
        name="next"
        label="New password"
        type="password"
        help="Three or four words that do not belong together."
      />
    </RecordForm>
  );
}
