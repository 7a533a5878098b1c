import type { Adjustment } from "@/core/piece/adjustment";
import type { Occasion } from "@/core/piece/occasion";
import { initialFigures } from "@/core/piece/initial-figures";
import type { Kind } from "@/core/piece/kinds";
import type { PieceOf } from "@/core/piece/piece";
import type { Swatch } from "@/core/piece/swatch";
import { type ClientInput } from "@/core/studio/client-record";
import { type PieceDraft } from "@/core/studio/piece-record";

/** A client of the demo scenario with everything of theirs; pieces are named by short keys. */
export interface DemoClient {
  readonly client: ClientInput;
  readonly pieces: Readonly<Record<string, PieceDraft>>;
  readonly bases: readonly { readonly name: string; readonly garments: readonly string[] }[];
  readonly sets: readonly { readonly name: string; readonly accessories: readonly string[] }[];
  readonly occasions: readonly Omit<Occasion, "id">[];
  readonly looks: readonly {
    readonly base: string;
    readonly occasion: string | null;
    readonly accessories: readonly string[];
    readonly adjustments: readonly Adjustment[];
  }[];
}

type Details<K extends Kind> = Partial<
  Omit<PieceOf<K>, "id" | "kind" | "name" | "swatches" | "register" | "figures">
>;

/**
 * Writes down one piece of the demo wardrobe.
 * @param colours hex with its share: "#2a66c8", or ["#ffffff 0.6", "#1c2640 0.4 motif"]
 * @param level low, centre and high of the register
 */
export function piece<K extends Kind>(
  kind: K,
  name: string,
  colours: string | readonly string[],
  level: readonly [number, number, number],
  figures: Partial<PieceOf<K>["figures"]>,
  details: Details<K> = {},
): PieceDraft {
  const [low, centre, high] = level;
  const written: Omit<PieceOf<K>, "id"> = {
    name,
    swatches: (typeof colours === "string" ? [colours] : colours).map(swatch),
    finish: "matte smooth",
    secondFinish: null,
    pattern: "plain",
    patternScale: 0,
    metal: "none",
    metalSize: 0,
    poles: ["classic"],
    statement: 0,
    register: { low, centre, high },
    ...details,
    kind,
    figures: { ...initialFigures(kind), ...figures },
  };
  return written as unknown as PieceDraft;
}

function swatch(text: string): Swatch {
  const [hex = "#808080", share = "1", role = "ground"] = text.split(" ");
  return { hex, share: Number(share), role: role as Swatch["role"] };
}
