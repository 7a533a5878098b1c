import type { LookKey } from "@/core/studio/wardrobe";

/** One of a client's looks, by which a change of the rule book is shown. */
export interface NamedLook {
  readonly name: string;
  readonly key: LookKey;
}
