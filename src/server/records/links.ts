import { v7 as uuid } from "uuid";
import type { LinkInput, ReplyInput } from "@/core/schema/forms/link-form";
import type { LinkAnswer, LinkRecord, LinkReply, NewReply, OutboxLetter } from "@/core/studio/link-record";
import { serverWords } from "@/words/server";
import type { Tenant } from "../db/tenant";
import { NotFound, Refusal } from "./refusal";

/** Makes a private link to some looks of a client. @returns its id @throws Refusal for a look of another client */
export async function makeLink(
  tenant: Tenant,
  { clientId, lookIds, greeting, days }: LinkInput,
  tokenHash: string,
): Promise<string> {
  const { studioId } = tenant;
  const own = await tenant("looks")
    .where({ studio_id: studioId, client_id: clientId, deleted_at: null })
    .whereIn("id", [...lookIds])
    .select("id");
  if (own.length !== lookIds.length) throw new Refusal("lookIds", serverWords.oneOfTheseLooksIsNot);
  const id = uuid();
  await tenant("links").insert({
    studio_id: studioId,
    id,
    client_id: clientId,
    token_hash: tokenHash,
    greeting,
    expires_at: tenant.raw("now() + make_interval(days => ?)", [days]),
  });
  await tenant("link_looks").insert(
    lookIds.map((look_id, place) => ({ studio_id: studioId, link_id: id, look_id, place })),
  );
  return id;
}

/** Puts the letter that would bring a link into the outbox. */
export async function writeToOutbox(tenant: Tenant, linkId: string, letter: OutboxLetter): Promise<void> {
  await tenant("outbox").insert({ studio_id: tenant.studioId, link_id: linkId, ...letter });
}

/** Ends a link, from now on; one that has ended stays so. @throws NotFound */
export async function endLink(tenant: Tenant, id: string): Promise<void> {
  const changed = await tenant("links")
    .where({ studio_id: tenant.studioId, id })
    .update({ ended_at: tenant.raw("coalesce(ended_at, now())") });
  if (changed === 0) throw new NotFound(`no link ${id}`);
}

/** A client's links, the newest first, with what was answered. */
export async function listLinks(tenant: Tenant, clientId: string): Promise<LinkRecord[]> {
  const rows = await tenant("links")
    .leftJoin("outbox", (on) =>
      on.on("outbox.studio_id", "links.studio_id").andOn("outbox.link_id", "links.id"),
    )
    .where("links.studio_id", tenant.studioId)
    .where("links.client_id", clientId)
    .orderBy("links.id", "desc")
    .select<ListedLink[]>(
      "links.id",
      "links.client_id",
      "links.greeting",
      "links.created_at",
      "links.expires_at",
      "links.ended_at",
      "links.opened_at",
      "outbox.recipient",
      "outbox.subject",
      "outbox.body",
      "outbox.path",
    );
  const looks = await looksOf(
    tenant,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => {
    const own = looks.filter(({ link_id }) => link_id === row.id);
    const { recipient, subject, body, path } = row;
    return {
      id: row.id,
      clientId: row.client_id,
      lookIds: own.map(({ look_id }) => look_id),
      greeting: row.greeting,
      madeAt: row.created_at.toISOString(),
      expiresAt: row.expires_at.toISOString(),
      endedAt: row.ended_at?.toISOString() ?? null,
      openedAt: row.opened_at?.toISOString() ?? null,
      replies: own.flatMap((look) => replyOf(look) ?? []),
      letter:
        recipient === null || subject === null || body === null || path === null
          ? null
          : { recipient, subject, body, path },
    };
  });
}

interface ListedLink {
  readonly id: string;
  readonly client_id: string;
  readonly greeting: string;
  readonly created_at: Date;
  readonly expires_at: Date;
  readonly ended_at: Date | null;
  readonly opened_at: Date | null;
  readonly recipient: string | null;
  readonly subject: string | null;
  readonly body: string | null;
  readonly path: string | null;
}

interface AnsweredLook {
  readonly link_id: string;
  readonly look_id: string;
  readonly answer: LinkAnswer | null;
  readonly words: string;
  readonly answered_at: Date | null;
}

/** The looks of links in the order in which they are shown. */
async function looksOf(tenant: Tenant, linkIds: readonly string[]): Promise<AnsweredLook[]> {
  return await tenant("link_looks")
    .where("studio_id", tenant.studioId)
    .whereIn("link_id", [...linkIds])
    .orderBy("place")
    .select("link_id", "look_id", "answer", "words", "answered_at");
}

