import type { Adjustment } from "../piece/adjustment";
import type { Verdict } from "../reading/verdict";

/** What a hand changes of a look: what is worn, how, and what the stylist says of it. */
export interface LookState {
  readonly accessoryIds: readonly string[];
  readonly adjustments: readonly Adjustment[];
  /** The stylist's own verdict, which stands above the computed one. */
  readonly ownVerdict: Verdict | null;
}

/** A state that a look has been in. A state taken up again is a step of its own: no step is ever lost. */
export interface LookStep extends LookState {
  readonly id: string;
  /** The step it was made from; null for the first. */
  readonly after: string | null;
  /** When it was made, as an ISO time. */
  readonly at: string;
}

/** Only what a hand changes. */
export function stateOf({ accessoryIds, adjustments, ownVerdict }: LookState): LookState {
  return { accessoryIds, adjustments, ownVerdict };
}

/** Where undo leads from a step; null from the first, or where it is not known. */
export function stepBefore(steps: readonly LookStep[], id: string | null): LookStep | null {
  const after = steps.find((step) => step.id === id)?.after ?? null;
  return after === null ? null : (steps.find((step) => step.id === after) ?? null);
}

/** Where redo leads from a step: to the one made from it last; null where none was. */
export function stepAfter(steps: readonly LookStep[], id: string | null): LookStep | null {
  return id === null ? null : (steps.findLast((step) => step.after === id) ?? null);
}

/** Both lists of one look's steps as one, the oldest first, each step once. */
export function joinSteps(one: readonly LookStep[], other: readonly LookStep[]): LookStep[] {
  const known = new Set(one.map(({ id }) => id));
  return [...one, ...other.filter(({ id }) => !known.has(id))].sort((a, b) =>
    a.at === b.at ? Number(a.id > b.id) - Number(a.id < b.id) : a.at < b.at ? -1 : 1,
  );
}
