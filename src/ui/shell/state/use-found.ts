"use client";

import { useEffect, useState } from "react";
import type { Outcome } from "@/core/schema/outcome";
import type { FoundRecord } from "@/core/studio/found";
import { answerOf } from "../../kit/answer";

export type Find = (input: { words: string }) => Promise<Outcome<FoundRecord[]>>;

/** A pause in typing after which is looked, ms. */
const pause = 120;

/** What is found by the words typed; what was found before stays until there is something newer. */
export function useFound(
  find: Find,
  words: string,
): { readonly found: readonly FoundRecord[]; readonly busy: boolean } {
  const [answer, setAnswer] = useState<{ readonly of: string; readonly found: readonly FoundRecord[] }>({
    of: "",
    found: [],
  });
  const asked = words.trim();
  useEffect(() => {
    if (asked === "") return undefined;
    let current = true;
    const timer = setTimeout(() => {
      void answerOf(() => find({ words: asked })).then((outcome) => {
        if (current) setAnswer({ of: asked, found: outcome.ok ? outcome.value : [] });
      });
    }, pause);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [find, asked]);
  if (asked === "") return { found: [], busy: false };
  return { found: answer.found, busy: answer.of !== asked };
}