function replyOf({ look_id, answer, words, answered_at }: AnsweredLook): LinkReply | null {
  return answer && answered_at ? { lookId: look_id, answer, words, at: answered_at.toISOString() } : null;
}

/** What a link shows, by its id; null when it is not there any more. */
export async function linkShown(tenant: Tenant, id: string) {
  const row = await tenant("links").where({ studio_id: tenant.studioId, id }).first();
  if (!row) return null;
  const looks = await looksOf(tenant, [id]);
  return {
    clientId: row.client_id,
    greeting: row.greeting,
    expiresAt: row.expires_at.toISOString(),
    lookIds: looks.map(({ look_id }) => look_id),
    replies: looks.flatMap((look) => replyOf(look) ?? []),
  };
}

/** Writes down that a link was opened, the first time it is. */
export async function linkOpened(tenant: Tenant, id: string): Promise<void> {
  await tenant("links")
    .where({ studio_id: tenant.studioId, id })
    .whereNull("opened_at")
    .update({ opened_at: tenant.fn.now() });
}

/** Keeps what was answered on a link to one of its looks; a later answer takes its place. @throws NotFound */
export async function keepReply(
  tenant: Tenant,
  linkId: string,
  { lookId, answer, words }: Omit<ReplyInput, "token">,
): Promise<void> {
  const changed = await tenant("link_looks")
    .where({ studio_id: tenant.studioId, link_id: linkId, look_id: lookId })
    .update({ answer, words, answered_at: tenant.fn.now() });
  if (changed === 0) throw new NotFound(`link ${linkId} shows no look ${lookId}`);
}

/** What a client answered to each look that was sent to her, the last answer of each. */
export async function lastReplies(tenant: Tenant, clientId: string): Promise<LinkReply[]> {
  const rows = await tenant("link_looks")
    .join("links", (on) =>
      on.on("links.studio_id", "link_looks.studio_id").andOn("links.id", "link_looks.link_id"),
    )
    .where("link_looks.studio_id", tenant.studioId)
    .where("links.client_id", clientId)
    .whereNotNull("link_looks.answered_at")
    .distinctOn("link_looks.look_id")
    .orderBy([{ column: "link_looks.look_id" }, { column: "link_looks.answered_at", order: "desc" }])
    .select<AnsweredLook[]>(
      "link_looks.link_id",
      "link_looks.look_id",
      "link_looks.answer",
      "link_looks.words",
      "link_looks.answered_at",
    );
  return rows.flatMap((row) => replyOf(row) ?? []);
}

/** How far back the day tells of answers, days. */
const tellsOf = 14;

/** The answers of the last days, the newest first. */
export async function newestReplies(tenant: Tenant, most: number): Promise<NewReply[]> {
  const rows = await tenant("link_looks")
    .join("looks", (on) =>
      on.on("looks.studio_id", "link_looks.studio_id").andOn("looks.id", "link_looks.look_id"),
    )
    .join("bases", (on) => on.on("bases.studio_id", "looks.studio_id").andOn("bases.id", "looks.base_id"))
    .leftJoin("occasions", (on) =>
      on.on("occasions.studio_id", "looks.studio_id").andOn("occasions.id", "looks.occasion_id"),
    )
    .join("clients", (on) =>
      on.on("clients.studio_id", "looks.studio_id").andOn("clients.id", "looks.client_id"),
    )
    .where("link_looks.studio_id", tenant.studioId)
    .whereRaw("link_looks.answered_at > now() - make_interval(days => ?)", [tellsOf])
    .whereNull("looks.deleted_at")
    .whereNull("clients.deleted_at")
    .orderBy("link_looks.answered_at", "desc")
    .limit(most)
    .select<
      (AnsweredLook & {
        client_id: string;
        client: string;
        name: string;
        base: string;
        occasion: string | null;
      })[]
    >(
      "link_looks.link_id",
      "link_looks.look_id",
      "link_looks.answer",
      "link_looks.words",
      "link_looks.answered_at",
      "looks.client_id",
      "clients.name as client",
      "looks.name",
      "bases.name as base",
      "occasions.name as occasion",
    );
  return rows.flatMap((row) => {
    const reply = replyOf(row);
    const look = row.name || row.occasion || row.base;
    return reply ? [{ ...reply, clientId: row.client_id, clientName: row.client, look }] : [];
  });
}
