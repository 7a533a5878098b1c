import Joi from "joi";
import { name } from "../parts";

export interface Credentials {
  readonly email: string;
  readonly password: string;
}

export interface FirstRun extends Credentials {
  readonly studioName: string;
  readonly userName: string;
  /** Where the founder sits: the studio's day begins at its midnight. */
  readonly timeZone: string;
}

const email = Joi.string().trim().lowercase().email({ tlds: false }).max(200).required().label("Email");

export const signInForm = Joi.object<Credentials>({
  email,
  password: Joi.string().min(1).max(200).required().label("Password"),
});

/** The first studio of an empty database, and its owner. */
export const firstRunForm = Joi.object<FirstRun>({
  studioName: name.required().label("Studio"),
  userName: name.required().label("Your name"),
  timeZone: Joi.string().max(80).default("UTC").label("Time zone"),
  email,
  password: Joi.string().min(10).max(200).required().label("Password"),
});
