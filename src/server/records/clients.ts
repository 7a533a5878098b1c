import { v7 as uuid, validate as isId } from "uuid";
import { bodyOf } from "@/core/body/body";
import type { Measured, MeasurementName } from "@/core/body/measurements";
import type { Client } from "@/core/piece/client";
import type { RuleBook } from "@/core/rule-book/rule-book";
import type { ClientInput, ClientRecord, Taken } from "@/core/studio/client-record";
import type { ClientRow } from "../db/work-rows";
import type { Tenant } from "../db/tenant";
import { keepVersion, nextVersion, wholeBook } from "./rule-books";
import { StaleWrite } from "./refusal";
import { bringBack, putAway, updateVersion } from "./versioned";

/** Who is on record, by name. */
export interface NamedClient {
  readonly id: string;
  readonly name: string;
}

/** The names of the studio's clients, in their order. */
export async function nameClients(tenant: Tenant): Promise<NamedClient[]> {
  return tenant("clients")
    .where({ studio_id: tenant.studioId, deleted_at: null })
    .orderBy("name")
    .select("id", "name");
}

/** The girth of every client's neck by name, cm: measured, or as her height lets expect it. */
export async function clientsNecks(tenant: Tenant): Promise<(NamedClient & { readonly neck: number })[]> {
  const rows = await select(tenant).whereNull("clients.deleted_at").orderBy("clients.name");
  return rows.map(({ id, name, measured }) => ({ id, name, neck: bodyOf(measured).measures.neck.cm }));
}

/** A page of the studio's clients by name, counted from 0, and how many there are in all. */
export async function listClients(
  tenant: Tenant,
  page: number,
  size: number,
): Promise<{ readonly clients: ClientRecord[]; readonly count: number }> {
  const rows = await select(tenant)
    .whereNull("clients.deleted_at")
    .orderBy(["clients.name", "clients.id"])
    .offset(page * size)
    .limit(size);
  const [counted] = await tenant("clients")
    .where({ studio_id: tenant.studioId, deleted_at: null })
    .select<{ count: string }[]>(tenant.raw("count(*)"));
  return { clients: rows.map(fromRow), count: Number(counted?.count ?? 0) };
}

/** Clients by their ids. */
export async function clientsById(tenant: Tenant, ids: readonly string[]): Promise<ClientRecord[]> {
  return (await select(tenant).whereIn("clients.id", [...ids])).map(fromRow);
}

export async function findClient(tenant: Tenant, id: string): Promise<ClientRecord | null> {
  if (!isId(id)) return null;
  const row = await select(tenant).where("clients.id", id).first();
  return row ? fromRow(row) : null;
}

export async function addClient(tenant: Tenant, input: ClientInput, id: string = uuid()): Promise<string> {
  const ruleBook = { ...input.ruleBook, version: 1 };
  await tenant("clients").insert({ studio_id: tenant.studioId, id, ...clientRow({ ...input, ruleBook }) });
  await keepVersion(tenant, id, ruleBook);
  await take(tenant, id, input.measured);
  return id;
}

/** Changes a client; every measurement that differs is added to the history. @throws StaleWrite, NotFound */
export async function changeClient(
  tenant: Tenant,
  key: { readonly id: string; readonly version: number },
  input: ClientInput,
): Promise<void> {
  const before = await findClient(tenant, key.id);
  const ruleBook = before ? nextVersion(before.client.ruleBook, input.ruleBook) : input.ruleBook;
  await updateVersion(tenant, "clients", key, clientRow({ ...input, ruleBook }));
  await keepVersion(tenant, key.id, ruleBook);
  await take(tenant, key.id, differing(before?.client.measured ?? {}, input.measured));
}

/** Sets a client's rule book in its next version, and gives it back. @throws StaleWrite, NotFound */
export async function changeRuleBook(
  tenant: Tenant,
  { client, version }: ClientRecord,
  book: RuleBook,
): Promise<RuleBook> {
  if (book.version !== client.ruleBook.version) throw new StaleWrite(client.ruleBook);
  const next = nextVersion(client.ruleBook, book);
  await updateVersion(tenant, "clients", { id: client.id, version }, { rule_book: JSON.stringify(next) });
  await keepVersion(tenant, client.id, next);
  return next;
}

