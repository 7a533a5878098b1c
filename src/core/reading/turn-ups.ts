import { turnLength } from "../proportion/hem";
import { optionsOf, type Turn } from "../piece/adjustment";
import { isLegged, type Piece } from "../piece/piece";
import { isPressed } from "../piece/pressed";
import type { Look } from "../piece/look";
import { apply, wornSo, type Change } from "./change";
import { speaksOf } from "../rules/spoken";
import { hemFindings, weighHem } from "./hems";

/** A way to wear a hem, with what the hem rules then make of it. */
export interface TurnUp {
  /** Null: as it is. */
  readonly turn: Turn | null;
  /** Sum of the proportion findings' effects. */
  readonly points: number;
  readonly jars: boolean;
}

export interface TurnUpAnswer {
  /** The best that does not jar, or null when every one does. */
  readonly best: TurnUp | null;
  /** What the one that comes nearest still runs into, when none does: ids of the rules. */
  readonly because: readonly string[];
  /** The cloth is pressed and is not rolled: the tailor or another shoe mends what jars. */
  readonly pressed: boolean;
}

/**
 * The turn-up that makes trousers and shoe agree: every single and double turn in half-centimetre steps
 * is read, and the best that does not jar is the answer, the least cloth moved among equals. Pressed cloth is
 * never rolled: of that only the plain hem is read.
 * @returns null when the look has no trousers
 */
export function solveTurnUp(look: Look): TurnUpAnswer | null {
  const trousers = look.garments.find((piece) => isLegged(piece));
  if (!trousers) return null;
  const pressed = isPressed(trousers);
  const met = hemOf(look);
  const tried = [null, ...(pressed ? [] : optionsOf("turn", trousers))].map((turn) =>
    tryTurn(met, trousers.id, turn),
  );
  const ranked = [...tried].sort(
    (one, other) =>
      Number(one.jars) - Number(other.jars) ||
      other.points - one.points ||
      turnLength(one.turn) - turnLength(other.turn) ||
      (one.turn?.count ?? 0) - (other.turn?.count ?? 0),
  );
  const [first] = ranked;
  if (!first) return null;
  if (!first.jars) return { best: first, because: [], pressed };
  return { best: null, because: first.against, pressed };
}

/** What meets at the hem: nothing else of a look has to do with it, and less is sooner dressed. */
function hemOf(look: Look): Look {
  const meets = ({ kind }: Piece) =>
    kind === "shoe" || kind === "hosiery" || kind === "skirt" || kind === "dress";
  return {
    ...look,
    garments: look.garments.filter((piece) => isLegged(piece) || meets(piece)),
    accessories: look.accessories.filter(meets),
  };
}

function tryTurn(look: Look, piece: string, turn: Turn | null): TurnUp & { against: readonly string[] } {
  const change: Change = turn ? wornSo(turn) : { kind: "undo", way: "turn", piece };
  const { points, against } = weighHem(
    hemFindings(apply(look, change)).filter((finding) => speaksOf(finding, piece)),
  );
  return { turn, points, jars: against.length > 0, against };
}
