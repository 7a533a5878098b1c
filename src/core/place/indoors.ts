import type { Ground, Occasion } from "../piece/occasion";

const floors: ReadonlySet<Ground> = new Set(["indoors", "carpet"]);

/** Whether an occasion takes place under a roof, so that its weather is met on the way alone. */
export function isIndoors({ ground }: Pick<Occasion, "ground">): boolean {
  return floors.has(ground);
}
