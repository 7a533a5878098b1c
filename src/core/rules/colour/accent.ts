import type { Dressed, Patch, Worn } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { accentParams, isAccent, isDeep } from "./accent-colour";
import { echoLimitsOf, entriesIn } from "./echo-entries";
import { strayEntries } from "./echo-hope";
import { hopeFor, noHope } from "../outlook";

export const accent = defineRule({
  id: "colour.accent",
  reads: "everything",
  title: "One accent among quiet colours",
  fault: "the accent",
  why: "In quiet clothes one deep colour says more than another black. A clear one alone is seen first, and is a choice rather than a grace.",
  params: {
    ...accentParams,
    quiet: param(20, "C*", "chroma under which a garment keeps quiet beside an accent"),
    speck: param(0.02, "share", "share of the look under which a colour does not count against it"),
  },
  messages: {
    deep: "One deep accent among quiet colours: the {family} of {piece}.",
    clear: "One clear accent, on purpose: the {family} of {piece}.",
  },
  read(dressed, { params, judge }) {
    const entries = entriesIn(dressed);
    const stray = entries.find(({ alone }) => alone);
    const lone: Pick<Patch, "item" | "tint"> | null = stray ?? loneLayer(dressed, params.quiet);
    if (!lone || !isAccent(lone.tint, params)) return [];
    if (entries.some((entry) => entry.alone && entry !== stray)) return [];
    const facts = {
      of: { piece: lone.item },
      words: { family: lone.tint.family },
      figures: { depth: atMost("depth of the accent", lone.tint.shade.L, "L*", params.deep) },
    };
    const others = dressed.palette.filter(({ item, area }) => item !== lone.item && area >= params.speck);
    const quiet = others.every(({ tint }) => tint.neutral || tint.shade.C < params.quiet);
    if (isDeep(lone.tint, params) && quiet && dressed.garments.length > 0 && others.length > 0)
      return [judge("lifts", "deep", facts)];
    return stray && !isDeep(lone.tint, params) ? [judge("note", "clear", facts)] : [];
  },
  hope(outlook, { params }) {
    const { on, may, grows } = outlook;
    if (on.garments.length === 0) return noHope;
    // What is answered stays so; what nothing else comes near stays alone, and is the accent or speaks against one.
    const limits = echoLimitsOf(on.look.client.ruleBook);
    const lone = entriesIn(on).filter((entry) => entry.alone);
    const [stray, ...more] = strayEntries(outlook, limits);
    if (more.length > 0 || (stray && !isDeep(stray.tint, params))) return noHope;
    const isDeepIn = ({ profile }: Worn) => profile.tints.some((tint) => isDeep(tint, params));
    const accents = stray
      ? [stray.item]
      : [
          ...lone.filter(({ tint }) => isDeep(tint, params)).map(({ item }) => item),
          ...may.filter(isDeepIn),
          ...on.visible.filter((item) => item.place === "layer" && isDeepIn(item)),
        ];
    const loud = new Set(
      on.palette
        .filter(
          ({ tint, area }) => area / grows >= params.speck && !tint.neutral && tint.shade.C >= params.quiet,
        )
        .map(({ item }) => item),
    );
    const stands = (accent: Worn) => loud.size === 0 || (loud.size === 1 && loud.has(accent));
    return accents.some(stands) ? hopeFor("lifts") : noHope;
  },
});

/** The one layer in a colour over a base without any. */
function loneLayer({ visible, accessories }: Dressed, quiet: number): Pick<Patch, "item" | "tint"> | null {
  if (accessories.length === 0 || !visible.some(({ place }) => place === "layer")) return null;
  const coloured = visible.filter((item) => hasColour(item, quiet));
  const [item] = coloured;
  const tint = item?.profile.ground;
  return coloured.length === 1 && item?.place === "layer" && tint ? { item, tint } : null;
}

function hasColour({ profile }: Worn, quiet: number): boolean {
  return profile.tints.some(({ neutral, shade }) => !neutral && shade.C >= quiet);
}
