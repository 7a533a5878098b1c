import sharp from "sharp";
import knex, { type Knex } from "knex";
import { v7 as uuid } from "uuid";
import type { LinkInput } from "@/core/schema/forms/link-form";
import type { LookNow } from "@/core/studio/look-record";
import type { Role } from "@/core/studio/roles";
import type { GapInput } from "@/core/studio/gap-record";
import { draftOf } from "@/core/studio/piece-record";
import { sample, sampleClient, sampleOccasion } from "@/core/testing/sample";
import { inStudio } from "@/server/db/tenant";
import { bases } from "@/server/records/bases";
import { addClient } from "@/server/records/clients";
import { eraseClient } from "@/server/records/erasures";
import { addGap } from "@/server/records/gaps";
import { makeLink, writeToOutbox } from "@/server/records/links";
import { keepLook } from "@/server/records/looks";
import { invite, listInvitations } from "@/server/records/members";
import { setShortcuts } from "@/server/records/member-keys";
import { keepPhoto, smallPhoto } from "@/server/records/photos";
import { setRailViews } from "@/server/records/rail-views";
import { addOccasion } from "@/server/records/occasions";
import { keepDeclined } from "@/server/records/declined";
import { keepOverruling } from "@/server/records/overrulings";
import { addPiece } from "@/server/records/pieces";
import { beginSession } from "@/server/records/sessions";
import { sets } from "@/server/records/sets";
import { addTemplate } from "@/server/records/templates";
import { addWear } from "@/server/records/wears";
import { newLinkToken } from "@/server/session/tokens";

let owner: Knex | undefined;

/** The owner's own connection, for what the application may not do. */
export function asOwner(): Knex {
  owner ??= knex({ client: "pg", connection: process.env.TEST_OWNER_URL ?? "", pool: { min: 0, max: 2 } });
  return owner;
}

export async function closeOwner(): Promise<void> {
  await owner?.destroy();
  owner = undefined;
}

/** Lets somebody work in a studio and signs them in there; gives back the session. */
export async function signedInto(studioId: string, userId: string, role: Role = "owner"): Promise<string> {
  await asOwner()("memberships").insert({ studio_id: studioId, user_id: userId, role });
  return inStudio(studioId, (tenant) => beginSession(tenant, userId, "Chrome on Linux"));
}

/** A new member of a studio, signed in. */
export async function newMember(studioId: string, role: Role) {
  const userId = await newUser();
  return { studioId, userId, sessionId: await signedInto(studioId, userId, role) };
}

/** Somebody who is known and works nowhere yet. */
export async function newUser(): Promise<string> {
  const id = uuid();
  await asOwner()("users").insert({
    id,
    email: `${id}@studio.example`,
    name: "Somebody",
    password_hash: "none",
  });
  return id;
}

/** A new, empty studio. */
export async function newStudio(name: string): Promise<string> {
  const id = uuid();
  await asOwner()("studios").insert({ id, name });
  return id;
}

export const clientInput = {
  name: "Imke Solander",
  measured: sampleClient.measured,
  seated: false,
  colouring: sampleClient.colouring,
  limits: sampleClient.limits,
  goals: sampleClient.goals,
  ruleBook: sampleClient.ruleBook,
  notes: "",
};

export const shoe = draftOf(
  sample("shoe", { name: "Grey boots", figures: { form: "boot", shaft: 12, shaftTop: 30 } }),
);
export const trousers = draftOf(sample("trousers", { name: "Grey trousers" }));
const { id: _occasion, ...occasionInput } = sampleOccasion;
export { occasionInput };

/** A look as a page sends it the first time, from a page of its own. */
export function sent<L extends LookNow>(look: L) {
  return { version: 0, newSteps: [], ...look, writer: uuid(), turn: 1, unheard: [] };
}

/** A private link to one look of a client. */
export function linkFor(clientId: string, lookId: string): LinkInput {
  return { clientId, lookIds: [lookId], greeting: "Dear Imke,", recipient: "imke@client.example", days: 7 };
}

/** A missing belt for a client. */
export function gapFor(clientId: string): GapInput {
  return {
    clientId,
    facts: { form: "belt", colour: "slate", finish: "suede", level: 5, metal: "silver", size: 2.5 },
    opens: ["Grey for the board meeting"],
    note: "for the autumn",
    budget: 120,
  };
}

