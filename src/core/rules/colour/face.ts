import { shadeOf } from "../../colour/shade";
import type { Client } from "../../piece/client";
import { bodyZoneOf } from "../../piece/body-zone";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { figure } from "../figures";
import type { Judgement } from "../finding";
import { swapOrTakeOff, seenAccessories } from "../visible";

export const face = defineRule({
  id: "colour.face",
  lens: "colour",
  weight: 1,
  title: "What lies at the face",
  why: "A colour beside the skin lends it its temperature, and a contrast stronger than that of hair, skin and eyes outshines them.",
  params: {
    leaning: param(0.35, "ratio", "temperature from which a colour leans warm or cool"),
    chroma: param(12, "C*", "chroma from which a colour counts"),
    area: param(0.01, "share", "share of the look from which agreement is praised"),
    contrast: param(30, "L*", "how far a pattern's contrast may pass the face's own"),
  },
  schools: ["undertone"],
  read(dressed, { leaning, chroma, area, contrast }, schools) {
    if (schools.undertone === "ignore") return [];
    const { client } = dressed.look;
    const own = { warm: 1, neutral: 0, cool: -1 }[client.colouring.undertone];
    const range = contrastOf(client);
    return seenAccessories(dressed).flatMap((item): Judgement[] => {
      const ground = item.profile.ground;
      if (!ground || bodyZoneOf(item.piece.kind) !== "face" || item.piece.metalSize === 3) return [];
      const names = { piece: item.piece.name, client: client.name, undertone: client.colouring.undertone };
      const pieces = [item.piece.id];
      const figures = { lean: figure("temperature of the piece", ground.temperature, "ratio") };
      if (ground.shade.C >= chroma && ground.temperature * own < -leaning)
        return [
          {
            effect: "rubs",
            say: "At the face {piece} pulls the other way ({lean}) from {client}'s {undertone} colouring.",
            names,
            figures,
            pieces,
            proposals: swapOrTakeOff([item.piece]),
          },
        ];
      const over = (item.profile.character?.range ?? 0) - range;
      if (item.area >= area && over > contrast)
        return [
          {
            effect: "note",
            say: "The contrast of {piece} passes that of the face by {over}: the scarf is seen first.",
            names,
            figures: { over: figure("contrast beyond the face's own", over, "L*") },
            pieces,
          },
        ];
      if (ground.shade.C >= chroma && ground.temperature * own > leaning && item.area >= area)
        return [
          {
            effect: "lifts",
            say: "At the face {piece} goes with {client}'s {undertone} colouring ({lean}).",
            names,
            figures,
            pieces,
          },
        ];
      return [];
    });
  },
});

/** The range of depth of hair, skin and eyes, L*. */
function contrastOf({ colouring }: Client): number {
  const depths = [colouring.hair, colouring.skin, colouring.eyes].map((hex) => shadeOf(hex).L);
  return Math.max(...depths) - Math.min(...depths);
}
