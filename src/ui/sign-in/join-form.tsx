"use client";

import type { Joining } from "@/core/schema/forms/member-form";
import type { Outcome } from "@/core/schema/outcome";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";
import { CodeField, useCodeAsked } from "./code-field";

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
        You are to work with {studioName} as {role}, under <span className="font-medium">{email}</span>.
        {isKnown && " You have a password here already: it is the same."}
      </p>
      <RecordForm
        initial={{ token, userName: isKnown ? email : "", password: "", code: "" }}
        draft={null}
        schema={() => import("@/core/schema/forms/member-form").then(({ joiningForm }) => joiningForm)}
        onSave={sendIt}
        then={() => "/"}
        saveLabel="Join"
      >
        <div className="grid gap-4">
          {!isKnown && <TextField name="userName" label="Your name" />}
          <TextField
            name="password"
            label="Password"
            type="password"
            help={isKnown ? undefined : "Three or four words that do not belong together."}
          />
          {isCodeAsked && <CodeField />}
        </div>
      </RecordForm>
    </>
  );
}
