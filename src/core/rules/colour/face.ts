import type { Worn } from "../../dressing/dressed";
import { shadeOf } from "../../colour/shade";
import type { Client } from "../../piece/client";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { figure } from "../figures";
import { saidOfEach } from "../said-of-each";
import { swapOrTakeOff } from "../proposals";
import { noHope, surely } from "../outlook";

export const face = defineRule({
  id: "colour.face",
  reads: "everything",
  title: "What lies at the face",
  fault: "a colour at the face",
  why: "A colour beside the skin lends it its temperature, and a contrast stronger than that of hair, skin and eyes outshines them.",
  params: {
    leaning: param(0.35, "ratio", "temperature from which a colour leans warm or cool"),
    chroma: param(12, "C*", "chroma from which a colour counts"),
    area: param(0.01, "share", "share of the look from which agreement is praised"),
    contrast: param(30, "L*", "how far a pattern's contrast may pass the face's own"),
  },
  schools: ["undertone"],
  messages: {
    against:
      "{piece} {pieceCount, plural, one {is} other {are}} {undertone, select, warm {cool} other {warm}} and {client}'s colouring is {undertone}: keep {pieceCount, plural, one {it} other {them}} away from the face.",
    outshines:
      "{piece} {pieceCount, plural, one {has} other {have}} more contrast than the face, so {pieceCount, plural, one {it is} other {they are}} seen first.",
    suits: "{piece} {pieceCount, plural, one {suits} other {suit}} {client}'s {undertone} colouring.",
    unread:
      "{piece} {pieceCount, plural, one {is} other {are}} {leaning}, and nobody has said whether {client}'s colouring is.",
  },
  concerns: ({ zone }) => zone === "face",
  read(dressed, { params, schools, judge }) {
    if (schools.undertone === "ignore") return [];
    const { client } = dressed.look;
    const { undertone } = client.colouring;
    const own = undertone ? temperatures[undertone] : 0;
    const range = contrastOf(client);
    return saidOfEach(dressed.accessories, ({ piece, profile, area, zone }) => {
      const { ground } = profile;
      if (!ground || zone !== "face" || piece.metalSize === 3) return null;
      const temperature = ground.shade.C >= params.chroma ? ground.temperature : 0;
      const leans = temperature * own;
      const over = (profile.character?.range ?? 0) - range;
      const spoken = { of: { piece }, words: { client: client.name, undertone: undertone ?? "" } };
      const lean = { lean: figure("temperature of the piece", ground.temperature, "ratio") };
      if (undertone === null && Math.abs(temperature) > params.leaning) {
        const words = { client: client.name, leaning: temperature > 0 ? "warm" : "cool" };
        return judge("unread", "unread", { of: { piece }, words, figures: lean });
      }
      if (leans < -params.leaning)
        return judge("rubs", "against", { figures: lean, proposals: swapOrTakeOff(piece) }, spoken);
      if (area < params.area) return null;
      if (over > params.contrast) {
        const figures = { over: figure("contrast beyond the face's own", over, "L*") };
        return judge("note", "outshines", { figures }, spoken);
      }
      return leans > params.leaning ? judge("lifts", "suits", { figures: lean }, spoken) : null;
    });
  },
  hope({ on, open }, { params, schools, said }) {
    const { undertone } = on.look.client.colouring;
    if (schools.undertone === "ignore") return noHope;
    const own = undertone ? temperatures[undertone] : 0;
    const suits = ({ zone, area, profile: { ground } }: Worn) =>
      zone === "face" && ground !== null && area >= params.area && ground.temperature * own > params.leaning;
    // What is on takes less of the look with every piece, and a colour against the face stays so.
    const now = surely(said());
    const more = [...open.values()].filter((may) => may.some(suits)).map(() => "lifts" as const);
    return { faults: now.faults, praise: [...now.praise, ...more] };
  },
});

/** Where the temperature of a colour must lie to go with an undertone. */
const temperatures = { warm: 1, neutral: 0, cool: -1 } as const;

/** The range of depth of hair, skin and eyes, L*; of a face that is not known nothing is outshone. */
function contrastOf({ colouring: { hair, skin, eyes } }: Client): number {
  if (hair === null || skin === null || eyes === null) return Infinity;
  const depths = [hair, skin, eyes].map((hex) => shadeOf(hex).L);
  return Math.max(...depths) - Math.min(...depths);
}
