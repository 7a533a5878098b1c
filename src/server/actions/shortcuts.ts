"use server";

import { shortcutsForm } from "@/core/schema/forms/settings-form";
import type { Outcome } from "@/core/schema/outcome";
import { setShortcuts } from "../records/member-keys";
import { act } from "./act";

/** Keeps the keys of whoever is signed in. */
export async function saveShortcuts(input: unknown): Promise<Outcome<null>> {
  return act("see", shortcutsForm, input, async (tenant, shortcuts, { userId }) => {
    await setShortcuts(tenant, userId, shortcuts);
    return null;
  });
}
