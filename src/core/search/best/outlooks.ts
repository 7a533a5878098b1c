import { dress } from "../../dressing/dress";
import type { Dressed, Worn } from "../../dressing/dressed";
import { levelRanges, openPulls } from "../../dressing/level-range";
import type { Look } from "../../piece/look";
import type { Slot } from "../../piece/slots";
import type { Outlook } from "../../rules/outlook";
import { wornAlone, type Place } from "./options";

/** Without a garment a look may become any number of times larger. */
const noGarments = 1e9;

/** What may yet be put on beside what is on, after so many places are chosen. */
export function outlooksFor(base: Look, places: readonly Place[]): (on: Dressed, chosen: number) => Outlook {
  const seen = places.map(({ options }) =>
    options
      .flatMap((option) => (option && wornAlone(base, option)) ?? [])
      .filter((item) => item.seen.length > 0),
  );
  const bare = dress(base);
  /** What does not depend on what was chosen, by how many places are. */
  const ahead = places.map((_, chosen) => {
    const open = seen.slice(chosen);
    return {
      open: new Map(
        open.map((items, i): [Slot, readonly Worn[]] => [places[chosen + i]?.slot ?? "shoe", items]),
      ),
      may: open.flat(),
      added: open.reduce((sum, items) => sum + Math.max(0, ...items.map(({ area }) => area / (1 - area))), 0),
      pulls: bare.placing?.span ? openPulls(open, bare.placing.base) : null,
    };
  });
  return (on, chosen) => {
    const { open, may, added, pulls } = ahead[chosen] ?? { open: new Map(), may: [], added: 0, pulls: null };
    const garments = on.worn.reduce((sum, { slot, area }) => (slot === null ? sum + area : sum), 0);
    return {
      on,
      open,
      may,
      all: [...on.visible, ...may],
      grows: garments > 0 ? 1 + garments * added : noGarments,
      levels: levelRanges(on.worn, on.placing, pulls),
    };
  };
}
