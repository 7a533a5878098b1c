import { uuid, version } from "../parts";

/** What is being saved: a new row (nulls), or a row as it was when the form was opened. */
export interface Key {
  readonly id: string | null;
  readonly version: number | null;
}

export const keyFields = {
  id: uuid.allow(null).required(),
  version: version.allow(null).required(),
};
