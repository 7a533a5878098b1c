import type { Outcome } from "@/core/schema/outcome";
import type { LookStep } from "@/core/studio/look-steps";
import type { SaveLook } from "./keeper";

/** What the studio's server does for looks at the bench. */
export interface LookActions {
  readonly save: SaveLook;
  /** The steps of a look that is taken up. */
  readonly stepsOf: (input: { readonly lookId: string }) => Promise<Outcome<LookStep[]>>;
  readonly move: (input: { id: string; away: boolean }) => Promise<Outcome<null>>;
}
