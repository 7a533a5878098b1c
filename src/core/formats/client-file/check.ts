import { clientFigures } from "../../schema/client";
import { checked } from "../file";
import { FormatError } from "../format-error";
import type { ClientFile } from "./client-file";
import { renamed, type NamedKind } from "./named";
import { measuredNow, ruleBookNow } from "./now";

/** @throws FormatError where an id is given twice, or something is named that the file does not hold */
export function checkNames(file: ClientFile): void {
  const given: Readonly<Record<NamedKind, ReadonlySet<string>>> = {
    piece: idsOf(
      "pieces",
      file.pieces.map(({ piece }) => piece.id),
    ),
    occasion: idsOf(
      "occasions",
      file.occasions.map(({ occasion }) => occasion.id),
    ),
    base: idsOf(
      "bases",
      file.bases.map(({ id }) => id),
    ),
    set: idsOf(
      "sets",
      file.sets.map(({ id }) => id),
    ),
    look: idsOf(
      "looks",
      file.looks.map(({ id }) => id),
    ),
    step: new Set(
      file.looks.flatMap((look, i) => {
        const steps = idsOf(
          `looks.${i}.steps`,
          look.steps.map(({ id }) => id),
        );
        return [...steps].map((id) => `${look.id}/${id}`);
      }),
    ),
  };
  renamed(file, (kind, id, where) => {
    if (!given[kind].has(id)) throw new FormatError(`${where}: no ${kind} has the id "${id}"`);
    return id;
  });
}

/** @throws FormatError where two are alike */
export function idsOf(where: string, list: readonly string[]): ReadonlySet<string> {
  const ids = new Set<string>();
  for (const id of list) {
    if (ids.has(id)) throw new FormatError(`${where}: two have the id "${id}"`);
    ids.add(id);
  }
  return ids;
}

/** @throws FormatError where she has no rule book, or the figures that hold are not plausible or contradict one another */
export function checkWhatHolds(file: ClientFile): void {
  ruleBookNow(file);
  checked(clientFigures.measured, measuredNow(file));
}

/** @throws FormatError where what must come one after the other does not, or something is named twice in one list */
export function checkLists({
  measurements,
  ruleBooks,
  bases,
  sets,
  looks,
  overrulings,
  declined,
  links,
}: ClientFile): void {
  const dated: readonly (readonly [string, readonly string[]])[] = [
    ["measurements", measurements.map(({ takenAt }) => takenAt)],
    ["overrulings", overrulings.map(({ madeAt }) => madeAt)],
    ["declined", declined.map(({ madeAt }) => madeAt)],
    ["links", links.map(({ madeAt }) => madeAt)],
    ...looks.map(({ steps }, i) => [`looks.${i}.steps`, steps.map(({ at }) => at)] as const),
  ];
  for (const [where, moments] of dated) inOrder(where, moments);
  ruleBooks.forEach(({ book }, i) => {
    if (i > 0 && book.version <= (ruleBooks[i - 1]?.book.version ?? 0))
      throw new FormatError(`ruleBooks.${i}: its version must be above the one before it`);
  });
  const lists: readonly (readonly [string, readonly string[]])[] = [
    ...bases.map(({ pieceIds }, i) => [`bases.${i}`, pieceIds] as const),
    ...sets.map(({ pieceIds }, i) => [`sets.${i}`, pieceIds] as const),
    ...looks.map(({ accessoryIds }, i) => [`looks.${i}`, accessoryIds] as const),
    ...links.map((link, i) => [`links.${i}`, link.looks.map(({ lookId }) => lookId)] as const),
  ];
  for (const [where, ids] of lists)
    if (new Set(ids).size < ids.length) throw new FormatError(`${where}: it names the same thing twice`);
}

function inOrder(where: string, moments: readonly string[]): void {
  const late = moments.findIndex((moment, i) => i > 0 && moment < (moments[i - 1] ?? ""));
  if (late > 0) throw new FormatError(`${where}.${late}: it stands after one that is later`);
}
