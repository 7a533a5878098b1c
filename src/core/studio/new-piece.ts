import { unsaidFigures } from "../piece/as-said";
import type { Kind } from "../piece/kinds";
import type { PieceDraft } from "./piece-record";

/** A piece of a kind of which nothing else has been said: plain, grey, without metal. */
export function newPiece(kind: Kind): PieceDraft {
  return {
    kind,
    name: "",
    swatches: [{ hex: "#6b6f75", share: 1, role: "ground" }],
    finish: "matte smooth",
    secondFinish: null,
    cloth: null,
    pattern: "plain",
    patternScale: 0,
    metal: "none",
    metalSize: 0,
    poles: [],
    statement: null,
    register: null,
    figures: unsaidFigures(kind),
  } as PieceDraft;
}
