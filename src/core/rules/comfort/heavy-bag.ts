import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";

export const heavyBag = defineRule({
  id: "comfort.heavy-bag",
  reads: ["bag"],
  title: "What a bag weighs",
  fault: "a heavy bag",
  why: "A bag that weighs much before anything is in it tires one shoulder.",
  params: { empty: param(1500, "g", "what a bag may weigh empty") },
  messages: {
    heavy: "{bag} {bagCount, plural, one {weighs} other {weigh}} {weight} before anything is in it.",
  },
  read({ bag }, { params, judge }) {
    if (!bag || bag.piece.figures.weight <= params.empty) return [];
    const { weight } = bag.piece.figures;
    return [
      judge("note", "heavy", {
        of: { bag: bag.piece },
        figures: { weight: atMost("weight, empty", weight, "g", params.empty) },
        caution: "Change the shoulder often; where it hurts, carry less.",
      }),
    ];
  },
});
