export const swatchRoles = ["ground", "motif", "trim", "sole", "lace", "reverse"] as const;
export type SwatchRole = (typeof swatchRoles)[number];

/**
 * One colour of a piece. `share` is its part of the visible surface, 0-1; the shares of all roles but
 * `reverse` (the inside of the cloth, seen when a hem or cuff is turned) sum to 1.
 */
export interface Swatch {
  readonly hex: string;
  readonly share: number;
  readonly role: SwatchRole;
}
