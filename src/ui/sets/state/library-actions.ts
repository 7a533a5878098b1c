import type { Outcome } from "@/core/schema/outcome";
import type { SetTemplate } from "@/core/sets/template";

type Move = (input: { id: string; away: boolean }) => Promise<Outcome<null>>;

/** What can be done with a set of the library. */
export interface LibraryActions {
  readonly retire: Move;
  readonly putAway: Move;
  readonly wear: (input: { clientId: string; setId: string; day: string | null }) => Promise<Outcome<string>>;
  readonly unwear: (input: { id: string }) => Promise<Outcome<null>>;
  readonly saveTemplate: (input: SetTemplate) => Promise<Outcome<string>>;
}
