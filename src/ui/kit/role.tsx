"use client";

import { createContext, useContext, type ReactNode } from "react";
import { mayDo, type Deed, type Role } from "@/core/studio/roles";

const OwnRole = createContext<Role>("owner");

/** The role of whoever is signed in: what below cannot be done by her is not offered. */
export function RoleProvider({ role, children }: { readonly role: Role; readonly children: ReactNode }) {
  return <OwnRole value={role}>{children}</OwnRole>;
}

/** Whether whoever is signed in may do something. The server asks the same table again. */
export function useMay(deed: Deed): boolean {
  return mayDo(useContext(OwnRole), deed);
}
