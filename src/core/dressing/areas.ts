import type { Body } from "../body/body";
import { placeOf } from "../piece/piece";
import type { Interval } from "./dressed";
import { overlap, totalLength } from "./intervals";
import { hides, type Placed } from "./layering";

/** What a top, a bottom from waist to ankle, and a top layer take of a look before anything covers it. */
const topArea = 0.3;
const bottomArea = 0.35;
const layerArea = 0.35;
/** How much an open layer hides of what lies under it. */
const openCover = 0.55;
/** A leg in a boot or hosiery is narrower than the trousers that a bottom's area is made for. */
const legShare = 0.55;

const accessoryAreas = {
  bag: 0.07,
  scarf: 0.06,
  belt: 0.015,
  hat: 0.03,
  gloves: 0.015,
  "hair piece": 0.005,
  eyewear: 0.005,
  earrings: 0.005,
  necklace: 0.005,
  brooch: 0.005,
  bracelet: 0.005,
  watch: 0.005,
  ring: 0.005,
} as const;

/** Each piece's part of what is seen of the look; all together make 1 (0 each for an empty look). */
export function areasOf(
  body: Body,
  placed: readonly Placed[],
  seen: readonly (readonly Interval[])[],
): number[] {
  const waist = body.measures.waistLine.cm;
  const legDensity = bottomArea / (waist - body.measures.ankleBone.cm);
  const raw = placed.map((item, i) => {
    const parts = seen[i] ?? [];
    return rawArea(item, parts) * openCovering(item, placed);
  });
  const total = raw.reduce((sum, area) => sum + area, 0);
  return raw.map((area) => (total > 0 ? area / total : 0));

  function rawArea({ piece, extent }: Placed, parts: readonly Interval[]): number {
    const shown = totalLength(parts);
    const whole = extent.to - extent.from;
    switch (piece.kind) {
      case "trousers":
      case "skirt":
        return shown * legDensity;
      case "dress":
      case "jumpsuit": {
        const above = parts.reduce((sum, part) => sum + overlap(part, { from: waist, to: extent.to }), 0);
        return (topArea * above) / (extent.to - waist) + (shown - above) * legDensity;
      }
      case "top":
        return whole > 0 ? (topArea * shown) / whole : 0;
      case "jacket":
      case "coat":
        return whole > 0 ? (layerArea * shown) / whole : 0;
      case "shoe": {
        const shaft = parts.reduce((sum, part) => sum + overlap(part, { from: 8, to: extent.to }), 0);
        return 0.05 + shaft * legDensity * legShare;
      }
      case "hosiery":
        return shown * legDensity * legShare;
      default:
        return shown > 0 ? accessoryAreas[piece.kind] : 0;
    }
  }
}

/** The part left to a garment by the open layers over it. */
function openCovering(item: Placed, placed: readonly Placed[]): number {
  const place = placeOf(item.piece);
  if (place === null || place === "layer") return 1;
  const length = item.extent.to - item.extent.from;
  if (length <= 0) return 1;
  return placed.reduce((left, other) => {
    if (placeOf(other.piece) !== "layer" || hides(other.piece)) return left;
    return left * (1 - (openCover * overlap(item.extent, other.extent)) / length);
  }, 1);
}
