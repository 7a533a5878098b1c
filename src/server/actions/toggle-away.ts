import "server-only";
import Joi from "joi";
import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/schema/outcome";
import { uuid } from "@/core/schema/parts";
import type { Deed } from "@/core/studio/roles";
import type { Tenant } from "../db/tenant";
import { act } from "./act";

interface Move {
  readonly id: string;
  readonly away: boolean;
}

const move = Joi.object<Move>({ id: uuid.required(), away: Joi.boolean().required() });

type Step = (tenant: Tenant, id: string) => Promise<void>;

/** Puts a row away or brings it back. */
export async function toggleAway(
  deed: Deed,
  input: unknown,
  putAway: Step,
  bringBack: Step,
): Promise<Outcome<null>> {
  const outcome = await act(deed, move, input, async (tenant, { id, away }) => {
    await (away ? putAway : bringBack)(tenant, id);
    return null;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}
