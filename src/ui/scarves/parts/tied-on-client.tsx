import { useId, useMemo } from "react";
import { dress } from "@/core/dressing/dress";
import type { Dressed } from "@/core/dressing/dressed";
import type { Client } from "@/core/piece/client";
import type { Kind } from "@/core/piece/kinds";
import type { Piece } from "@/core/piece/piece";
import type { Scarf, TieSettings } from "@/core/piece/tied-scarf";
import { tieSpec, type TieName } from "@/core/scarf/ties";
import type { PartPlace, TiePlace } from "@/core/scarf/ties/define-tie";
import { DressedBody } from "../../drawing/figure/dressed-body";
import { frameOf } from "../../drawing/figure/frame";

interface TiedOnClientProps {
  readonly scarf: Scarf;
  readonly client: Client;
  readonly garments: readonly Piece[];
  /** What else of hers a scarf may be tied to: her bag, her hat. */
  readonly tiedTo: readonly Piece[];
  readonly settings: TieSettings;
  /** How far the tying has come: its parts that lie already; left out: all of them. */
  readonly stage?: number;
  /** Fills its frame, cut off at the sides, instead of standing whole in it. */
  readonly fill?: boolean;
  readonly className?: string;
}

/** What of the figure is shown where a scarf is tied: heights as shares of hers, from the top down. */
const shownFrom: Record<TiePlace, readonly [top: number, bottom: number]> = {
  neck: [1.01, 0.55],
  head: [1.03, 0.72],
  hair: [1.03, 0.72],
  wrist: [0.58, 0.38],
  bag: [0.6, 0.22],
  "belt loops": [0.74, 0.36],
  waist: [0.8, 0.36],
  top: [1.02, 0.5],
};

/** How far above a bag its handle is looked at from, cm. */
const aboveBag = 30;

/** A scarf tied on a client over what she wears, drawn close. */
export function TiedOnClient({
  scarf,
  client,
  garments,
  tiedTo,
  settings,
  stage,
  fill = false,
  className,
}: TiedOnClientProps) {
  const scope = useId();
  const dressed = useMemo(() => {
    const worn = dress({
      client: { ...client, seated: false },
      garments,
      accessories: [scarf, ...tiedTo.filter(({ kind }) => isTiedTo(kind, settings.tie))],
      adjustments: [{ kind: "tie", piece: scarf.id, ...settings }],
      occasion: null,
    });
    return stage === undefined ? worn : halfTied(worn, stage);
  }, [client, garments, tiedTo, scarf, settings, stage]);
  const { height } = dressed.body;
  const { place, name } = tieSpec(settings.tie);
  const [top, bottom] = shownFrom[place];
  const tall = (top - bottom) * height;
  const half = Math.max(tall * 0.42, place === "neck" ? 26 : 0);
  const frame = frameOf(dressed.body);
  const beside = place === "wrist" || place === "bag" ? frame.wrist.x : 0;
  // A bag hangs where its strap ends: its handle is looked at there.
  const under = place === "bag" && dressed.bag ? dressed.bag.extent.to + aboveBag : top * height;
  return (
    <svg
      viewBox={`${beside - half} ${-under} ${2 * half} ${tall}`}
      role="img"
      aria-label={name}
      preserveAspectRatio={fill ? "xMidYMid slice" : "xMidYMid meet"}
      className={className}
    >
      <DressedBody dressed={dressed} frame={frame} scope={scope} />
    </svg>
  );
}

/** Whether a scarf tied so is tied to a piece of a kind. */
function isTiedTo(kind: Kind, tie: TieName): boolean {
  const { place, needs } = tieSpec(tie);
  return kind === "bag" ? place === "bag" : kind === "hat" && needs.includes("hat");
}

/** When each part of a tie comes to lie: first what goes round, then what hangs, last what holds it. */
const stageOf: Record<PartPlace, number> = {
  across: 0,
  "round left": 0,
  "round right": 0,
  "upper round": 0,
  point: 0,
  "point aside": 0,
  shawl: 0,
  "crossed left": 0,
  "crossed right": 0,
  "hung loop": 0,
  "wound round": 0,
  "over the head": 0,
  "round the bust": 0,
  "front of a halter": 0,
  "over one shoulder": 0,
  "short jacket": 0,
  "hang left": 0,
  "hang right": 0,
  "tail left": 1,
  "tail right": 1,
  "loop left": 2,
  "loop right": 2,
  knot: 2,
  ring: 2,
};

/** A look whose scarf is tied so far. */
function halfTied(dressed: Dressed, stage: number): Dressed {
  const { tied } = dressed;
  if (!tied?.answer.possible) return dressed;
  const parts = tied.answer.tied.parts.filter(({ place }) => stageOf[place] <= stage);
  return { ...dressed, tied: { ...tied, answer: { possible: true, tied: { ...tied.answer.tied, parts } } } };
}
