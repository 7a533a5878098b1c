import { format, parseISO } from "date-fns";
import type { LaidOutLook } from "@/core/studio/shown-look";

type Titled = Pick<LaidOutLook, "look"> & {
  readonly record: { readonly name: string };
  readonly base: { readonly name: string };
};

/** What a look is called (by its own name, else by what it is for, else by its base), and when and where it is worn. */
export function lookTitle({ record, look: { occasion }, base }: Titled) {
  const under = [occasion && format(parseISO(occasion.day), "EEEE d MMMM yyyy"), occasion?.place];
  return {
    name: record.name || occasion?.name || base.name,
    under: under.filter(Boolean).join(", "),
  };
}
