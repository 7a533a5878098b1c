import { useEffect } from "react";
import { useStore } from "zustand";
import { createStore } from "zustand/vanilla";

/** Something that can be done on the page that is open. */
export interface PageCommand {
  readonly id: string;
  readonly say: string;
  readonly run: () => void;
}

const commandStore = createStore<readonly PageCommand[]>()(() => []);

/** Offers what a page can do to Ctrl-K, as long as the page is open. */
export function usePageCommands(commands: readonly PageCommand[]): void {
  useEffect(() => {
    commandStore.setState(commands, true);
    return () => commandStore.setState([], true);
  }, [commands]);
}

/** What the open page can do that has all the words typed, in any order. */
export function usePageCommandsWith(words: string): readonly PageCommand[] {
  const all = useStore(commandStore);
  const parts = words.toLowerCase().split(/\s+/).filter(Boolean);
  return all.filter(({ say }) => parts.every((part) => say.toLowerCase().includes(part)));
}
