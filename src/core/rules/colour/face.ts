import { shadeOf } from "../../colour/shade";
import type { Client } from "../../piece/client";
import { bodyZoneOf } from "../../piece/body-zone";
import type { Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { figure } from "../figures";
import type { Judgement } from "../finding";
import { swapOrTakeOff } from "../visible";

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
    const judgements: Judgement[] = [];
    for (const item of dressed.accessories) {
      const { piece, profile } = item;
      const ground = profile.ground;
      if (!ground || bodyZoneOf(piece.kind) !== "face" || piece.metalSize === 3) continue;
      const leans = ground.shade.C >= chroma ? ground.temperature * own : 0;
      const over = (profile.character?.range ?? 0) - range;
      if (leans < -leaning)
        judgements.push({
          effect: "rubs",
          say: "At the face {piece} pulls the other way ({lean}) from {client}'s {undertone} colouring.",
          figures: { lean: figure("temperature of the piece", ground.temperature, "ratio") },
          proposals: swapOrTakeOff([piece]),
          ...spokenOf(piece, client),
        });
      else if (item.area >= area && over > contrast)
        judgements.push({
          effect: "note",
          say: "The contrast of {piece} passes that of the face by {over}: it is seen first.",
          figures: { over: figure("contrast beyond the face's own", over, "L*") },
          ...spokenOf(piece, client),
        });
      else if (leans > leaning && item.area >= area)
        judgements.push({
          effect: "lifts",
          say: "At the face {piece} goes with {client}'s {undertone} colouring ({lean}).",
          figures: { lean: figure("temperature of the piece", ground.temperature, "ratio") },
          ...spokenOf(piece, client),
        });
    }
    return judgements;
  },
});

function spokenOf(piece: Piece, { name, colouring }: Client) {
  return {
    names: { piece: piece.name, client: name, undertone: colouring.undertone },
    pieces: [piece.id],
  };
}

/** The range of depth of hair, skin and eyes, L*. */
function contrastOf({ colouring }: Client): number {
  const depths = [colouring.hair, colouring.skin, colouring.eyes].map((hex) => shadeOf(hex).L);
  return Math.max(...depths) - Math.min(...depths);
}
