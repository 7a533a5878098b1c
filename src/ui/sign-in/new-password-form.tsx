"use client";

import type { Outcome } from "@/core/schema/outcome";
import { signInWords } from "@/words/sign-in";
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
      saveLabel={signInWords.setIt}
      savedSay={signInWords.theNewPasswordHoldsSign}
    >
      <TextField
        name="next"
        label={signInWords.newPassword}
        type="password"
        help={signInWords.threeOrFourWordsThat}
      />
    </RecordForm>
  );
}
