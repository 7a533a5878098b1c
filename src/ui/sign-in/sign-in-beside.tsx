"use client";

import { useStore } from "zustand";
import type { Credentials, SignedIn } from "@/core/schema/forms/sign-in-form";
import { studioOfScope } from "@/core/studio/scope";
import type { Outcome } from "@/core/schema/outcome";
import { signInWords } from "@/words/sign-in";
import { Dialog } from "../kit/dialog";
import { useDraftScope } from "../kit/draft-scope";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";
import { CodeField, useCodeAsked } from "./parts/code-field";
import { settleSignIn, signedOut } from "../kit/signed-out";

interface SignInBesideProps {
  readonly signIn: (input: Credentials & { readonly studioId: string }) => Promise<Outcome<SignedIn>>;
}

/** Signing in beside a page whose session has ended: what was typed stays, and goes on where it was. */
export function SignInBeside({ signIn }: SignInBesideProps) {
  const isAsked = useStore(signedOut, ({ waiting }) => waiting.length > 0);
  const scope = useDraftScope();
  const { isCodeAsked, sendIt } = useCodeAsked(signIn);
  if (!isAsked) return null;
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && settleSignIn(false)}
      title={signInWords.youAreSignedOut}
      about={signInWords.everythingOnThisPageIs}
    >
      <RecordForm
        initial={{ email: "", password: "", code: "" }}
        draft={null}
        schema={() => import("@/core/schema/forms/sign-in-form").then(({ signInForm }) => signInForm)}
        onSave={async (input) => {
          const outcome = await sendIt({ ...input, studioId: studioOfScope(scope) });
          if (!outcome.ok) return outcome;
          // What lies on this page is another person's: it waits in the browser for her.
          if (outcome.value.scope !== scope) location.assign("/");
          else settleSignIn(true);
          return { ok: true, value: null };
        }}
        then={() => null}
        saveLabel={signInWords.signIn}
      >
        <div className="grid gap-4">
          <TextField name="email" label={signInWords.email} type="email" />
          <TextField name="password" label={signInWords.password} type="password" />
          {isCodeAsked && <CodeField />}
        </div>
      </RecordForm>
    </Dialog>
  );
}
