import "server-only";
import Joi from "joi";
import type { Outcome } from "@/core/schema/outcome";
import type { ChangeRecord } from "@/core/studio/member-record";
import { listChanges } from "../records/changes";
import { act } from "./act";

/** As many as one file holds. */
const most = 100_000;

/** Who changed what and when, the last first, as a table of its own file. */
export async function changesFile(): Promise<Outcome<string>> {
  return act("lead", Joi.object({}), {}, async (tenant) => {
    const rows = (await listChanges(tenant, most)).map(lineOf);
    return `${["when", "who", "what", "record", "name", "fields"].join(",")}\r\n${rows.join("")}`;
  });
}

function lineOf({ at, by, deed, record, name, fields }: ChangeRecord): string {
  return `${[at, by ?? "", deed, record, name, fields.join(" ")].map(cell).join(",")}\r\n`;
}

/** A cell; what a spreadsheet would take for a formula is made a text by a quote before it. */
function cell(text: string): string {
  const plain = /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\r\n]/.test(plain) ? `"${plain.replaceAll('"', '""')}"` : plain;
}
