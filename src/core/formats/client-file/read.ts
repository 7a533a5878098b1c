import { asSaid } from "../../piece/as-said";
import { checked, parseJson } from "../file";
import { withSortedKeys } from "../sorted-keys";
import type { ClientFile } from "./client-file";
import { checkLists, checkMeasures, checkNames } from "./check";
import { clientFileSchema } from "./schema";

/** Writes what `client.json` of an archive holds: the same record is the same text, in whatever order it was said. */
export function serialiseClientFile(file: ClientFile): string {
  const pieces = file.pieces.map((each) => ({ ...each, piece: asSaid(each.piece) }));
  return `${JSON.stringify(withSortedKeys({ ...file, pieces }), null, 2)}\n`;
}

/** Reads `client.json` of an archive. @throws FormatError with one sentence that names what is wrong */
export function parseClientFile(text: string): ClientFile {
  const file = checked(clientFileSchema, parseJson(text));
  checkNames(file);
  checkMeasures(file);
  checkLists(file);
  // How a piece is worn that is not in its set says nothing.
  const sets = file.sets.map((set) => ({
    ...set,
    ways: set.ways.filter(({ piece }) => set.pieceIds.includes(piece)),
  }));
  return { ...file, sets };
}
