import Joi from "joi";
import { linkAnswers, linkDays, mostLooksOfLink, type LinkAnswer } from "../../studio/link-record";
import { oneOf, uuid } from "../parts";
import { email } from "./member-form";

/** What a private link is made of. */
export interface LinkInput {
  readonly clientId: string;
  readonly lookIds: readonly string[];
  readonly greeting: string;
  /** Whom the letter would go to; empty where the link is handed over otherwise. */
  readonly recipient: string;
  /** For how many days it holds. */
  readonly days: number;
}

export const linkForm = Joi.object<LinkInput>({
  clientId: uuid.required(),
  lookIds: Joi.array().items(uuid).min(1).max(mostLooksOfLink).unique().required().label("Looks"),
  greeting: Joi.string().trim().allow("").max(600).required().label("Greeting"),
  recipient: email.allow("").required(),
  days: Joi.number()
    .valid(...linkDays)
    .required()
    .label("Days"),
});

/** A client's answer, sent by whoever holds the link. */
export interface ReplyInput {
  readonly token: string;
  readonly lookId: string;
  readonly answer: LinkAnswer;
  readonly words: string;
}

export const replyForm = Joi.object<ReplyInput>({
  token: Joi.string()
    .pattern(/^[\w-]{20,40}$/, { name: "the end of a link that was sent" })
    .required()
    .label("Link"),
  lookId: uuid.required(),
  answer: oneOf(linkAnswers).required().label("Answer"),
  words: Joi.string().trim().allow("").max(300).required().label("Your line"),
});
