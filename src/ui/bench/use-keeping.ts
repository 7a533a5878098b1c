"use client";

import { useEffect, useRef, useState } from "react";
import type { LookRecord } from "@/core/studio/look-record";
import type { Outcome } from "@/core/schema/outcome";
import { clearWaiting, readWaiting, writeWaiting } from "./waiting-looks";

export type SaveLook = (look: LookRecord) => Promise<Outcome<null>>;

/** Where the keeping of the look stands; "waiting" is retried by itself. */
export type Keeping =
  { readonly state: "kept" | "keeping" | "waiting" } | { readonly state: "refused"; readonly say: string };

const settle = 350;
const retry = 4000;

/**
 * Keeps the look in the background. What has not reached the server stays in the browser's own store, so
 * that a closed tab or a stopped server loses nothing; it is sent again when either comes back.
 */
export function useKeeping(look: LookRecord, save: SaveLook | null): Keeping {
  const [keeping, setKeeping] = useState<Keeping>({ state: "kept" });
  const first = useRef(look);
  const newest = useRef(look);

  useEffect(() => {
    if (!save) return;
    void Promise.all(readWaiting(first.current.clientId).map((waiting) => send(save, waiting)));
  }, [save]);

  useEffect(() => {
    newest.current = look;
    if (!save || look === first.current) return;
    writeWaiting(look);
    setKeeping({ state: "keeping" });
    let timer: ReturnType<typeof setTimeout>;
    const attempt = async () => {
      const outcome = await send(save, look);
      if (newest.current !== look) return;
      if (outcome === "unreachable") {
        setKeeping({ state: "waiting" });
        timer = setTimeout(() => void attempt(), retry);
      } else
        setKeeping(outcome.ok ? { state: "kept" } : { state: "refused", say: outcome.faults[0]?.say ?? "" });
    };
    timer = setTimeout(() => void attempt(), settle);
    return () => clearTimeout(timer);
  }, [look, save]);

  return keeping;
}

async function send(save: SaveLook, look: LookRecord): Promise<Outcome<null> | "unreachable"> {
  try {
    const outcome = await save(look);
    if (!outcome.ok && outcome.faults.some(({ field }) => field === "database")) return "unreachable";
    clearWaiting(look);
    return outcome;
  } catch {
    return "unreachable";
  }
}
