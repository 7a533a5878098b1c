import { sampleClient } from "../sample";
import {
  client,
  greenScarf,
  legs,
  look,
  p,
  print,
  shoe,
  skirt,
  suit,
  tied,
  top,
  worn,
  type Case,
} from "./made";

/** Of each rule of colour: looks of which it says something, and one that differs in just that. */
export const colourCases: Readonly<Record<string, Case>> = {
  "colour.near-white": {
    says: [
      ["yellowed", "jars", look([legs({}, { hex: "#eee3c9" }), top("#f7f9fb")])],
      [
        "bridged",
        "lifts",
        look(
          [legs({}, { hex: "#eee3c9" }), top("#f7f9fb")],
          [p("belt", { hex: "#c9b48f", finish: "raffia" })],
        ),
      ],
    ],
    silent: look([legs({}, { hex: "#f4f5f6" }), top("#f7f9fb")]),
  },
  "colour.near-black": {
    says: [["mistaken", "jars", look([legs({}, { hex: "#1d2742" }), top("#141416")])]],
    silent: look([legs({}, { hex: "#161618" }), top("#141416")]),
  },
  "colour.join": {
    says: [["blurs", "rubs", look([legs({}, { hex: "#7f8466" }), top("#8b857c")])]],
    silent: look([legs({}, { hex: "#8b857c" }), top("#8b857c")]),
  },
  "colour.hard-contrast": {
    says: [
      ["hard", "rubs", look([legs({}, { hex: "#141416" }), top("#f4f5f6")], [shoe({}, { hex: "#f4f5f6" })])],
    ],
    silent: look([legs({}, { hex: "#141416" }), top("#f4f5f6")], [shoe({}, { hex: "#17171a" })]),
  },
  "colour.echo": {
    says: [
      ["answer", "lifts", look(worn, [p("bag", { hex: "#2450c0" }), p("earrings", { hex: "#2a55b8" })])],
      ["lone", "rubs", look(worn, [p("scarf", { hex: "#6f7a5e" })])],
    ],
    silent: look(worn, [p("bag", { hex: "#2450c0" })]),
  },
  "colour.accent": {
    says: [["deep", "lifts", look(worn, [p("bag", { hex: "#4b2648" })])]],
    silent: look(worn, [p("bag", { hex: "#8c8e91" })]),
  },
  "colour.count": {
    says: [
      [
        "many",
        "rubs",
        look(
          [legs({}, { hex: "#1d5b34" }), top("#5b2f74")],
          [shoe({}, { hex: "#f2d53c" }), p("bag", { hex: "#bf2026" })],
        ),
      ],
    ],
    silent: look([legs({}, { hex: "#1d5b34" }), top("#5b2f74")], [shoe({}, { hex: "#f2d53c" })]),
  },
  "colour.harmony": {
    says: [
      ["loud", "rubs", look([legs({}, { hex: "#2450c0" }), top("#bf2026")])],
      ["strangers", "rubs", look([legs({}, { hex: "#5f9468" }), top("#c8743a")])],
      [
        "joined",
        "lifts",
        look([legs({}, { hex: "#5f9468" }), top("#c8743a")], [p("bag", { hex: "#a89a24" })]),
      ],
      ["neighbours", "lifts", look([legs({}, { hex: "#8a7a4a" }), top("#9a5a4a")], [shoe()])],
    ],
    silent: look([legs({}, { hex: "#2450c0" }), top("#8c8e91")], [shoe()]),
  },
  "colour.foot": {
    says: [
      ["heavy", "rubs", look([legs({}, { hex: "#e0d3bb" }), top("#f1d8d2")], [shoe({}, { hex: "#1b1b1d" })])],
    ],
    silent: look([legs({}, { hex: "#e0d3bb" }), top("#f1d8d2")], [shoe({}, { hex: "#8c8e91" })]),
  },
  "colour.value-match": {
    says: [
      ["parted", "rubs", look(worn, [shoe({}, { hex: "#1b1b1d" }), p("bag", { hex: "#e0d3bb" })])],
      ["alike", "note", look(worn, [shoe({}, { hex: "#1b1b1d" }), p("bag", { hex: "#1b1b1d" })])],
    ],
    silent: look(worn, [shoe({}, { hex: "#1b1b1d" })]),
  },
  "colour.print": {
    says: [
      [
        "two",
        "jars",
        look([skirt(70, print(["#101012", "#f4f5f6"], 8)), top("#fff", print(["#2450c0", "#f2d53c"], 9))]),
      ],
    ],
    silent: look([skirt(70, print(["#101012", "#f4f5f6"], 8)), top()]),
  },
  "colour.pocket": {
    says: [["homeless", "rubs", look(worn, [p("pocket square", { hex: "#bf2026" })])]],
    silent: look([...suit, top()], [p("pocket square", { hex: "#bf2026" })]),
  },
  "colour.face": {
    says: [
      [
        "against",
        "rubs",
        look(worn, [p("scarf", { hex: "#2b3f9c" })], {
          client: client({ colouring: { ...sampleClient.colouring, undertone: "warm" } }),
        }),
      ],
      [
        "unread",
        "unread",
        look(worn, [p("scarf", { hex: "#2b3f9c" })], {
          client: client({ colouring: { ...sampleClient.colouring, undertone: null } }),
        }),
      ],
    ],
    silent: look(worn, [p("scarf", { hex: "#2b3f9c" })]),
  },
  "colour.denim": {
    says: [
      [
        "failed",
        "rubs",
        look([legs({}, { hex: "#3f5778", finish: "denim" }), top("#566a80", { finish: "denim" })]),
      ],
    ],
    silent: look([legs({}, { hex: "#3f5778", finish: "denim" }), top("#566a80")]),
  },
  "colour.scarf-shows": {
    says: [
      ["shows", "lifts", look([legs({}, { hex: "#1f6b3a" }), top()], [greenScarf], tied("knot in front"))],
    ],
    silent: look([legs({}, { hex: "#8a1f2a" }), top()], [greenScarf], tied("knot in front")),
  },
};
