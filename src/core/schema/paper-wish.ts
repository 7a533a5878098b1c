import Joi from "joi";
import type { TieSettings } from "../piece/tied-scarf";
import {
  mostHandedOver,
  paperKinds,
  sheetNames,
  type PaperKind,
  type SheetName,
} from "../studio/paper-source";
import { tie } from "./adjustment";
import { oneOf, uuid } from "./parts";

/** What an address asks of a paper. */
export interface AskedPaper {
  readonly kind: PaperKind;
  readonly sheet: SheetName;
  /** Ids of looks; null: each base's look for each occasion last worked on. */
  readonly looks: readonly string[] | null;
  readonly scarf: string | null;
  /** How the scarf is tied; null: as it usually is. */
  readonly tie: TieSettings | null;
}

/** Lists in an address stand with commas between, ties as JSON. */
const listed = (text: unknown) => (typeof text === "string" ? text.split(",").filter(Boolean) : text);
const parsed = (text: unknown) => {
  if (typeof text !== "string") return text;
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return text;
  }
};

const schema = Joi.object<AskedPaper>({
  kind: oneOf(paperKinds).required().label("Paper"),
  sheet: oneOf(sheetNames).default("a5").label("Sheet"),
  looks: Joi.array().items(uuid.label("Look")).max(mostHandedOver).allow(null).default(null).label("Looks"),
  scarf: uuid.allow(null).default(null).label("Scarf"),
  tie: tie.allow(null).default(null).label("Tie"),
});

/** The schema of what an address asks of a paper, and the way an address is read for it. */
export const askedPaper = {
  schema,
  of: (asked: { readonly [name: string]: string | undefined }) => ({
    ...asked,
    ...(asked.looks !== undefined && { looks: listed(asked.looks) }),
    ...(asked.tie !== undefined && { tie: parsed(asked.tie) }),
  }),
};
