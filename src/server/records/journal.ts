import type { MeasurementName } from "@/core/body/measurements";
import type { Verdict } from "@/core/reading/verdict";
import type { LinkAnswer } from "@/core/studio/link-record";
import { byDay, journalGoesBack, type JournalDay, type JournalEntry } from "@/core/studio/journal";
import type { Tenant } from "../db/tenant";

interface Dated {
  readonly day: string;
  readonly entry: JournalEntry;
}

/** What happened with a client, day by day as the studio counts days, the newest first. */
export async function journalOf(tenant: Tenant, clientId: string): Promise<readonly JournalDay[]> {
  return byDay([
    ...(await looksKept(tenant, clientId)),
    ...(await setsWorn(tenant, clientId)),
    ...(await findingsOverruled(tenant, clientId)),
    ...(await piecesDeclined(tenant, clientId)),
    ...(await looksAnswered(tenant, clientId)),
    ...(await measurementsTaken(tenant, clientId)),
  ]);
}

/** The day of a moment where the studio is, yyyy-mm-dd. */
function dayOf(tenant: Tenant, moment: string) {
  return tenant.raw(
    `to_char(${moment} at time zone (select time_zone from studios where id = ?), 'YYYY-MM-DD') as day`,
    [tenant.studioId],
  );
}

async function looksKept(tenant: Tenant, clientId: string): Promise<Dated[]> {
  const rows = await tenant("looks")
    .join("bases", (on) => on.on("bases.studio_id", "looks.studio_id").andOn("bases.id", "looks.base_id"))
    .leftJoin("occasions", (on) =>
      on.on("occasions.studio_id", "looks.studio_id").andOn("occasions.id", "looks.occasion_id"),
    )
    .where("looks.studio_id", tenant.studioId)
    .where("looks.client_id", clientId)
    .whereNull("looks.deleted_at")
    .orderBy("looks.updated_at", "desc")
    .limit(journalGoesBack)
    .select<
      {
        id: string;
        day: string;
        base: string;
        occasion: string | null;
        name: string;
        note: string;
        verdict: Verdict | null;
      }[]
    >(
      "looks.id",
      dayOf(tenant, "looks.updated_at"),
      "bases.name as base",
      "occasions.name as occasion",
      "looks.name as name",
      "looks.note as note",
      tenant.raw("coalesce(looks.own_verdict, looks.read_verdict) as verdict"),
    );
  return rows.map(({ day, ...look }) => ({ day, entry: { what: "look", ...look } }));
}

async function setsWorn(tenant: Tenant, clientId: string): Promise<Dated[]> {
  const rows = await tenant("wears")
    .join("sets", (on) => on.on("sets.studio_id", "wears.studio_id").andOn("sets.id", "wears.set_id"))
    .where("wears.studio_id", tenant.studioId)
    .where("wears.client_id", clientId)
    .whereNull("wears.deleted_at")
    .orderBy("wears.worn_on", "desc")
    .limit(journalGoesBack)
    .select<{ id: string; day: string; set: string }[]>(
      "wears.id",
      "wears.worn_on as day",
      "sets.name as set",
    );
  return rows.map(({ id, day, set }) => ({ day, entry: { what: "worn", id, set } }));
}

async function findingsOverruled(tenant: Tenant, clientId: string): Promise<Dated[]> {
  const rows = await tenant("overrulings")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .orderBy("made_at", "desc")
    .limit(journalGoesBack)
    .select<
      {
        id: string;
        day: string;
        rule: string;
        reason: string;
        look_id: string | null;
        withdrawn_at: Date | null;
      }[]
    >("id", "rule", "reason", "look_id", "withdrawn_at", dayOf(tenant, "made_at"));
  return rows.map(({ id, day, rule, reason, look_id, withdrawn_at }) => ({
    day,
    entry: { what: "overruled", id, rule, reason, lookId: look_id, isWithdrawn: withdrawn_at !== null },
  }));
}

async function piecesDeclined(tenant: Tenant, clientId: string): Promise<Dated[]> {
  const rows = await tenant("declined")
    .join("pieces", (on) =>
      on.on("pieces.studio_id", "declined.studio_id").andOn("pieces.id", "declined.piece_id"),
    )
    .where("declined.studio_id", tenant.studioId)
    .where("declined.client_id", clientId)
    .orderBy("declined.made_at", "desc")
    .limit(journalGoesBack)
    .select<{ id: string; day: string; piece: string; reason: string; withdrawn_at: Date | null }[]>(
      "declined.id",
      "pieces.name as piece",
      "declined.reason",
      "declined.withdrawn_at",
      dayOf(tenant, "declined.made_at"),
    );
  return rows.map(({ id, day, piece, reason, withdrawn_at }) => ({
    day,
    entry: { what: "declined", id, piece, reason, isWithdrawn: withdrawn_at !== null },
  }));
}

async function looksAnswered(tenant: Tenant, clientId: string): Promise<Dated[]> {
  const rows = await tenant("link_looks")
    .join("looks", (on) =>
      on.on("looks.studio_id", "link_looks.studio_id").andOn("looks.id", "link_looks.look_id"),
    )
    .join("bases", (on) => on.on("bases.studio_id", "looks.studio_id").andOn("bases.id", "looks.base_id"))
    .leftJoin("occasions", (on) =>
      on.on("occasions.studio_id", "looks.studio_id").andOn("occasions.id", "looks.occasion_id"),
    )
    .where("looks.studio_id", tenant.studioId)
    .where("looks.client_id", clientId)
    .whereNotNull("link_looks.answer")
    .orderBy("link_looks.answered_at", "desc")
    .limit(journalGoesBack)
    .select<
      {
        link_id: string;
        look_id: string;
        day: string;
        name: string;
        base: string;
        occasion: string | null;
        answer: LinkAnswer;
        words: string;
      }[]
    >(
      "link_looks.link_id",
      "link_looks.look_id",
      dayOf(tenant, "link_looks.answered_at"),
      "looks.name",
      "bases.name as base",
      "occasions.name as occasion",
      "link_looks.answer",
      "link_looks.words",
    );
  return rows.map(({ link_id, look_id, day, name, base, occasion, answer, words }) => ({
    day,
    entry: {
      what: "answered",
      id: `${link_id} ${look_id}`,
      look: name || occasion || base,
      answer,
      words,
    },
  }));
}

/** The measurements of a client, those of one day told together. */
async function measurementsTaken(tenant: Tenant, clientId: string): Promise<Dated[]> {
  const rows = await tenant("measurements")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .orderBy([{ column: "taken_at", order: "desc" }, { column: "id" }])
    .limit(journalGoesBack)
    .select<{ day: string; name: MeasurementName; cm: number | null }[]>(
      "name",
      "cm",
      dayOf(tenant, "taken_at"),
    );
  const days = [...new Set(rows.map(({ day }) => day))];
  return days.map((day) => ({
    day,
    entry: {
      what: "measured",
      id: `measured ${day}`,
      figures: rows.filter((row) => row.day === day).map(({ name, cm }) => ({ name, cm })),
    },
  }));
}
