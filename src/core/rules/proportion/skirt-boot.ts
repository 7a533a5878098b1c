import { difference } from "../../colour/difference";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, within } from "../figures";

export const skirtBoot = defineRule({
  id: "proportion.skirt-boot",
  lens: "proportion",
  weight: 1,
  title: "A skirt over a boot",
  why: "A skirt either covers the boot's top, or leaves a good length of leg; a narrow stripe of leg between the two looks like a gap.",
  params: {
    overlap: param(3, "cm", "least overlap of hem over shaft"),
    bare: param(8, "cm", "least length of leg between them"),
    one: param(12, "dE", "hosiery this near the boot closes the gap"),
  },
  read({ skirt, shoe: boot, hosiery }, { overlap, bare, one }) {
    const height = boot?.piece.figures.shaft ?? null;
    if (!skirt || !boot || height === null) return [];
    const gap = skirt.hem - height;
    const names = { skirt: skirt.garment.name, boot: boot.piece.name };
    const shared = { names, pieces: [skirt.garment.id, boot.piece.id] };
    if (gap <= -overlap)
      return [
        {
          effect: "sings",
          figures: { overlap: atLeast("hem over shaft", -gap, "cm", overlap) },
          say: "The hem of {skirt} covers {boot} by {overlap}: one line to the floor.",
          ...shared,
        },
      ];
    if (gap >= bare) return [];
    const leg = hosiery?.profile.ground?.shade;
    const shaft = boot.profile.ground?.shade;
    const figures = { gap: within("leg between hem and boot", gap, "cm", -overlap, bare) };
    if (leg && shaft && difference(leg, shaft) <= one)
      return [
        {
          ...shared,
          figures,
          effect: "note",
          names: { hosiery: hosiery?.piece.name ?? "", ...names },
          say: "{gap} between {skirt} and {boot}, closed by {hosiery} in the boot's own colour.",
        },
      ];
    return [
      {
        ...shared,
        figures: { wanted: { label: "least", value: bare, unit: "cm", limit: null }, ...figures },
        effect: "rubs",
        say: "{gap} between {skirt} and {boot}: a stripe of leg.",
        proposals: [
          { kind: "wear", slot: "hosiery" },
          { kind: "wear", slot: "shoe" },
        ],
      },
    ];
  },
});
