import Joi from "joi";
import { asSaid } from "../../piece/as-said";
import { checked, parseJson } from "../file";
import type { InParts } from "../in-parts";
import { withSortedKeys } from "../sorted-keys";
import { checkLists, checkWhatHolds, checkNames } from "./check";
import type { ClientFile } from "./client-file";
import { clientSchema, entrySchemas, listNames, mostEntries } from "./schema";

/** How many entries of a list are written or checked before others have their turn. */
const atOnce = 20;

/** Writes what `client.json` of an archive holds: the same record is the same text, in whatever order it was said. */
export function* serialiseClientFile(file: ClientFile): InParts<string> {
  const parts = [`{\n"client": ${line(file.client)}`];
  for (const name of [...listNames].sort()) {
    const lines: string[] = [];
    for (const [at, entry] of file[name].entries()) {
      lines.push(line("piece" in entry ? { ...entry, piece: asSaid(entry.piece) } : entry));
      if (at % atOnce === atOnce - 1) yield;
    }
    parts.push(lines.length === 0 ? `"${name}": []` : `"${name}": [\n${lines.join(",\n")}\n]`);
  }
  return `${parts.join(",\n")}\n}\n`;
}

const line = (value: object) => JSON.stringify(withSortedKeys(value));

/** Its parts are there and lists; what is in them is checked a few at a time. */
const frame = Joi.object<{ readonly client: object } & Record<string, unknown[]>>({
  client: Joi.object().unknown().required().label("Client"),
  ...Object.fromEntries(listNames.map((name) => [name, Joi.array().max(mostEntries).required().label(name)])),
});

/** Reads `client.json` of an archive. @throws FormatError with one sentence that names what is wrong */
export function* parseClientFile(text: string): InParts<ClientFile> {
  const raw = checked(frame, parseJson(text));
  yield;
  const file: Record<string, unknown> = { client: checked(clientSchema, raw.client, "client") };
  for (const name of listNames) {
    const entries: unknown[] = [];
    for (const [at, entry] of (raw[name] ?? []).entries()) {
      entries.push(checked(entrySchemas[name].required(), entry, `${name}.${at}`));
      if (at % atOnce === atOnce - 1) yield;
    }
    file[name] = entries;
  }
  return sound(file as unknown as ClientFile);
}

/** @throws FormatError where one part of a file goes against another */
function sound(file: ClientFile): ClientFile {
  checkNames(file);
  checkWhatHolds(file);
  checkLists(file);
  // How a piece is worn that is not in its set says nothing.
  const sets = file.sets.map((set) => ({
    ...set,
    ways: set.ways.filter(({ piece }) => set.pieceIds.includes(piece)),
  }));
  return { ...file, sets };
}
