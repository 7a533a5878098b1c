"use client";

import { createContext, useContext, type ReactNode } from "react";

const Scope = createContext("");

/** Whose drafts are kept below: nobody else who signs in at this browser sees them. */
export function DraftScope({ of, children }: { readonly of: string; readonly children: ReactNode }) {
  return <Scope value={of}>{children}</Scope>;
}

/** Studio and person, to whom belongs what this browser keeps of unfinished work. */
export function useDraftScope(): string {
  return useContext(Scope);
}

/** The key under which a draft is kept in this browser. */
export function useDraftKey(name: string): string {
  return `juxtane.draft.${useContext(Scope)}.${name}`;
}
