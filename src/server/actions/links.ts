"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import { linkForm } from "@/core/schema/forms/link-form";
import type { Outcome } from "@/core/schema/outcome";
import { uuid } from "@/core/schema/parts";
import { serverWords } from "@/words/server";
import { sayWith } from "@/words/say";
import { endLink, makeLink, writeToOutbox } from "../records/links";
import { newLinkToken } from "../session/tokens";
import { act } from "./act";

const day = 86_400_000;

/** Makes a private link to some looks, and the letter that would bring it; answers with the path of the link. */
export async function createLink(input: unknown): Promise<Outcome<string>> {
  const outcome = await act("work", linkForm, input, async (tenant, wish, session) => {
    const { token, hash } = newLinkToken();
    const path = `/for/${token}`;
    const id = await makeLink(tenant, wish, hash);
    const until = new Date(Date.now() + wish.days * day);
    await writeToOutbox(tenant, id, {
      recipient: wish.recipient,
      subject: sayWith(serverWords.looksForYouFrom, { studio: session.studioName }),
      body: [
        wish.greeting,
        sayWith(serverWords.seeAndAnswerThem, { day: until.toISOString().slice(0, 10), path }),
        session.studioName,
      ]
        .filter(Boolean)
        .join("\n\n"),
      path,
    });
    return path;
  });
  if (outcome.ok) revalidatePath("/clients", "layout");
  return outcome;
}

/** Ends a private link: from now on it opens nothing. */
export async function stopLink(input: unknown): Promise<Outcome<null>> {
  const outcome = await act(
    "work",
    Joi.object<{ id: string }>({ id: uuid.required() }),
    input,
    async (tenant, { id }) => {
      await endLink(tenant, id);
      return null;
    },
  );
  if (outcome.ok) revalidatePath("/clients", "layout");
  return outcome;
}
