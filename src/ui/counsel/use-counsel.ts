"use client";

import { wrap, type Remote } from "comlink";
import { useEffect, useState } from "react";
import type { Wardrobe } from "@/core/studio/wardrobe";
import type { Counsel } from "@/workers/counsel";

/** A worker that knows the wardrobe; null until the page runs in a browser. */
export function useCounsel(wardrobe: Wardrobe): Remote<Counsel> | null {
  const [counsel, setCounsel] = useState<Remote<Counsel> | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL("../../workers/counsel.ts", import.meta.url), { type: "module" });
    const remote = wrap<Counsel>(worker);
    void remote.lay(wardrobe).then(() => setCounsel(() => remote));
    return () => worker.terminate();
  }, [wardrobe]);
  return counsel;
}
