import { characterOf, type Character } from "../colour/character";
import { familyOf, isNeutralFamily, type Family } from "../colour/family";
import { shadeOf, type Shade } from "../colour/shade";
import type { Matched } from "../colour/value-match";
import { temperature } from "../colour/temperature";
import { isMetalWork } from "../piece/metal-work";
import type { Piece } from "../piece/piece";
import type { SwatchRole } from "../piece/swatch";

/** A swatch measured: its shade, family and share. */
export interface Tint {
  readonly shade: Shade;
  readonly family: Family;
  readonly neutral: boolean;
  /** In [-1, 1]; positive warm. */
  readonly temperature: number;
  readonly share: number;
  readonly role: SwatchRole;
}

/** The colours of a piece, measured once per piece object. */
export interface Profile {
  /** What is seen when the piece is worn as made, largest share first. */
  readonly tints: readonly Tint[];
  /** The inside of the cloth; the ground again when it was not recorded. */
  readonly reverse: Tint | null;
  /** The ground: the largest tint. */
  readonly ground: Tint | null;
  /** Depth, temperature, inner contrast and clarity of the whole piece; null without a colour. */
  readonly character: Character | null;
  /** What is compared when two pieces are to agree; null without a colour. */
  readonly matched: Matched | null;
  /** Jewellery that is nothing but its metal. */
  readonly metalWork: boolean;
}

const profiles = new WeakMap<Piece, Profile>();

/** The measured colours of a piece. */
export function profileOf(piece: Piece): Profile {
  let profile = profiles.get(piece);
  if (!profile) {
    const tints = piece.swatches
      .map((swatch): Tint => {
        const shade = shadeOf(swatch.hex);
        const family = familyOf(shade);
        return {
          shade,
          family,
          neutral: isNeutralFamily(family),
          temperature: temperature(shade),
          share: swatch.share,
          role: swatch.role,
        };
      })
      .sort((one, other) => other.share - one.share);
    const seen = tints.filter((tint) => tint.role !== "reverse");
    const character = characterOf(seen.map(({ shade, share }) => ({ shade, weight: share })));
    profile = {
      tints: seen,
      ground: seen[0] ?? null,
      character,
      matched: character && {
        character,
        depths: seen.filter(isLarge).map(({ shade }) => shade.L),
        chromatic: seen.some((tint) => !tint.neutral && isLarge(tint)),
      },
      metalWork: isMetalWork(piece),
      reverse: tints.find((tint) => tint.role === "reverse") ?? null,
    };
    profiles.set(piece, profile);
  }
  return profile;
}

/** Share of a piece from which one of its colours is part of its character. */
const largeShare = 0.08;

function isLarge({ share }: Tint): boolean {
  return share >= largeShare;
}
