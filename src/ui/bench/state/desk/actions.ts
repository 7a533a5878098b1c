import { isLegged } from "@/core/piece/piece";
import { verdicts } from "@/core/reading/verdict";
import { layersOfDay } from "@/core/reading/layers-of-day";
import { lookIf, whatIfs } from "@/core/reading/what-if";
import { stepAfter, stepBefore, type LookStep } from "@/core/studio/look-steps";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { wordOf } from "../../../kit/marks";
import { whatIfNames } from "../../words/what-if-names";
import type { BenchStore } from "./bench-store";
import { canCarryOver, otherLooks } from "./own-looks";
import type { Desk } from "./use-desk";

/** One thing that can be done at the bench, by key, by menu, by Ctrl-K or by a button. */
export interface BenchAction {
  readonly id: string;
  /** What it does, as a button or a menu says it. */
  readonly words: string;
  /** Its keys at first, as the hotkey library writes them; empty where it has none. */
  readonly keys: string;
  /** Shown in the menu of the bench. */
  readonly inMenu?: true;
  /** Left out: always. */
  applies?(desk: Desk): boolean;
  does(desk: Desk): void;
}

const isKept = ({ source }: Desk) => source.kept;
/** The steps of the look, and the one it stands at. */
const standing = (store: BenchStore): [readonly LookStep[], string | null] => {
  const { look, steps } = store.getState();
  return [steps.get(look.id) ?? [], look.stepId];
};
const candidateAt = ({ store, answers }: Desk) => {
  const { cursor } = store.getState();
  return cursor === null ? undefined : answers.candidates[cursor];
};
const candidateBy = (by: 1 | -1) => (desk: Desk) => {
  const { candidates } = desk.answers;
  const { cursor } = desk.store.getState();
  if (candidates.length === 0) return;
  const first = by > 0 ? 0 : candidates.length - 1;
  const next = cursor === null ? first : Math.max(0, Math.min(candidates.length - 1, cursor + by));
  desk.steps.preview(next);
};

