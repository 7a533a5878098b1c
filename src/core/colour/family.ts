import { difference } from "./difference";
import { shadeOf, type Shade } from "./shade";

/** The project's own prototypes; a shade belongs to the family of its nearest prototype. */
const prototypes = {
  black: ["#0d0d0f", "#1b1b1d"],
  charcoal: ["#35373b", "#45474b"],
  grey: ["#737579", "#8c8e91"],
  "silver-grey": ["#b9bcc0", "#cfd1d4"],
  white: ["#ffffff", "#f4f5f6", "#eef1f4"],
  ivory: ["#f6efdc", "#efe6cf", "#f4ead8"],
  beige: ["#d8c6a4", "#cdbb9c", "#e0d3bb"],
  tan: ["#b98e5f", "#c39a6b", "#a97f52"],
  brown: ["#5a3b26", "#6f4a30", "#3b2a20"],
  navy: ["#1c2640", "#17203a", "#232f52"],
  denim: ["#3f5778", "#56708f", "#2f4460"],
  blue: ["#1f4fb4", "#2a66c8", "#2b3f9c"],
  "light blue": ["#9fc0dc", "#bcd3e6", "#7fa9cf"],
  teal: ["#12686b", "#1d7f80", "#0f4f55"],
  green: ["#2f7d43", "#1d5b34", "#9ccf9a", "#b6d99a"],
  olive: ["#6b6a36", "#56562c", "#86854c"],
  yellow: ["#f2d53c", "#f6e27a"],
  mustard: ["#c9982b", "#b5842a", "#dba52e"],
  orange: ["#e8792b", "#f0955a", "#ef7d54"],
  rust: ["#a5482a", "#8d3f26", "#b8562f"],
  red: ["#bf2026", "#d6353a"],
  burgundy: ["#6a1b2c", "#571727", "#7d2438"],
  pink: ["#dd6f97", "#e58fae", "#c74f80"],
  blush: ["#ecc8c0", "#e4b7ad", "#f1d8d2"],
  purple: ["#5b2f74", "#7a4a98", "#4b2648"],
  lilac: ["#b9a3d0", "#cdbbdf"],
} as const;

export type Family = keyof typeof prototypes;
export const families = Object.keys(prototypes) as Family[];

const table = families.flatMap((family) =>
  prototypes[family].map((hex) => ({ family, shade: shadeOf(hex) })),
);
const familyByShade = new Map<Shade, Family>();

/** The colour family of a shade: that of the nearest prototype by CIEDE2000. */
export function familyOf(shade: Shade): Family {
  let family = familyByShade.get(shade);
  if (!family) {
    let best = Infinity;
    family = "grey";
    for (const entry of table) {
      const distance = difference(entry.shade, shade);
      if (distance < best) {
        best = distance;
        family = entry.family;
      }
    }
    familyByShade.set(shade, family);
  }
  return family;
}

const neutralFamilies: ReadonlySet<Family> = new Set([
  "black",
  "charcoal",
  "grey",
  "silver-grey",
  "white",
  "ivory",
  "beige",
  "tan",
  "brown",
  "navy",
  "denim",
]);

/** Working neutrals go with most things: they count as no colour of their own. */
export function isNeutralFamily(family: Family): boolean {
  return neutralFamilies.has(family);
}

/** CIEDE2000 within which a swatch reads as the client's own skin. */
const skinDistance = 12;

/** What skin can be, from the fairest to the darkest. */
const skinFamilies: ReadonlySet<Family> = new Set(["ivory", "blush", "beige", "tan", "brown"]);

/**
 * Whether a shade reads as bare skin on this client.
 * @param skin hex; null where nobody has said it
 */
export function isSkinTone(shade: Shade, skin: string | null): boolean {
  return skin !== null && difference(shade, shadeOf(skin)) <= skinDistance;
}

/**
 * Whether hosiery passes for the bare leg. Most is made to: where nobody has said the client's skin, what could be
 * somebody's is not held against her.
 * @param skin hex; null where nobody has said it
 */
export function passesForSkin(shade: Shade, skin: string | null): boolean {
  return skin === null ? skinFamilies.has(familyOf(shade)) : isSkinTone(shade, skin);
}
