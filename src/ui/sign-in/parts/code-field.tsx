"use client";

import { useState } from "react";
import { flushSync } from "react-dom";
import type { Outcome } from "@/core/schema/outcome";
import { signInWords } from "@/words/sign-in";
import { TextField } from "../../kit/form/fields";

/** Sends a sign-in, and says whether its answer has asked for the code of a second step. */
export function useCodeAsked<I, O>(send: (input: I) => Promise<Outcome<O>>) {
  const [isCodeAsked, setAsked] = useState(false);
  return {
    isCodeAsked,
    sendIt: async (input: I) => {
      const outcome = await send(input);
      // The field has to be there before the form says its sentence at it.
      if (!outcome.ok && outcome.faults.some(({ field }) => field === "code"))
        flushSync(() => setAsked(true));
      return outcome;
    },
  };
}

/** Where the code of a second step is typed. */
export function CodeField() {
  return (
    <TextField
      name="code"
      label={signInWords.code}
      autoComplete="one-time-code"
      help={signInWords.sixDigitsFromTheApp}
    />
  );
}
