import { expose } from "comlink";
import { bookExamplesOf, type BookExample } from "@/core/reading/book-examples";
import { bookRemediesOf, type BookRemedy } from "@/core/reading/book-remedies";
import { editPass, surprises } from "@/core/reading/edit-pass";
import { edgesOf, type Edge } from "@/core/reading/edges";
import { certaintyOf, type Certainty } from "@/core/reading/open-questions";
import { read } from "@/core/reading/read";
import { remediesOf, type Remedies } from "@/core/reading/remedies";
import { solveTurnUp, type TurnUpAnswer } from "@/core/reading/turn-ups";
import { inseamFor, liftFor } from "@/core/reading/tailor";
import { hasHem, hemRow, type HemCell } from "@/core/search/hem-board";
import { tiesFor, type TieChoice, type TieWish } from "@/core/search/scarf-ties";
import { leversOf, type Lever } from "@/core/search/levers";
import { fillTemplate } from "@/core/search/best/fill";
import type { SetWish } from "@/core/search/best/set-problem";
import type { GapFacts } from "@/core/search/gap-spec";
import type { MeasuresFirst } from "@/core/search/measure-first";
import { rank } from "@/core/search/rank";
import type { NamedPieces } from "@/core/studio/bench-source";
import { layOut, offered, pieceOf, type LookKey, type Wardrobe } from "@/core/studio/wardrobe";
import { isKind, isLegged } from "@/core/piece/piece";
import type { Slot } from "@/core/piece/slots";
import type { RuleBook } from "@/core/rule-book/rule-book";
import type { FindingIdentity } from "@/core/reading/same-finding";
import type { SetTemplate } from "@/core/sets/template";
import type {
  BestSets,
  FilledOf,
  FoundGaps,
  LeverOf,
  RankedPiece,
  RemovedPiece,
  SlotLeversOf,
  SurpriseOf,
  TailorAdvice,
} from "./answers";
import { seekSets } from "./best-sets";
import { readBoard, type BoardKey, type BoardRow } from "./board";
import { opensOf, seekGaps } from "./gaps";
import { seekMeasures } from "./measures";

let wardrobe: Wardrobe | null = null;
/** Calls that were left: their long work stops at its next breath. */
const left = new Set<number>();

/** Whether a call is still wanted. */
function wanted(call: number): () => boolean {
  return () => !left.has(call);
}

function laidWardrobe(): Wardrobe {
  if (!wardrobe) throw new Error("a wardrobe must be laid before it is asked about");
  return wardrobe;
}

