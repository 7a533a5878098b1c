import { useCallback, useState } from "react";
import { slotOf } from "@/core/piece/piece";
import type { Slot } from "@/core/piece/slots";
import type { BestSets } from "@/workers/answers";
import { useAsk, type Question } from "../../workers/use-ask";
import { useDesk } from "./desk/use-desk";
import { wishOf, type Handled, type Leaning } from "./set-wishes";

/** The search for whole sets: what is asked of it, and what it has found so far. */
export function useWholeSets() {
  const { workers, key, look, reading } = useDesk();
  const { accessories } = look;
  const { level } = reading;
  const [leaning, setLeaning] = useState<Leaning | null>(null);
  const [handled, setHandled] = useState<Handled>({});
  // What was on when the search began: putting a set on does not begin it anew.
  const [asked, setAsked] = useState({ key, accessories, level });
  const isSameBase = asked.key.garmentIds.join() === key.garmentIds.join();
  if (!isSameBase || asked.key.occasionId !== key.occasionId) setAsked({ key, accessories, level });
  const question = useCallback<Question<BestSets>>(
    (worker, call, tell) =>
      worker.bestSets(asked.key, wishOf(leaning, handled, asked.accessories, asked.level), tell, call),
    [asked, leaning, handled],
  );
  const { value: found, state, stop } = useAsk(workers, question, "filling");
  /** Asks for something else, of the look as it is now. */
  const askAnew = (change: () => void) => {
    setAsked({ key, accessories, level });
    change();
  };
  return {
    found,
    state,
    stop,
    leaning,
    lean: (next: Leaning) => askAnew(() => setLeaning(next === leaning ? null : next)),
    handled,
    handle: (next: Handled) => askAnew(() => setHandled(next)),
    worn: (slot: Slot) => accessories.some((piece) => slotOf(piece) === slot),
  };
}
