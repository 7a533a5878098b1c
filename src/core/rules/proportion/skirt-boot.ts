import { difference } from "../../colour/difference";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, figure, within } from "../figures";
import { wear } from "../proposals";

export const skirtBoot = defineRule({
  id: "proportion.skirt-boot",
  reads: ["hosiery", "shoe"],
  title: "A skirt over a boot",
  fault: "the skirt over the boot",
  why: "A skirt either covers the boot's top, or leaves a good length of leg; a narrow stripe of leg between the two looks like a gap.",
  params: {
    overlap: param(3, "cm", "least overlap of hem over shaft"),
    bare: param(8, "cm", "least length of leg between them"),
    one: param(12, "dE", "hosiery this near the boot closes the gap"),
  },
  tags: ["hem"],
  messages: {
    covers: "The hem of {skirt} covers {boot} by {overlap}: one line to the floor.",
    just: "The hem of {skirt} just covers the top of {boot}.",
    closed:
      "{hosiery} in the colour of the boot {hosieryCount, plural, one {closes} other {close}} the gap of {gap} between {skirt} and {boot}.",
    stripe: "{gap} of leg shows between {skirt} and {boot}, like a stripe.",
  },
  read({ skirt, shoe: boot, hosiery }, { params, judge }) {
    const height = boot?.piece.figures.shaft ?? null;
    if (!skirt || !boot || height === null) return [];
    const gap = skirt.hem - height;
    const of = { skirt: skirt.garment, boot };
    if (gap <= -params.overlap) {
      const figures = { overlap: atLeast("hem over shaft", -gap, "cm", params.overlap) };
      return [judge("sings", "covers", { of, figures })];
    }
    if (gap >= params.bare) return [];
    if (gap < 0) {
      const figures = { overlap: atLeast("hem over shaft", -gap, "cm", params.overlap) };
      return [judge("note", "just", { of, figures })];
    }
    const figures = { gap: within("leg between hem and boot", gap, "cm", [-params.overlap, params.bare]) };
    const leg = hosiery?.profile.ground?.shade;
    const shaft = boot.profile.ground?.shade;
    if (hosiery && leg && shaft && difference(leg, shaft) <= params.one) {
      const facts = { of: { ...of, hosiery }, about: [skirt.garment, boot.piece], figures };
      return [judge("note", "closed", facts)];
    }
    const wanted = figure("least", params.bare, "cm");
    const proposals = wear("hosiery", "shoe");
    return [judge("rubs", "stripe", { of, figures: { wanted, ...figures }, proposals })];
  },
});
