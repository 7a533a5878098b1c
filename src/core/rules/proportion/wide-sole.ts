import { difference } from "../../colour/difference";
import type { Dressed } from "../../dressing/dressed";
import { hangsWide, isKind, isLegged, isTrainer } from "../../piece/piece";
import { soleBulk } from "../../proportion/sole-bulk";
import { toeShowing } from "../../proportion/toe-showing";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { wear } from "../proposals";
import { hopeFor, noHope, surely } from "../outlook";

export const wideSole = defineRule({
  id: "proportion.wide-sole",
  reads: "everything",
  title: "Wide legs over a trainer",
  fault: "a trainer under wide legs",
  why: "Under a wide leg a trainer is only its toe: a light one peeping out is right, best in a colour met above; a heavy sole pushes the hem out.",
  params: {
    bulk: param(2, "count", "heaviest sole under a wide leg"),
    peeps: param(1, "cm", "least toe that comes out"),
    answers: param(12, "dE", "how near a colour above must come to answer it"),
  },
  tags: ["hem"],
  messages: {
    heavy: "The heavy sole of {shoe} pushes the hem of {trousers} out.",
    answered: "The toe of {shoe} shows under {trousers} and picks up {other}.",
    peeps: "The toe of {shoe} shows under {trousers}.",
  },
  read(dressed, { params, judge }) {
    const { leg, body } = dressed;
    if (!leg || leg.isBare || !hangsWide(leg.trousers) || !isTrainer(leg.shoe) || leg.hem > leg.ankleBone)
      return [];
    const { shoe, trousers, estimated } = leg;
    const bulk = soleBulk[shoe.figures.soleBulk];
    if (bulk > params.bulk) {
      const figures = { bulk: atMost("bulk of the sole", bulk, "count", params.bulk) };
      return [
        judge("rubs", "heavy", { of: { shoe, trousers }, figures, proposals: wear("shoe"), estimated }),
      ];
    }
    const showing = toeShowing(body.height, shoe.figures.toe, leg.opening);
    // Cloth that lies on the floor covers the toe as well.
    if (showing < params.peeps || dressed.shoe?.seen.length === 0) return [];
    const figures = { showing: figure("toe beyond the hem", showing, "cm") };
    const other = answerTo(dressed, params.answers);
    if (!other) return [judge("note", "peeps", { of: { shoe, trousers }, figures, estimated: true })];
    return [judge("lifts", "answered", { of: { shoe, trousers, other }, figures, estimated: true })];
  },
  hope({ on, open, all }, { said }) {
    if (open.has("shoe")) {
      const trainers = all.some(({ piece }) => isKind(piece, "shoe") && isTrainer(piece));
      return trainers && on.look.garments.some(isLegged) ? hopeFor("lifts") : noHope;
    }
    const [first] = said();
    if (first?.message === "heavy") return surely([first]);
    return first ? hopeFor("lifts") : noHope;
  },
});

/** Something above the hem in a colour of the shoe. */
function answerTo({ shoe, visible, leg }: Dressed, most: number) {
  const shades = shoe?.profile.tints.map(({ shade }) => shade) ?? [];
  return visible.find(
    (item) =>
      item !== shoe &&
      item.piece !== leg?.trousers &&
      item.profile.tints.some((tint) => shades.some((shade) => difference(shade, tint.shade) <= most)),
  )?.piece;
}
