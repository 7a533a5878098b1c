"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/schema/outcome";
import { oneOf, uuid } from "@/core/schema/parts";
import { mayDo, sayMayNot, type Deed } from "@/core/studio/roles";
import { putAwayKinds, type PutAwayKind, type PutAwayRecord } from "@/core/studio/put-away";
import { bringBackOne } from "../records/put-away";
import { Refusal } from "../records/refusal";
import { act } from "./act";

const schema = Joi.object<Pick<PutAwayRecord, "kind" | "id">>({
  kind: oneOf(putAwayKinds).required().label("Kind"),
  id: uuid.required(),
});

/** What bringing back is, where it is more than work with the wardrobe. */
const deedOf: Partial<Record<PutAwayKind, Deed>> = { client: "measure", template: "keep house" };

/** Brings back what was put away. */
export async function bringRecordBack(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("work", schema, input, async (tenant, record, session) => {
    const deed = deedOf[record.kind] ?? "work";
    if (!mayDo(session.role, deed)) throw new Refusal("role", sayMayNot(deed));
    await bringBackOne(tenant, record);
    return null;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}