/** A studio with one of every record; the ids of all of them. */
export async function furnishedStudio(name: string) {
  const studioId = await newStudio(name);
  const ids = await inStudio(studioId, async (tenant) => {
    const clientId = await addClient(tenant, clientInput);
    const pieceId = await addPiece(tenant, { piece: shoe, clientId, state: "ready" });
    const garmentId = await addPiece(tenant, { piece: trousers, clientId, state: "ready" });
    const baseId = await bases.add(tenant, { clientId, name: "Grey", pieceIds: [garmentId] });
    const setId = await sets.add(tenant, { clientId, name: "Plain", pieceIds: [pieceId] });
    const occasionId = await addOccasion(tenant, { clientId, occasion: occasionInput });
    const lookId = uuid();
    await keepLook(
      tenant,
      sent({
        id: lookId,
        clientId,
        baseId,
        occasionId,
        name: "Working lunch",
        note: "",
        stepId: null,
        newSteps: [
          {
            id: uuid(),
            after: null,
            at: "2026-11-02T09:30:00.000Z",
            accessoryIds: [],
            adjustments: [],
            ownVerdict: null,
          },
        ],
        accessoryIds: [pieceId],
        adjustments: [{ kind: "turn", piece: garmentId, count: 1, depth: 4 }],
        ownVerdict: "sits",
        read: null,
      }),
    );
    const overrulingId = uuid();
    await keepOverruling(tenant, clientId, {
      id: overrulingId,
      rule: "colour.echo",
      effect: "rubs",
      pieceIds: [pieceId],
      reason: "It was a present.",
      lookId,
    });
    const declinedId = uuid();
    await keepDeclined(tenant, clientId, { id: declinedId, pieceId, reason: "It pinches." });
    const wearId = await addWear(tenant, { clientId, setId, day: "2026-11-01" });
    const templateId = await addTemplate(tenant, {
      name: "Rehearsal",
      from: 3,
      to: 5,
      forRain: false,
      wanted: ["shoe"],
      optional: ["bag"],
    });
    const gapId = await addGap(tenant, gapFor(clientId));
    const linkToken = newLinkToken();
    const linkId = await makeLink(tenant, linkFor(clientId, lookId), linkToken.hash);
    await writeToOutbox(tenant, linkId, {
      recipient: "imke@client.example",
      subject: "Looks for you",
      body: "Here they are.",
      path: `/for/${linkToken.token}`,
    });
    return {
      linkId,
      linkToken: linkToken.token,
      overrulingId,
      declinedId,
      clientId,
      pieceId,
      garmentId,
      baseId,
      setId,
      occasionId,
      lookId,
      wearId,
      templateId,
      gapId,
    };
  });
  const userId = await newUser();
  const sessionId = await signedInto(studioId, userId);
  const colleagueId = await newUser();
  await signedInto(studioId, colleagueId, "stylist");
  const invitationId = await inStudio(studioId, async (tenant) => {
    await invite(tenant, {
      email: "guest@studio.example",
      role: "assistant",
      tokenHash: uuid(),
      madeBy: userId,
    });
    return (await listInvitations(tenant))[0]?.id ?? "";
  });
  await inStudio(studioId, (tenant) => setShortcuts(tenant, userId, { single: false, keys: { turn: "r" } }));
  await inStudio(studioId, (tenant) =>
    setRailViews(tenant, userId, [{ name: "Away", query: "state=in+care" }]),
  );
  const photo = await sharp({ create: { width: 8, height: 8, channels: 3, background: "#2a66c8" } })
    .png()
    .toBuffer();
  const erasureId = await inStudio(studioId, async (tenant) => {
    await keepPhoto(tenant, ids.pieceId, await smallPhoto(photo.toString("base64")));
    const goneId = await addClient(tenant, { ...clientInput, name: "Somebody erased" });
    const goneShoe = await addPiece(tenant, { piece: shoe, clientId: goneId, state: "ready" });
    await keepPhoto(tenant, goneShoe, await smallPhoto(photo.toString("base64")));
    return eraseClient(tenant, { id: goneId, typed: "Somebody erased" }, userId);
  });
  return { studioId, userId, sessionId, colleagueId, invitationId, erasureId, ...ids };
}
