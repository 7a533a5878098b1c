import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { figure, within } from "../figures";

export const calfHem = defineRule({
  id: "proportion.calf-hem",
  lens: "proportion",
  weight: 1,
  title: "A hem at the widest calf",
  why: "A hem that ends where the calf is widest draws its line just there; a heel, an open or pointed shoe, or a boot that closes the gap takes the eye on.",
  params: {
    near: param(3, "cm", "how near the widest calf it matters"),
    heel: param(4, "cm", "lift that mends it"),
  },
  read({ skirt, shoe: worn, bareLeg, body }, { near, heel }) {
    if (!skirt || Math.abs(skirt.overCalf) > near) return [];
    const shoe = worn?.piece;
    const figures = { over: within("hem over the widest calf", skirt.overCalf, "cm", -near, near) };
    const names = { skirt: skirt.garment.name, shoe: shoe?.name ?? "" };
    const shared = {
      names,
      figures,
      pieces: [skirt.garment.id],
      estimated: body.measures.calfLine.estimated,
    };
    if (shoe) {
      const { lift, toe, form, shaft } = shoe.figures;
      const openVamp = form === "pump" || form === "flat" || form === "mule" || form === "sandal";
      const mends = lift >= heel || toe === "pointed" || openVamp || (shaft !== null && bareLeg === null);
      if (mends)
        return [
          {
            ...shared,
            figures: { lift: figure("lift", lift, "cm"), ...figures },
            effect: "note",
            say: "The hem of {skirt} lies {over} from the widest calf, and {shoe} carry the line on.",
          },
        ];
    }
    return [
      {
        effect: "rubs",
        say: "The hem of {skirt} lies {over} from the widest calf: the leg is cut where it is widest.",
        proposals: [{ kind: "wear", slot: "shoe" }],
        ...shared,
      },
    ];
  },
});
