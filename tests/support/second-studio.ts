import { hash } from "@node-rs/argon2";
import knex from "knex";
import { v7 as uuid } from "uuid";

/** Somebody else who uses the same browser: a studio of their own, with its sign-in. */
export async function secondStudio(ownerUrl: string) {
  const ids = { studioId: uuid(), userId: uuid() };
  const credentials = { email: "other@second.example", password: "second-lantern-harbour" };
  const owner = knex({ client: "pg", connection: ownerUrl, pool: { min: 0, max: 1 } });
  await owner("studios").insert({ id: ids.studioId, name: "Second studio" });
  await owner("users").insert({
    id: ids.userId,
    email: credentials.email,
    name: "Other Person",
    password_hash: await hash(credentials.password),
  });
  await owner("memberships").insert({ studio_id: ids.studioId, user_id: ids.userId, role: "owner" });
  await owner.destroy();
  return credentials;
}
