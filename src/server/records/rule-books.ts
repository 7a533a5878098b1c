import { polished, readsAlike, type RuleBook } from "@/core/rule-book/rule-book";
import { defaultSchools } from "@/core/rule-book/schools";
import type { Tenant } from "../db/tenant";
import { StaleWrite } from "./refusal";

/** How many books are kept at hand. */
const mostAtHand = 200;
const atHand = new Map<string, RuleBook>();

/**
 * A stored rule book with what was declared after it was stored. Books that say the same are one object: most clients'
 * are, and a rule works out of a book once what it needs.
 */
export function wholeBook(stored: Partial<RuleBook>): RuleBook {
  const said = JSON.stringify(stored);
  const known = atHand.get(said);
  if (known) return known;
  const book = { ...polished, ...stored, schools: { ...defaultSchools, ...stored.schools } };
  if (atHand.size >= mostAtHand) atHand.clear();
  atHand.set(said, book);
  return book;
}

/** The book to store when one is changed into another: the next version where it reads otherwise. */
export function nextVersion(before: RuleBook, after: RuleBook): RuleBook {
  return { ...after, version: readsAlike(before, after) ? before.version : before.version + 1 };
}

/** Keeps a version of a client's rule book, so that old readings can be understood. */
export async function keepVersion(tenant: Tenant, clientId: string, book: RuleBook): Promise<void> {
  await tenant("rule_book_versions")
    .insert({
      studio_id: tenant.studioId,
      client_id: clientId,
      version: book.version,
      rule_book: JSON.stringify(book),
    })
    .onConflict(["studio_id", "client_id", "version"])
    .ignore();
}

/** Every version of a client's rule book, the newest first. */
export async function ruleBookVersions(
  tenant: Tenant,
  clientId: string,
): Promise<{ readonly book: RuleBook; readonly madeAt: string }[]> {
  const rows = await tenant("rule_book_versions")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .orderBy("version", "desc")
    .select("rule_book", "made_at");
  return rows.map((row) => ({ book: wholeBook(row.rule_book), madeAt: row.made_at.toISOString() }));
}

/** The studio's own rule book, which new clients start from. */
export async function studioRuleBook(tenant: Tenant): Promise<RuleBook> {
  const row = await tenant("studios").where({ id: tenant.studioId }).first("rule_book");
  return wholeBook(row?.rule_book ?? {});
}

/** Sets the studio's own rule book; gives it back with its version. @throws StaleWrite when it has moved on */
export async function setStudioRuleBook(tenant: Tenant, book: RuleBook): Promise<RuleBook> {
  // Of two that are set at once the second waits here, and then sees what the first has made of it.
  const row = await tenant("studios").where({ id: tenant.studioId }).forUpdate().first("rule_book");
  const before = wholeBook(row?.rule_book ?? {});
  if (book.version !== before.version) throw new StaleWrite(before);
  const next = nextVersion(before, book);
  await tenant("studios")
    .where({ id: tenant.studioId })
    .update({ rule_book: JSON.stringify(next) });
  return next;
}
