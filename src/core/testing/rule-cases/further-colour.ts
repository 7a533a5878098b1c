import { sampleClient } from "../sample";
import { client, dark, legs, look, p, print, shoe, suit, top, worn, type Case } from "./made";

const whites = [legs({}, { hex: "#eee3c9" }), top("#f7f9fb")];
const navyOnBlack = [legs({}, { hex: "#1d2742" }), top("#141416")];
const floral = print(["#1f2b3d", "#c6d9d2"], 9);
const printedDress = p("dress", floral);

/** Of the rules of colour that say more than their first cases show: a look for each of the other messages. */
export const furtherColour: Readonly<Record<string, Case["says"]>> = {
  "colour.near-white": [
    ["nearly", "rubs", look(whites, [p("belt", { hex: "#f3efe3" })])],
    ["almost", "note", look([legs({}, { hex: "#d4cab0" }), top("#f7f9fb")])],
  ],
  "colour.near-black": [
    ["answered", "note", look(navyOnBlack, [p("bag", { hex: "#141416" }), p("hat", { hex: "#1d2742" })])],
    ["almost", "note", look([legs({}, { hex: "#2e3a5c" }), top("#141416")])],
  ],
  "colour.join": [
    [
      "decided",
      "lifts",
      look([legs({}, { hex: "#7f8466" }), top("#8b857c")], [p("belt", { hex: "#17181a" })]),
    ],
  ],
  "colour.echo": [
    ["neutral", "lifts", look(worn, [shoe({}, { hex: "#17181a" }), p("hat", { hex: "#17181a" })])],
    [
      "bridge",
      "lifts",
      look(
        [legs({}, { hex: "#2450c0" }), top("#bf2026")],
        [p("scarf", { ...print(["#2450c0", "#bf2026"], 5) })],
      ),
    ],
    ["only", "rubs", look([], [p("scarf", { hex: "#a9b59a" })])],
  ],
  "colour.accent": [
    ["deep", "lifts", look([...worn, p("jacket", { hex: "#4b2648" })], [shoe({}, { hex: "#3c3e43" })])],
    ["clear", "note", look(worn, [p("bag", { hex: "#2450c0" })])],
  ],
  "colour.count": [
    ["tonal", "lifts", look([legs({}, { hex: "#3c3e43" }), top("#b9bcc0")], [shoe({}, { hex: "#5d6066" })])],
    ["flat", "note", look([legs({}, { hex: "#8c8e91" }), top("#8c8e91")], [shoe({}, { hex: "#8c8e91" })])],
  ],
  "colour.harmony": [
    ["opposites", "lifts", look([legs({}, { hex: "#7a5f86" }), top("#9aa83a")], [shoe()])],
    ["neighbours", "lifts", look([legs({}, { hex: "#6f7a3e" }), top("#b58a3a")], [shoe()])],
  ],
  "colour.foot": [["onlyLight", "rubs", look(dark, [shoe({}, { hex: "#f4f5f6" })])]],
  "colour.value-match": [
    ["others", "note", look(worn, [p("scarf", { hex: "#f3e2c0" }), p("hat", { hex: "#10182e" })])],
  ],
  "colour.print": [
    [
      "pair",
      "sings",
      look([printedDress, p("jacket", { ...floral, patternScale: 4 }, { closed: true, length: 66 })]),
    ],
    ["legs", "jars", look([printedDress], [p("hosiery", print(["#202020", "#e0e0e0"], 1))])],
    ["foot", "lifts", look([printedDress], [shoe({}, { hex: "#202c3f" })])],
  ],
  "colour.pocket": [
    [
      "copy",
      "note",
      look(
        [...suit, top()],
        [
          p("pocket square", { hex: "#7a1f2b" }),
          p("scarf", { hex: "#7a1f2b" }, { worn: "tied at the front", sideB: 9 }),
        ],
      ),
    ],
    ["answers", "lifts", look([...suit, top("#9db8d9")], [p("pocket square", { hex: "#9db8d9" })])],
  ],
  "colour.face": [
    [
      "outshines",
      "note",
      look(worn, [p("scarf", print(["#0f1013", "#ffffff"], 5))], {
        client: client({
          colouring: { ...sampleClient.colouring, skin: "#d9b08c", hair: "#b98e5f", eyes: "#8f7a5a" },
        }),
      }),
    ],
  ],
};
