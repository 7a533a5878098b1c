import type { Adjustment } from "../../piece/adjustment";
import type { LookState } from "../../studio/look-steps";
import type { Piece } from "../../piece/piece";
import { draftOf } from "../../studio/piece-record";
import { withSortedKeys } from "../sorted-keys";
import type { ClientFile, FiledPiece } from "./client-file";

/** What has an id of its own in a file. */
export type NamedKind = "piece" | "occasion" | "base" | "set" | "look" | "step";

/**
 * The id to write in place of one in a file.
 * @param where where in the file it stands
 */
type IdOf = (kind: NamedKind, id: string, where: string) => string;

/** The same file with other ids: every id in it, where it is given and where it is named, is asked for once. */
export function renamed(file: ClientFile, idOf: IdOf): ClientFile {
  const { piecesOf, adjusted, idOrNull } = manyWith(idOf);
  return {
    ...file,
    pieces: file.pieces.map((each, i) => ({
      ...each,
      piece: { ...each.piece, id: idOf("piece", each.piece.id, `pieces.${i}`) },
    })),
    occasions: file.occasions.map((each, i) => ({
      ...each,
      occasion: { ...each.occasion, id: idOf("occasion", each.occasion.id, `occasions.${i}`) },
    })),
    bases: file.bases.map((base, i) => ({
      ...base,
      id: idOf("base", base.id, `bases.${i}`),
      pieceIds: piecesOf(base.pieceIds, `bases.${i}`),
    })),
    sets: file.sets.map((set, i) => ({
      ...set,
      id: idOf("set", set.id, `sets.${i}`),
      pieceIds: piecesOf(set.pieceIds, `sets.${i}`),
      ways: adjusted(set.ways, `sets.${i}.ways`),
    })),
    looks: file.looks.map((look, i) => renamedLook(look, `looks.${i}`, idOf)),
    overrulings: file.overrulings.map((each, i) => ({
      ...each,
      pieceIds: piecesOf(each.pieceIds, `overrulings.${i}`),
      lookId: idOrNull("look", each.lookId, `overrulings.${i}`),
    })),
    declined: file.declined.map((each, i) => ({
      ...each,
      pieceId: idOf("piece", each.pieceId, `declined.${i}`),
    })),
    links: file.links.map((link, i) => ({
      ...link,
      looks: link.looks.map((each) => ({ ...each, lookId: idOf("look", each.lookId, `links.${i}`) })),
    })),
  };
}

function renamedLook(
  look: ClientFile["looks"][number],
  where: string,
  idOf: IdOf,
): ClientFile["looks"][number] {
  const { idOrNull, stateOf } = manyWith(idOf);
  const step = (id: string | null) => idOrNull("step", id === null ? null : `${look.id}/${id}`, where);
  return {
    ...stateOf(look, where),
    id: idOf("look", look.id, where),
    baseId: idOf("base", look.baseId, where),
    occasionId: idOrNull("occasion", look.occasionId, where),
    stepId: step(look.stepId),
    steps: look.steps.map((each, at) => ({
      ...stateOf(each, `${where}.steps.${at}`),
      id: step(each.id) ?? each.id,
      after: step(each.after),
    })),
  };
}

/** The ids of lists, of adjustments, of what a look is, and of what may be none. */
function manyWith(idOf: IdOf) {
  const piecesOf = (ids: readonly string[], where: string) => ids.map((id) => idOf("piece", id, where));
  const adjusted = (list: readonly Adjustment[], where: string) =>
    list.map((each): Adjustment => ({ ...each, piece: idOf("piece", each.piece, where) }));
  const stateOf = <S extends LookState>(state: S, where: string): S => ({
    ...state,
    accessoryIds: piecesOf(state.accessoryIds, where),
    adjustments: adjusted(state.adjustments, where),
  });
  const idOrNull = (kind: NamedKind, id: string | null, where: string) =>
    id === null ? null : idOf(kind, id, where);
  return { piecesOf, adjusted, stateOf, idOrNull };
}

/** A new id for each of a file's own, the same wherever it is named. */
export function once(make: (kind: NamedKind, own: string) => string): IdOf {
  const made = new Map<string, string>();
  return (kind, own) => {
    const key = `${kind} ${own}`;
    const id = made.get(key) ?? make(kind, own);
    made.set(key, id);
    return id;
  };
}

/**
 * A file with ids counted in the order of its lists, so that the same record is the same file wherever it was kept: what
 * is the studio's own stands behind what is hers, in an order that says nothing of when the studio got it.
 */
export function counted(file: ClientFile): ClientFile {
  const hers = file.pieces.filter(({ ofKit }) => !ofKit);
  const at = firstNamed(file);
  const placeOf = ({ piece }: FiledPiece) => at.get(piece.id) ?? 0;
  const ofKit = file.pieces
    .filter((each) => each.ofKit)
    .sort((one, other) => bySaid(one, other) || placeOf(one) - placeOf(other));
  const counts = new Map<NamedKind, number>();
  const next = (kind: NamedKind) => {
    const count = (counts.get(kind) ?? 0) + 1;
    counts.set(kind, count);
    return `${kind}-${count}`;
  };
  return renamed({ ...file, pieces: [...hers, ...ofKit] }, once(next));
}

/** How many pieces are named in a file before each of them is: two that are alike are told apart by that. */
function firstNamed(file: ClientFile): ReadonlyMap<string, number> {
  const at = new Map<string, number>();
  renamed(file, (kind, id, where) => {
    if (kind === "piece" && !where.startsWith("pieces.") && !at.has(id)) at.set(id, at.size);
    return id;
  });
  return at;
}

function bySaid(one: FiledPiece, other: FiledPiece): number {
  const [a, b] = [saidOf(one.piece, one.photo), saidOf(other.piece, other.photo)];
  return a < b ? -1 : Number(a > b);
}

/** What is said of a piece and which photo it has, as one text whatever order it was said in. */
export function saidOf(piece: Piece, photo: string | null): string {
  return JSON.stringify([withSortedKeys(draftOf(piece)), photo]);
}
