"use client";

import { useEffect, useState } from "react";
import type { ReadLine } from "@/core/intake/line";

/** What a line is understood as; null until the vocabulary has come, or where nothing is written. */
export function useLine(line: string): ReadLine | null {
  const [answer, setAnswer] = useState<{ readonly of: string; readonly read: ReadLine } | null>(null);
  useEffect(() => {
    if (line.trim() === "") return undefined;
    let isWanted = true;
    // The vocabulary is fetched with the first word that is written.
    void import("@/core/intake/line").then(({ readLine }) => {
      if (isWanted) setAnswer({ of: line, read: readLine(line) });
    });
    return () => {
      isWanted = false;
    };
  }, [line]);
  return answer?.of === line ? answer.read : null;
}