const wardrobeWorker = {
  /** Lays the wardrobe that every later question is about. */
  lay(next: Wardrobe): void {
    wardrobe = next;
  },

  rank(key: LookKey, slot: Slot): RankedPiece[] {
    return rank(layOut(laidWardrobe(), key), slot, offered(laidWardrobe(), key.occasionId)).map(
      ({ piece, ...rest }) => ({
        pieceId: piece.id,
        ...rest,
      }),
    );
  },

  remedies(key: LookKey): Remedies {
    const look = layOut(laidWardrobe(), key);
    return remediesOf(look, read(look), offered(laidWardrobe(), key.occasionId));
  },

  /** Leaves a call: its long work stops, and what it answers is nobody's. */
  cancel(call: number): void {
    left.add(call);
  },

  /** Changes of the client's rule book after which a finding of the look is no longer made. */
  bookRemedies(key: LookKey, finding: FindingIdentity): BookRemedy[] {
    return bookRemediesOf(layOut(laidWardrobe(), key), finding);
  },

  /** What every answer a rule book does not give would change among these looks. */
  bookExamples(keys: readonly LookKey[], book: RuleBook): BookExample[] {
    return bookExamplesOf(
      keys.map((key) => layOut(laidWardrobe(), key)),
      book,
    );
  },

  turnUp(key: LookKey): TurnUpAnswer | null {
    return solveTurnUp(layOut(laidWardrobe(), key));
  },

  /** The figures on which the verdict hangs, the nearest first. */
  edges(key: LookKey): Edge[] {
    return edgesOf(layOut(laidWardrobe(), key));
  },

  /** What nobody has said of what is worn, and what of it would decide. */
  certainty(key: LookKey): Certainty {
    return certaintyOf(layOut(laidWardrobe(), key));
  },

  editPass(key: LookKey): RemovedPiece[] {
    return editPass(layOut(laidWardrobe(), key)).map(({ piece, ...rest }) => ({
      pieceId: piece.id,
      ...rest,
    }));
  },

  surprises(key: LookKey): SurpriseOf[] {
    const found = surprises(layOut(laidWardrobe(), key), offered(laidWardrobe(), key.occasionId));
    return found.map(({ off, on, ...rest }) => ({ offId: off.id, onId: on.id, ...rest }));
  },

  /** What swapping each slot does to the level of the look. */
  levers(key: LookKey): SlotLeversOf[] {
    const byId = (lever: Lever | null): LeverOf | null => {
      if (!lever) return null;
      const { piece, ...rest } = lever;
      return { ...rest, pieceId: piece.id };
    };
    return leversOf(layOut(laidWardrobe(), key), offered(laidWardrobe(), key.occasionId)).map(
      ({ slot, quieter, dressier }) => ({
        slot,
        quieter: byId(quieter),
        dressier: byId(dressier),
      }),
    );
  },

  /** The folds and ties of a scarf that is on: those that show a colour, or those the look reads best with. */
  ties(key: LookKey, scarfId: string, wish: TieWish): TieChoice[] {
    const scarf = pieceOf(laidWardrobe(), scarfId);
    return scarf && isKind(scarf, "scarf") ? tiesFor(layOut(laidWardrobe(), key), scarf, wish) : [];
  },

  /** The best sets for a base and an occasion. */
  bestSets(key: LookKey, wish: SetWish, tell: (found: BestSets) => void, call: number): Promise<BestSets> {
    return seekSets(layOut(laidWardrobe(), key), offered(laidWardrobe(), key.occasionId), wish, {
      tell,
      goesOn: wanted(call),
    });
  },

  /** A template filled from what may be offered; one at a time, so that each can be shown when it is done. */
  fill(template: SetTemplate, bases: readonly NamedPieces[]): FilledOf {
    const garments = bases.map(({ pieceIds }) => pieceIds.flatMap((id) => pieceOf(laidWardrobe(), id) ?? []));
    const { pieces, ...rest } = fillTemplate(
      template,
      laidWardrobe().client,
      offered(laidWardrobe()),
      garments,
    );
    return { ...rest, pieceIds: pieces.map(({ id }) => id) };
  },

  gaps(
    bases: readonly NamedPieces[],
    sets: readonly NamedPieces[],
    tell: (found: FoundGaps) => void,
    call: number,
  ): Promise<FoundGaps> {
    return seekGaps(laidWardrobe(), bases, sets, { tell, goesOn: wanted(call) });
  },

  /** The measures nobody has taken on which most verdicts hang. */
  measureFirst(
    bases: readonly NamedPieces[],
    tell: (found: MeasuresFirst) => void,
    call: number,
  ): Promise<MeasuresFirst> {
    return seekMeasures(laidWardrobe(), bases, { tell, goesOn: wanted(call) });
  },

  /** What one missing piece would open of what no set serves: bases, each with its occasion. */
  opens(bases: readonly NamedPieces[], sets: readonly NamedPieces[], facts: GapFacts): string[] {
    return opensOf(laidWardrobe(), bases, sets, facts);
  },

  /** The inseam that suits the client's shoes best, and the lift full-length legs need. */
  tailor(trousersId: string, shoeIds: readonly string[]): TailorAdvice | null {
    const trousers = pieceOf(laidWardrobe(), trousersId);
    if (!trousers || !isLegged(trousers)) return null;
    const shoes = shoeIds.flatMap((id) => {
      const shoe = pieceOf(laidWardrobe(), id);
      return shoe?.kind === "shoe" ? [shoe] : [];
    });
    const { client } = laidWardrobe();
    return { ...inseamFor(client, trousers, shoes), lift: liftFor(client, trousers) };
  },

  /** One row of the hem board. */
  hemRow(garmentId: string): HemCell[] {
    const garment = pieceOf(laidWardrobe(), garmentId);
    if (!garment || !hasHem(garment)) return [];
    const shoes = laidWardrobe().pieces.filter((piece) => piece.kind === "shoe");
    return hemRow(laidWardrobe().client, garment, shoes);
  },

  /** Every set on every base. */
  board(board: BoardKey, tell: (rows: readonly BoardRow[]) => void, call: number): Promise<void> {
    return readBoard(laidWardrobe(), board, { tell, goesOn: wanted(call) });
  },
};

export type WardrobeWorker = typeof wardrobeWorker;

expose(wardrobeWorker);
