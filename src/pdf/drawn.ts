import type { ReactElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";

/** The colours that drawings take from what surrounds them, as they are on white paper. */
const onPaper: Readonly<Record<string, string>> = {
  "--ground": "#ffffff",
  "--figure-ink": "#333333",
  "--figure-rule": "#8a8a8a",
  "--thread": "#ae2c22",
  "--tape": "#ae2c22",
};

const variable = /var\((--[a-z-]+)(?:,\s*([^)]+))?\)/g;
const patternStart = /<pattern id="([^"]+)"([^>]*)>(?:<rect [^>]*fill="(#[0-9a-f]{6})")?/g;
const filledWithPattern =
  /<(path|rect|circle|ellipse|use)((?:\s[a-zA-Z:-]+="[^"]*")*?)\sfill="url\(#([^)"]+)\)"((?:\s[a-zA-Z:-]+="[^"]*")*)><\/\1>/g;

/** A drawing as SVG text that stands by itself on paper. */
export function drawnOnPaper(drawing: ReactElement): string {
  return overGround(
    renderToStaticMarkup(drawing).replace(
      variable,
      (_, name: string, otherwise?: string) => onPaper[name] ?? otherwise ?? "#333333",
    ),
  );
}

/**
 * Fills what is filled with a print with the print's ground first: between two tiles of a pattern some readers leave a
 * hair's breadth open, and then the ground is seen there, not the paper.
 */
function overGround(svg: string): string {
  const grounds = new Map<string, string>();
  for (const [, id = "", attributes = "", ground] of svg.matchAll(patternStart)) {
    const from = /href="#([^"]+)"/.exec(attributes)?.[1];
    const colour = ground ?? (from && grounds.get(from));
    if (colour) grounds.set(id, colour);
  }
  if (grounds.size === 0) return svg;
  return svg.replace(
    filledWithPattern,
    (whole, ...[element = "", before = "", id = "", after = ""]: string[]) => {
      const ground = grounds.get(id);
      return ground ? `<${element}${before} fill="${ground}"${after}></${element}>${whole}` : whole;
    },
  );
}
