import { useEffect } from "react";
import { useStore } from "zustand";
import type { BenchSource } from "@/core/studio/bench-source";
import type { BenchStore } from "./desk/bench-store";
import { isBegun } from "./desk/own-looks";

/** Keeps the look on the bench in the page's address, so that a reload or a shared link comes to the same. */
export function useBenchAddress(
  source: BenchSource,
  store: BenchStore,
  onLook: (lookId: string) => void,
): void {
  const look = useStore(store, (state) => state.look);
  const { id, baseId, occasionId, stepId } = look;
  // A set or a pair of shoes that was asked for, and that nothing was done to, is asked for again by a reload.
  const isAsAsked = id === source.start.id && stepId === null && !source.looks.some((kept) => kept.id === id);
  const begun = isBegun(look);
  useEffect(() => {
    if (!source.kept) return;
    onLook(id);
    if (isAsAsked) return;
    const asked = new URLSearchParams({ client: source.client.id });
    if (begun) asked.set("look", id);
    else {
      asked.set("base", baseId);
      if (occasionId) asked.set("occasion", occasionId);
    }
    const address = `/bench?${asked.toString()}`;
    if (location.pathname + location.search !== address) history.replaceState(null, "", address);
  }, [source, onLook, id, baseId, occasionId, begun, isAsAsked]);
}
