"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import { changeBook, type BookChange } from "@/core/rule-book/book-change";
import type { RuleBook } from "@/core/rule-book/rule-book";
import { bookChange } from "@/core/schema/book-change";
import { ruleBook } from "@/core/schema/client";
import { overrulingForm } from "@/core/schema/forms/overruling-form";
import type { Outcome } from "@/core/schema/outcome";
import { uuid } from "@/core/schema/parts";
import { changeRuleBook, findClient } from "../records/clients";
import { keepOverruling, withdrawOverruling } from "../records/overrulings";
import { setStudioRuleBook } from "../records/rule-books";
import { NotFound } from "../records/refusal";
import { act } from "./act";

/** Overrules a finding for a look or for a client, with the reason. */
export async function overrule(input: unknown): Promise<Outcome<null>> {
  return act("judge", overrulingForm, input, async (tenant, { clientId, ...overruling }) => {
    await keepOverruling(tenant, clientId, overruling);
    return null;
  });
}

export async function withdraw(input: unknown): Promise<Outcome<null>> {
  return act("judge", Joi.object<{ id: string }>({ id: uuid.required() }), input, async (tenant, { id }) => {
    await withdrawOverruling(tenant, id);
    return null;
  });
}

const changeSchema = Joi.object<{ clientId: string; change: BookChange }>({
  clientId: uuid.required(),
  change: bookChange,
});

/** Changes one thing in a client's rule book, which becomes its next version. */
export async function changeClientBook(input: unknown): Promise<Outcome<RuleBook>> {
  const outcome = await act("judge", changeSchema, input, async (tenant, { clientId, change }) => {
    const record = await findClient(tenant, clientId);
    if (!record) throw new NotFound(`no client ${clientId}`);
    return changeRuleBook(tenant, record, changeBook(record.client.ruleBook, change));
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

const bookSchema = Joi.object<{ clientId: string | null; book: RuleBook }>({
  clientId: uuid.allow(null).required(),
  book: ruleBook,
});

/** Keeps a whole rule book: a client's, or the studio's own when no client is named. */
export async function saveRuleBook(client: unknown, input: unknown): Promise<Outcome<RuleBook>> {
  const outcome = await act(
    client === null ? "keep house" : "judge",
    bookSchema,
    { clientId: client, book: input },
    async (tenant, { clientId, book }) => {
      if (clientId === null) return setStudioRuleBook(tenant, book);
      const record = await findClient(tenant, clientId);
      if (!record) throw new NotFound(`no client ${clientId}`);
      return changeRuleBook(tenant, record, book);
    },
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}
