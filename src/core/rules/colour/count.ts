import type { Dressed } from "../../dressing/dressed";
import { finishes } from "../../finish/finishes";
import { param } from "../../rule-book/params";
import type { Schools } from "../../rule-book/schools";
import { defineRule } from "../define-rule";
import { atLeast, atMost, figure } from "../figures";
import { listed, swapOrTakeOff } from "../visible";

const limits: Record<Schools["colours"], number> = {
  "at most two": 2,
  "at most three": 3,
  "at most four": 4,
};

export const count = defineRule({
  id: "colour.count",
  lens: "colour",
  weight: 1,
  title: "How many colours at once",
  why: "The eye takes in two or three colours and starts counting at the fourth. One colour alone is quiet strength, if depth or texture gives it something to do.",
  params: {
    share: param(0.02, "share", "share from which a colour is counted"),
    depths: param(12, "L*", "range of depth that keeps one colour alive"),
  },
  schools: ["colours"],
  read(dressed, { share, depths }, schools) {
    const colours = dressed.colours.filter((colour) => colour.share >= share);
    const most = limits[schools.colours];
    const names = { colours: colours.map(({ name }) => name).join(", ") };
    const figures = { count: atMost("colours seen", colours.length, "count", most) };
    if (colours.length > most) {
      const strays = straysOf(dressed, new Set(colours.slice(most).map(({ name }) => name)));
      return [
        {
          effect: "rubs",
          say: "{count} colours at once: {colours}.",
          names: { strays: listed(strays), ...names },
          figures,
          pieces: strays.map(({ id }) => id),
          proposals: swapOrTakeOff(strays),
        },
      ];
    }
    if (colours.length !== 1 || dressed.worn.length < 3) return [];
    const range = depthRange(dressed, share);
    const kins = new Set(dressed.worn.map(({ piece }) => finishes[piece.finish].kin)).size;
    const alive = range >= depths || kins > 1;
    return [
      {
        effect: alive ? "lifts" : "note",
        say: alive
          ? "Tonal: {colours} alone, over {range}."
          : "Tonal but flat: {colours} alone, over only {range} and in one texture.",
        names,
        figures: {
          range: atLeast("range of depth", range, "L*", depths),
          kins: figure("textures", kins, "count"),
        },
        pieces: [],
      },
    ];
  },
});

function depthRange({ palette }: Dressed, share: number): number {
  const depths = palette.filter(({ area }) => area >= share).map(({ tint }) => tint.shade.L);
  return depths.length > 0 ? Math.max(...depths) - Math.min(...depths) : 0;
}

/** The accessories that bring in the colours beyond the limit. */
function straysOf(dressed: Dressed, beyond: ReadonlySet<string>) {
  return dressed.accessories
    .filter(({ profile }) => profile.tints.some((tint) => !tint.neutral && beyond.has(tint.family)))
    .map(({ piece }) => piece);
}
