"use client";

import type { Outcome } from "@/core/schema/outcome";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";

interface SignInFormProps {
  readonly signIn: (input: { email: string; password: string }) => Promise<Outcome<null>>;
  /** The demo's own sign-in, shown and filled in only in demo mode. */
  readonly demo: { readonly email: string; readonly password: string } | null;
}

/** Email and password. */
export function SignInForm({ signIn, demo }: SignInFormProps) {
  return (
    <>
      <RecordForm
        initial={{ email: demo?.email ?? "", password: demo?.password ?? "" }}
        schema={() => import("@/core/schema/forms/sign-in-form").then(({ signInForm }) => signInForm)}
        onSave={signIn}
        then={() => "/"}
        saveLabel="Sign in"
      >
        <div className="grid gap-4">
          <TextField name="email" label="Email" type="email" />
          <TextField name="password" label="Password" type="password" />
        </div>
      </RecordForm>
      {demo && (
        <p className="mt-6 border-l-2 border-rule-strong pl-3 text-ink-soft">
          This is the demo. Its sign-in is filled in:{" "}
          <span className="font-medium text-ink">{demo.email}</span>, password{" "}
          <span className="font-medium text-ink">{demo.password}</span>.
        </p>
      )}
    </>
  );
}
