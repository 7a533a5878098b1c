"use client";

import { Link } from "../kit/link";
import type { Credentials, SignedIn } from "@/core/schema/forms/sign-in-form";
import type { Outcome } from "@/core/schema/outcome";
import { signInWords } from "@/words/sign-in";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";
import { CodeField, useCodeAsked } from "./parts/code-field";

interface SignInFormProps {
  readonly signIn: (input: Credentials) => Promise<Outcome<SignedIn>>;
  /** The demo's own sign-in, shown and filled in only in demo mode. */
  readonly demo: { readonly email: string; readonly password: string } | null;
}

/** Email and password, and the code of a second step where one is set up. */
export function SignInForm({ signIn, demo }: SignInFormProps) {
  const { isCodeAsked, sendIt } = useCodeAsked(signIn);
  return (
    <>
      <RecordForm
        initial={{ email: demo?.email ?? "", password: demo?.password ?? "", code: "" }}
        draft={null}
        schema={() => import("@/core/schema/forms/sign-in-form").then(({ signInForm }) => signInForm)}
        onSave={async (input) => {
          const outcome = await sendIt(input);
          return outcome.ok ? { ok: true, value: null } : outcome;
        }}
        then={() => "/"}
        saveLabel={signInWords.signIn}
      >
        <div className="grid gap-4">
          <TextField name="email" label={signInWords.email} type="email" />
          <TextField name="password" label={signInWords.password} type="password" />
          {isCodeAsked && <CodeField />}
        </div>
      </RecordForm>
      <p className="mt-4">
        <Link href="/forgotten" className="underline decoration-rule-strong underline-offset-4">
          {signInWords.forgottenYourPassword}
        </Link>
      </p>
      {demo && (
        <p className="mt-6 border-l-2 border-rule-strong pl-3 text-ink-soft">
          {signInWords.thisIsTheDemoIts} <span className="font-medium text-ink">{demo.email}</span>
          {signInWords.passwordLabel} <span className="font-medium text-ink">{demo.password}</span>.
        </p>
      )}
    </>
  );
}
