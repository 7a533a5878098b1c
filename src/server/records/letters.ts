import { v7 as uuid } from "uuid";
import type { Tenant } from "../db/tenant";

/** A letter that would be sent: there is no mail yet, so it waits for the operator, who reads it by npm run letters. */
export interface Letter {
  readonly recipient: string;
  readonly subject: string;
  readonly body: string;
}

export async function writeLetter(tenant: Tenant, letter: Letter): Promise<void> {
  await tenant("letters").insert({ studio_id: tenant.studioId, id: uuid(), ...letter });
}
