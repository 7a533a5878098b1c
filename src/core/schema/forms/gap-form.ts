import Joi from "joi";
import type { GapInput } from "../../studio/gap-record";
import { gapFields, gapNotes } from "../gap";
import { uuid, version } from "../parts";

/** A missing piece as it is put on a client's list. */
export const gapForm = Joi.object<GapInput>({ clientId: uuid.required().label("Client"), ...gapFields });

export type NotedGap = Pick<GapInput, "note" | "budget"> & { readonly id: string; readonly version: number };

/** What is noted of a missing piece that is on the list. */
export const notedGapForm = Joi.object<NotedGap>({
  id: uuid.required(),
  version: version.required(),
  ...gapNotes,
});
