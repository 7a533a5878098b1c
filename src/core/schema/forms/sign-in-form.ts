import Joi from "joi";
import { name, uuid } from "../parts";
import { code, email, newPassword } from "./member-form";

export interface Credentials {
  readonly email: string;
  readonly password: string;
  /** From her phone, or a spare one: asked of whoever has set up a second step. */
  readonly code?: string;
}

/** Who is signed in now, as the scope of what her browser keeps. */
export interface SignedIn {
  readonly scope: string;
}

export interface FirstRun extends Omit<Credentials, "code"> {
  readonly studioName: string;
  readonly userName: string;
  /** What was printed when the database was prepared: nobody else founds the studio. */
  readonly code: string;
  /** Where the founder sits: the studio's day begins at its midnight. */
  readonly timeZone: string;
}

export const signInForm = Joi.object<Credentials & { readonly studioId: string | null }>({
  email: email.required(),
  password: Joi.string().min(1).max(200).required().label("Password"),
  code,
  // Where she was: of several studios of hers, the one to go on in.
  studioId: uuid.allow(null).default(null),
}).required();

/** The first studio of an empty database, and its owner. */
export const firstRunForm = Joi.object<FirstRun>({
  studioName: name.required().label("Studio"),
  userName: name.required().label("Your name"),
  code: Joi.string().trim().min(1).max(40).required().label("Code of the first run"),
  timeZone: Joi.string().max(80).default("UTC").label("Time zone"),
  email: email.required(),
  password: newPassword.required().label("Password"),
}).required();
