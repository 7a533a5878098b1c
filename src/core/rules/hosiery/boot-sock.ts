import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import { hosieryOf, isSock } from "./worn";

export const bootSock = defineRule({
  id: "hosiery.boot-sock",
  lens: "comfort",
  weight: 1,
  title: "The sock in a boot",
  why: "A sock that ends well inside a tall shaft lets its edge rub the leg; one that climbs far over it bunches.",
  params: {
    from: param(15, "cm", "shaft from which it matters"),
    below: param(2, "cm", "how far under the shaft's top a sock may end"),
    above: param(4, "cm", "how far over it"),
  },
  schools: ["socks"],
  read(dressed, { from, below, above }) {
    const met = hosieryOf(dressed);
    const shaft = met?.shoePiece?.figures.shaft ?? null;
    if (!met?.shoePiece || shaft === null || shaft < from || !isSock(met.hosiery)) return [];
    const over = met.item.extent.to - shaft;
    if (over >= -below && over <= above) return [];
    const shared = {
      names: { hosiery: met.hosiery.name, shoe: met.shoePiece.name },
      pieces: [met.hosiery.id, met.shoePiece.id],
      figures: { over: within("sock over the shaft", over, "cm", -below, above) },
      estimated: true,
      proposals: [{ kind: "wear", slot: "hosiery" }] as const,
      effect: "rubs" as const,
    };
    return [
      over < 0
        ? {
            say: "The top of {hosiery} ends {over} from the top of {shoe}: the shaft's lining rubs the leg.",
            ...shared,
          }
        : { say: "The top of {hosiery} stands {over} over {shoe}: it will bunch.", ...shared },
    ];
  },
});
