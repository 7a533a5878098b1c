import type { Dressed } from "../../dressing/dressed";
import { finishes } from "../../finish/finishes";
import { param } from "../../rule-book/params";
import type { Schools } from "../../rule-book/schools";
import { defineRule } from "../define-rule";
import { atLeast, atMost, figure } from "../figures";
import { swapOrTakeOff } from "../proposals";
import { mayBeTonal, tonalOf, tonalParams } from "./tonal";
import { doomed, hopeFor, noHope } from "../outlook";

const limits: Record<Schools["colours"], number> = {
  "at most two": 2,
  "at most three": 3,
  "at most four": 4,
};

export const count = defineRule({
  id: "colour.count",
  reads: "everything",
  title: "How many colours at once",
  fault: "too many colours",
  why: "The eye takes in two or three colours and starts counting at the fourth. One colour alone is quiet strength, if depth or texture gives it something to do.",
  params: {
    share: param(0.02, "share", "share from which a colour is counted"),
    depths: param(12, "L*", "range of depth that keeps one colour alive"),
    pieces: param(3, "count", "pieces from which a look is one that could have more colours"),
    ...tonalParams,
  },
  schools: ["colours"],
  messages: {
    many: "There are {count} colours here at once: {colours}. That is a lot to look at.",
    tonal:
      "One colour from head to foot, {colours}, kept alive by its lighter and darker shades and its different surfaces.",
    flat: "One colour from head to foot, {colours}, all in one shade and one surface: it looks flat.",
  },
  read(dressed, { params, schools, judge }) {
    const colours = dressed.colours.filter((colour) => colour.share >= params.share);
    const most = limits[schools.colours];
    const named = () => ({ colours: colours.map(({ name }) => name).join(", ") });
    if (colours.length > most) {
      const strays = straysOf(dressed, new Set(colours.slice(most).map(({ name }) => name)));
      const figures = { count: atMost("colours seen", colours.length, "count", most) };
      const proposals = swapOrTakeOff(...strays);
      return [judge("rubs", "many", { of: { strays }, words: named(), figures, proposals })];
    }
    if (dressed.worn.length < params.pieces || dressed.accessories.length === 0) return [];
    const tones = tonalOf(dressed, params);
    if (!tones) return [];
    const kins = new Set(dressed.visible.map(({ piece }) => finishes[piece.finish].kin)).size;
    const figures = {
      range: atLeast("range of depth", tones.range, "L*", params.depths),
      kins: figure("textures", kins, "count"),
    };
    const alive = tones.range >= params.depths || kins > 1;
    return [judge(alive ? "lifts" : "note", alive ? "tonal" : "flat", { words: named(), figures })];
  },
  hope({ on, grows }, { params, schools }) {
    const seen = on.colours.filter(({ share }) => share / grows >= params.share);
    if (seen.length > limits[schools.colours]) return doomed("rubs");
    return mayBeTonal(on, grows, params) ? hopeFor("lifts") : noHope;
  },
});

/** The accessories that bring in the colours beyond the limit. */
function straysOf(dressed: Dressed, beyond: ReadonlySet<string>) {
  return dressed.accessories
    .filter(({ profile }) => profile.tints.some((tint) => !tint.neutral && beyond.has(tint.family)))
    .map(({ piece }) => piece);
}
