"use client";

import type { Joining } from "@/core/schema/forms/member-form";
import type { Outcome } from "@/core/schema/outcome";
import { sayWith } from "@/words/say";
import { signInWords } from "@/words/sign-in";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";
import { CodeField, useCodeAsked } from "./parts/code-field";

interface JoinFormProps {
  readonly token: string;
  readonly invitation: {
    readonly studioName: string;
    readonly email: string;
    readonly role: string;
    readonly isKnown: boolean;
  };
  readonly join: (input: Joining) => Promise<Outcome<null>>;
}

/** Takes an invitation up: with the password one has, or as somebody new. */
export function JoinForm({ token, invitation, join }: JoinFormProps) {
  const { email, role, studioName, isKnown } = invitation;
  const { isCodeAsked, sendIt } = useCodeAsked(join);
  return (
    <>
      <p className="mb-6">
        {sayWith(signInWords.youAreToWorkWith, { studioName, role })}{" "}
        <span className="font-medium">{email}</span>.{isKnown && signInWords.youHaveAPasswordHere}
      </p>
      <RecordForm
        initial={{ token, userName: isKnown ? email : "", password: "", code: "" }}
        draft={null}
        schema={() => import("@/core/schema/forms/member-form").then(({ joiningForm }) => joiningForm)}
        onSave={sendIt}
        then={() => "/"}
        saveLabel={signInWords.join}
      >
        <div className="grid gap-4">
          {!isKnown && <TextField name="userName" label={signInWords.yourName} />}
          <TextField
            name="password"
            label={signInWords.password}
            type="password"
            help={isKnown ? undefined : signInWords.threeOrFourWordsThat}
          />
          {isCodeAsked && <CodeField />}
        </div>
      </RecordForm>
    </>
  );
}
