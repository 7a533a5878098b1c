"use server";

import { replyForm } from "@/core/schema/forms/link-form";
import type { Outcome } from "@/core/schema/outcome";
import { validate } from "@/core/schema/validate";
import { serverWords } from "@/words/server";
import { inStudio } from "../db/tenant";
import { linkByToken } from "../records/doors";
import { keepReply } from "../records/links";
import { Refusal } from "../records/refusal";
import { secondsToLink } from "../session/attempts";
import { callerAddress } from "../session/caller";
import { hashOfToken } from "../session/tokens";
import { outcomeOf } from "./outcome-of";

/** Keeps what whoever holds a private link answers to one of its looks, until the link ends. */
export async function answerLink(input: unknown): Promise<Outcome<null>> {
  const checked = validate(replyForm.required(), input);
  if (!checked.ok) return checked;
  const { token, ...reply } = checked.value;
  return outcomeOf(async () => {
    if ((await secondsToLink(await callerAddress())) > 0)
      throw new Refusal("token", serverWords.tooManyAnswers);
    const link = await linkByToken(hashOfToken(token));
    if (!link) throw new Refusal("token", serverWords.thisLinkHasEnded);
    await inStudio(link.studioId, (tenant) => keepReply(tenant, link.linkId, reply));
    return null;
  });
}