/** Everything the bench can do: keys, buttons, menu, Ctrl-K and help all read this table. */
export const benchActions: readonly BenchAction[] = [
  { id: "station-up", words: benchWords.stationAbove, keys: "up", does: ({ steps }) => steps.goBy(-1) },
  { id: "station-down", words: benchWords.stationBelow, keys: "down", does: ({ steps }) => steps.goBy(1) },
  {
    id: "candidate-before",
    words: benchWords.candidateBeforeSeenOnThe,
    keys: "left",
    does: candidateBy(-1),
  },
  {
    id: "candidate-after",
    words: benchWords.candidateAfterSeenOnThe,
    keys: "right",
    does: candidateBy(1),
  },
  {
    id: "put-on",
    words: benchWords.putTheCandidateOn,
    keys: "enter",
    applies: ({ store }) => store.getState().cursor !== null,
    does(desk) {
      const at = candidateAt(desk);
      if (at) desk.steps.put(at.pieceId, at.also);
    },
  },
  {
    id: "no-because",
    words: benchWords.noBecauseDoNotOffer,
    keys: "x",
    applies: ({ store }) => store.getState().cursor !== null,
    does: (desk) => desk.steps.refuse(candidateAt(desk)?.pieceId ?? null),
  },
  {
    id: "take-off",
    words: benchWords.takeOffWhatTheStation,
    keys: "backspace",
    does: ({ steps }) => steps.takeOffActive(),
  },
  {
    id: "turn",
    words: benchWords.turnTheHemOnceTwice,
    keys: "t",
    applies: ({ look }) => look.garments.some(isLegged),
    does: ({ steps }) => steps.turn(),
  },
  { id: "hosiery", words: benchWords.goToHosiery, keys: "h", does: ({ steps }) => steps.go("hosiery") },
  {
    id: "edit-pass",
    words: benchWords.editPassWhatCouldCome,
    keys: "e",
    does: ({ steps, store }) => steps.lay(store.getState().tray === "edit pass" ? "candidates" : "edit pass"),
  },
  {
    id: "whole-sets",
    words: benchWords.wholeSetsTheBestOnes,
    keys: "w",
    does: ({ steps, store }) =>
      steps.lay(store.getState().tray === "whole sets" ? "candidates" : "whole sets"),
  },
  {
    id: "this-look",
    words: benchWords.thisLookItsNameA,
    keys: "n",
    inMenu: true,
    does: ({ steps }) => steps.open("this look"),
  },
  {
    id: "compare",
    words: benchWords.compareWithOtherLooks,
    keys: "c",
    inMenu: true,
    applies: ({ store }) => otherLooks(store.getState()).length > 0,
    does: ({ steps }) => steps.open("compare"),
  },
  {
    id: "mend-fact",
    words: benchWords.putAFigureLevelOr,
    keys: "f",
    inMenu: true,
    applies: isKept,
    does: ({ steps }) => steps.open("fact"),
  },
  {
    id: "another-look",
    words: benchWords.beginAnotherLook,
    keys: "",
    does: ({ steps }) => steps.beginAnother(),
  },
  {
    id: "copy-look",
    words: benchWords.copyThisLook,
    keys: "",
    does: ({ steps }) => steps.copy(),
  },
  {
    id: "carry-over",
    words: benchWords.carryOverWhatWasOn,
    keys: "",
    applies: ({ store }) => canCarryOver(store.getState()),
    does: ({ steps }) => steps.carryOver(),
  },
  {
    id: "levers",
    words: benchWords.dressierOrQuieter,
    keys: "l",
    inMenu: true,
    does: ({ steps }) => steps.open("levers"),
  },
  {
    id: "tailor",
    words: benchWords.askTheTailorOrMeasure,
    keys: "",
    applies: ({ look }) => look.garments.some(isLegged),
    does: ({ steps }) => steps.open("tailor"),
  },
  {
    id: "keep-set",
    words: benchWords.keepAsASet,
    keys: "s",
    applies: isKept,
    does: ({ steps }) => steps.open("keep"),
  },
  ...verdicts.map((verdict, i): BenchAction => ({
    id: `verdict-${verdict}`,
    words: sayWith(benchWords.youSayIt, { verdict: wordOf(verdict) }),
    keys: String(i + 1),
    does: ({ steps }) => steps.judge(verdict),
  })),
  {
    id: "undo",
    words: benchWords.undo,
    keys: "z",
    applies: ({ store }) => stepBefore(...standing(store)) !== null,
    does: ({ steps }) => steps.undo(),
  },
  {
    id: "redo",
    words: benchWords.doAgainWhatWasUndone,
    keys: "y",
    applies: ({ store }) => stepAfter(...standing(store)) !== null,
    does: ({ steps }) => steps.redo(),
  },
  ...whatIfs.map((whatIf, i): BenchAction => ({
    id: `what-if-${whatIf}`,
    words: sayWith(benchWords.whatIfWords, { whatIf: whatIfNames[whatIf] }),
    // The digits go on after those of the verdicts.
    keys: String(verdicts.length + 1 + i),
    applies: ({ store, look }) => store.getState().whatIf === whatIf || lookIf(look, whatIf) !== null,
    does: ({ steps }) => steps.suppose(whatIf),
  })),
  {
    id: "layers-off",
    words: benchWords.takeALayerOff,
    keys: "0",
    applies: ({ look }) => layersOfDay(look).length > 1,
    does: ({ steps, store, look }) =>
      steps.layersOff((store.getState().layersOff + 1) % layersOfDay(look).length),
  },
  {
    id: "keys",
    words: benchWords.keysOfTheBench,
    keys: "?",
    inMenu: true,
    does: ({ steps }) => steps.open("keys"),
  },
];

/** An action by its id. @throws RangeError when there is none */
export function benchAction(id: string): BenchAction {
  const found = benchActions.find((action) => action.id === id);
  if (!found) throw new RangeError(`the bench has no action "${id}"`);
  return found;
}
