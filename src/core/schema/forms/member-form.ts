import Joi from "joi";
import { roles, type Role } from "../../studio/roles";
import { name, oneOf, uuid } from "../parts";

export const email = Joi.string().trim().lowercase().email({ tlds: false }).max(200).label("Email");

/** A new password; whether it is strong enough the server says, which knows what is guessed first. */
export const newPassword = Joi.string().min(10).max(200).label("New password");

/** A code of a second step as it is typed; empty where none is asked for. */
export const code = Joi.string().trim().allow("").max(40).default("").label("Code");

/** Half of a one-time link: what only its holder knows. */
const token = Joi.string()
  .pattern(/^[\w-]{20,60}$/, { name: "the end of a link that was sent" })
  .label("Link");

const role = oneOf(roles).required().label("Role");

export const invitationForm = Joi.object<{ email: string; role: Role }>({ email: email.required(), role });

export const roleForm = Joi.object<{ userId: string; role: Role }>({ userId: uuid.required(), role });

export const memberForm = Joi.object<{ userId: string }>({ userId: uuid.required() });

export interface Joining {
  readonly token: string;
  /** Asked of somebody who is not known yet. */
  readonly userName: string;
  readonly password: string;
  /** Of somebody known who has set up a second step. */
  readonly code?: string;
}

/** Somebody who takes an invitation up: new here, or with the password she has. */
export const joiningForm = Joi.object<Joining>({
  token: token.required(),
  userName: name.required().label("Your name"),
  password: Joi.string().min(1).max(200).required().label("Password"),
  code,
}).required();

export interface PasswordChange {
  readonly password: string;
  readonly next: string;
}

export const passwordForm = Joi.object<PasswordChange>({
  password: Joi.string().min(1).max(200).required().label("Password"),
  next: newPassword.required(),
});

export interface SecondStepSetUp {
  /** As it was shown, in base 32. */
  readonly secret: string;
  /** The first code that her phone made of it. */
  readonly code: string;
  readonly ownPassword: string;
}

export const secondStepForm = Joi.object<SecondStepSetUp>({
  secret: Joi.string()
    .pattern(/^[A-Z2-7]{32}$/, { name: "a secret that was shown" })
    .required()
    .label("Secret"),
  code: Joi.string()
    .trim()
    .replace(/\s/g, "")
    .pattern(/^\d{6}$/, { name: "six digits" })
    .required()
    .label("Code"),
  ownPassword: Joi.string().min(1).max(200).required().label("Your password"),
});

/** Whoever changes what guards her account says her password again. */
export const ownPasswordForm = Joi.object<{ ownPassword: string }>({
  ownPassword: Joi.string().min(1).max(200).required().label("Your password"),
});

export const forgottenForm = Joi.object<{ email: string }>({ email: email.required() }).required();

export const resetForm = Joi.object<{ token: string; next: string }>({
  token: token.required(),
  next: newPassword.required(),
}).required();
