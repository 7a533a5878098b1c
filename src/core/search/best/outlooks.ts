import { dress } from "../../dressing/dress";
import type { Dressed, Worn } from "../../dressing/dressed";
import { levelRanges, openPulls } from "../../dressing/level-range";
import type { Look } from "../../piece/look";
import type { Slot } from "../../piece/slots";
import type { Outlook } from "../../rules/outlook";
import { wornAlone, type Place } from "./options";

/** Made anew for every choice: rules remember what they hope by what is open. */
const nothingAhead = () => ({ open: new Map(), hidden: new Map(), may: [], added: 0, pulls: null });

/** Without a garment a look may become any number of times larger. */
const noGarments = 1e9;

/** What may yet be put on beside what is on, after so many places are chosen. */
export function outlooksFor(base: Look, places: readonly Place[]): (on: Dressed, chosen: number) => Outlook {
  const worn = places.map(({ options }) =>
    options.flatMap((option) => (option && wornAlone(base, option)) ?? []),
  );
  const isSeen = (item: Worn) => item.seen.length > 0;
  const seen = worn.map((items) => items.filter(isSeen));
  const bySlot = (ahead: readonly (readonly Worn[])[], from: number) =>
    new Map(ahead.map((items, i): [Slot, readonly Worn[]] => [places[from + i]?.slot ?? "shoe", items]));
  const bare = dress(base);
  /** What does not depend on what was chosen, by how many places are. */
  const ahead = places.map((_, chosen) => {
    const open = seen.slice(chosen);
    return {
      open: bySlot(open, chosen),
      hidden: bySlot(
        worn.slice(chosen).map((items) => items.filter((item) => !isSeen(item))),
        chosen,
      ),
      may: open.flat(),
      added: open.reduce((sum, items) => sum + Math.max(0, ...items.map(({ area }) => area / (1 - area))), 0),
      pulls: bare.placing?.span ? openPulls(open, bare.placing.base) : null,
    };
  });
  return (on, chosen) => {
    const { open, hidden, may, added, pulls } = ahead[chosen] ?? nothingAhead();
    const garments = on.worn.reduce((sum, { slot, area }) => (slot === null ? sum + area : sum), 0);
    return {
      on,
      open,
      hidden,
      may,
      all: [...on.visible, ...may],
      grows: garments > 0 ? 1 + garments * added : noGarments,
      levels: levelRanges(on.worn, on.placing, pulls),
    };
  };
}
