import Joi from "joi";
import { roles, type Role } from "../../studio/roles";
import { name, oneOf, uuid } from "../parts";

export const email = Joi.string().trim().lowercase().email({ tlds: false }).max(200).label("Email");

/** A new password; whether it is strong enough the server says, which knows what is guessed first. */
export const newPassword = Joi.string().min(10).max(200).label("New password");

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
}

/** Somebody who takes an invitation up: new here, or with the password she has. */
export const joiningForm = Joi.object<Joining>({
  token: token.required(),
  userName: name.required().label("Your name"),
  password: Joi.string().min(1).max(200).required().label("Password"),
}).required();

export interface PasswordChange {
  readonly password: string;
  readonly next: string;
}

export const passwordForm = Joi.object<PasswordChange>({
  password: Joi.string().min(1).max(200).required().label("Password"),
  next: newPassword.required(),
});

export const forgottenForm = Joi.object<{ email: string }>({ email: email.required() }).required();

export const resetForm = Joi.object<{ token: string; next: string }>({
  token: token.required(),
  next: newPassword.required(),
}).required();
