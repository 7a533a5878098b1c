import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { colourNames } from "./colour-names";
import { familyOf } from "./family";
import { parseColour } from "./parse-colour";
import { shadeOf } from "./shade";

const lightness = (text: string) => shadeOf(parseColour(text) ?? "").L;

describe("colours as they are written", () => {
  it.each([
    ["#2A66C8", "#2a66c8"],
    ["2a66c8", "#2a66c8"],
    [" #26c ", "#2266cc"],
    ["rgb(42, 102, 200)", "#2a66c8"],
    ["navy", colourNames.navy],
    ["Navy blue", colourNames.navy],
    ["Cognac", colourNames.cognac],
    ["off white", colourNames["off-white"]],
    ["Royal  Blue", colourNames["royal blue"]],
  ])("reads %j as %s", (text, hex) => {
    expect(parseColour(text)).toBe(hex);
  });

  it.each(["", "no colour", "#12", "12345", "dark", "url(x)", "constructor", "__proto__", "rgb(no)"])(
    "does not take %j for a colour",
    (text) => expect(parseColour(text)).toBeNull(),
  );

  it("takes pale and light as lighter, deep and dark as darker, of every name", () => {
    for (const name of Object.keys(colourNames)) {
      const own = lightness(name);
      const [light, deep] = [lightness(`light ${name}`), lightness(`deep ${name}`)];
      // White has nowhere lighter to go, and black nowhere darker.
      if (own < 84) expect(light, name).toBeGreaterThan(own + 10);
      if (own > 20) expect(deep, name).toBeLessThan(own - 8);
      expect(lightness(`pale ${name}`), name).toBeGreaterThanOrEqual(light - 0.5);
      expect(lightness(`dark ${name}`), name).toBeLessThanOrEqual(deep + 0.5);
    }
  });

  it("calls by the families what the names mean", () => {
    const meant = {
      navy: /navy|blue/,
      cream: /white|ivory|beige|cream/,
      cognac: /brown|tan|rust/,
      olive: /green|olive/,
    };
    for (const [name, family] of Object.entries(meant))
      expect(familyOf(shadeOf(colourNames[name] ?? "")), name).toMatch(family);
  });

  it("reads back every colour that it gives", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xffffff }), (value) => {
        const hex = `#${value.toString(16).padStart(6, "0")}`;
        expect(parseColour(hex)).toBe(hex);
        expect(parseColour(hex.slice(1).toUpperCase())).toBe(hex);
      }),
    );
  });
});
