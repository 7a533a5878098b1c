import { isOpenToed } from "../../piece/piece";
import { definePairRule } from "../define-rule";
import { takeOff, wear } from "../proposals";

export const openToe = definePairRule({
  id: "hosiery.open-toe",
  reads: ["hosiery", "shoe"],
  title: "Hosiery in an open toe",
  fault: "hosiery in an open toe",
  why: "A seam or a web of knit across bare-looking toes is the first thing seen.",
  schools: ["openToe"],
  tags: ["leg", "set"],
  messages: {
    sheer: "The sheer toe of {hosiery} disappears in {shoe}.",
    covered: "{hosiery} {hosieryCount, plural, one {covers} other {cover}} the toes that show in {shoe}.",
  },
  pair: ["sheer", "covered"],
  concerns: ({ piece: { kind } }) => kind === "hosiery" || kind === "shoe",
  read({ hosiery, shoe }, { schools, judge }) {
    if (!hosiery || !shoe || !isOpenToed(shoe.piece) || hosiery.piece.figures.toe === "open") return [];
    const of = { hosiery, shoe };
    const sheer = hosiery.piece.figures.toe === "sheer" && shoe.piece.figures.form !== "thong";
    if (sheer && schools.openToe === "sheer toe allowed") return [judge("note", "sheer", { of })];
    const proposals = [takeOff(hosiery.piece), ...wear("shoe", "hosiery")];
    return [judge("jars", "covered", { of, proposals })];
  },
});
