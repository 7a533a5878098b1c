import { at, level, look, p, shoe, suit, top, worn, type Case } from "./made";

/** Of each rule of register: looks of which it says something, and one that differs in just that. */
export const registerCases: Readonly<Record<string, Case>> = {
  "register.occasion": {
    says: [
      ["below", "jars", look(worn, [shoe()], { occasion: at({ span: { low: 8, high: 9 } }) })],
      [
        "no trainers",
        "bar",
        look(worn, [shoe({ form: "running shoe" })], { occasion: at({ flags: ["no trainers"] }) }),
      ],
      [
        "quiet soles",
        "bar",
        look(worn, [shoe({ tip: "block", lift: 6 })], { occasion: at({ flags: ["quiet soles"] }) }),
      ],
      ["nothing loose", "bar", look(worn, [p("scarf")], { occasion: at({ flags: ["nothing loose"] }) })],
    ],
    silent: look(worn, [shoe()]),
  },
  "register.spread": {
    says: [["far", "jars", look(worn, [shoe({}, level(1, 1, 1.5))])]],
    silent: look(worn, [shoe({}, level(3, 4, 6))]),
  },
  "register.trainers": {
    says: [
      ["running", "jars", look([...suit, top()], [shoe({ form: "running shoe" })])],
      [
        "meant",
        "lifts",
        look([...suit, top("#b9bcc0", level(2, 4, 5), { neckline: "crew" })], [shoe({ form: "trainer" })]),
      ],
    ],
    silent: look([...suit, top()], [shoe({ form: "loafer" })]),
  },
};
