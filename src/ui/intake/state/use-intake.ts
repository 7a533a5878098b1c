"use client";

import { wrap, type Remote } from "comlink";
import { useEffect, useState } from "react";
import type { Intake } from "@/workers/intake";

/** The worker that reads lines, tables and photos; null until the page runs in a browser. */
export function useIntake(): Remote<Intake> | null {
  const [intake, setIntake] = useState<Remote<Intake> | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL("../../../workers/intake.ts", import.meta.url), { type: "module" });
    // The server has no worker: the page is laid out without it. A remote answers to every property, and so would
    // pass for an updater.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setIntake(() => wrap<Intake>(worker));
    return () => {
      setIntake(null);
      worker.terminate();
    };
  }, []);
  return intake;
}