export const putClientAway = (tenant: Tenant, id: string) => putAway(tenant, "clients", id);
export const bringClientBack = (tenant: Tenant, id: string) => bringBack(tenant, "clients", id);

/** Everything ever measured on a client, the newest first. */
export async function measurementHistory(tenant: Tenant, clientId: string): Promise<Taken[]> {
  const rows = await tenant("measurements")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .orderBy([
      { column: "taken_at", order: "desc" },
      { column: "id", order: "desc" },
    ])
    .select("name", "cm", "taken_at");
  return rows.map((row) => ({
    name: row.name,
    cm: row.cm,
    takenAt: row.taken_at.toISOString(),
  }));
}

const newestMeasurements = `(
  select coalesce(json_object_agg(latest.name, latest.cm) filter (where latest.cm is not null), '{}')
  from (
    select distinct on (m.name) m.name, m.cm from measurements m
    where m.studio_id = clients.studio_id and m.client_id = clients.id
    order by m.name, m.taken_at desc, m.id desc
  ) latest
) as measured`;

type MeasuredRow = ClientRow & { readonly measured: Measured };

function select(tenant: Tenant) {
  return tenant("clients")
    .select<MeasuredRow[]>("clients.*", tenant.raw(newestMeasurements))
    .where("clients.studio_id", tenant.studioId);
}

type Changes = Partial<Record<MeasurementName, number | null>>;

function differing(before: Partial<Measured>, after: Measured): Changes {
  const names = new Set([...Object.keys(before), ...Object.keys(after)] as MeasurementName[]);
  const changed = [...names].filter((name) => before[name] !== after[name]);
  return Object.fromEntries(changed.map((name) => [name, after[name] ?? null]));
}

async function take(tenant: Tenant, clientId: string, changes: Changes): Promise<void> {
  const names = Object.keys(changes) as MeasurementName[];
  const rows = names.map((name) => ({
    studio_id: tenant.studioId,
    id: uuid(),
    client_id: clientId,
    name,
    cm: changes[name] ?? null,
  }));
  if (rows.length > 0) await tenant("measurements").insert(rows);
}

function fromRow(row: MeasuredRow): ClientRecord {
  const client: Client = {
    id: row.id,
    name: row.name,
    measured: row.measured,
    seated: row.seated,
    colouring: {
      skin: row.skin,
      hair: row.hair,
      hairForm: row.hair_form,
      eyes: row.eyes,
      undertone: row.undertone,
    },
    limits: {
      heel: row.heel_limit,
      noLeather: row.no_leather,
      coveredShoulders: row.covered_shoulders,
      coveredAnkles: row.covered_ankles,
      nickelAllergy: row.nickel_allergy,
      clipEarrings: row.clip_earrings,
      nothingLoose: row.nothing_loose,
      hemAboveKnee: row.hem_above_knee,
      neverColours: row.never_colours,
    },
    goals: {
      longerLegLine: row.longer_leg_line,
      moreWaist: row.more_waist,
      bagLands: row.bag_lands,
    },
    ruleBook: wholeBook(row.rule_book),
  };
  return { client, notes: row.notes, version: row.version };
}

/** What is written of a client, beside what names her and what was measured. */
export function clientRow(input: Omit<ClientInput, "measured">) {
  const { colouring, limits, goals } = input;
  return {
    name: input.name,
    skin: colouring.skin,
    hair: colouring.hair,
    hair_form: colouring.hairForm,
    eyes: colouring.eyes,
    undertone: colouring.undertone,
    heel_limit: limits.heel,
    no_leather: limits.noLeather,
    covered_shoulders: limits.coveredShoulders,
    covered_ankles: limits.coveredAnkles,
    nickel_allergy: limits.nickelAllergy,
    clip_earrings: limits.clipEarrings,
    nothing_loose: limits.nothingLoose,
    hem_above_knee: limits.hemAboveKnee,
    never_colours: limits.neverColours,
    longer_leg_line: goals.longerLegLine,
    more_waist: goals.moreWaist,
    bag_lands: goals.bagLands,
    seated: input.seated,
    rule_book: JSON.stringify(input.ruleBook),
    notes: input.notes,
  };
}
