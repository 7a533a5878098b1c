import type { MeasurementName } from "../body/measurements";
import type { Client } from "../piece/client";

export type ClientInput = Omit<Client, "id"> & { readonly notes: string };

export interface ClientRecord {
  readonly client: Client;
  readonly notes: string;
  readonly version: number;
}

/** One measurement as it was taken; cm is null where a figure was struck out. */
export interface Taken {
  readonly name: MeasurementName;
  readonly cm: number | null;
  readonly takenAt: string;
}
