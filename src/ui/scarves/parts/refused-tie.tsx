import { clothOf, type Scarf, type TieSettings } from "@/core/piece/tied-scarf";
import type { Girths } from "@/core/scarf/girths";
import { sidesOf, tieOf, type TieRefusal } from "@/core/scarf/tied";
import { tieSpec, type TieName } from "@/core/scarf/ties";
import { foldsFor } from "@/core/scarf/usual-way";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { useLengthUnit } from "../../kit/length-unit";
import { sayRefusal } from "../words/say-tie";

interface RefusedTieProps {
  readonly scarf: Scarf;
  readonly settings: TieSettings;
  readonly refusal: TieRefusal;
  readonly girths: Girths;
  /** The client's other scarves. */
  readonly others: readonly Scarf[];
}

/** Why a tie cannot be done, and which of the client's scarves does it. */
export function RefusedTie({ scarf, settings, refusal, girths, others }: RefusedTieProps) {
  const unit = useLengthUnit();
  const reaches = others.find(
    (other) => tieOf(clothOf(other), settingsFor(other, settings, settings.tie), girths).possible,
  );
  return (
    <span>
      {sayRefusal(refusal, settings.tie, unit)}
      {reaches && scarf !== reaches && ` ${sayWith(scarvesWords.theOtherReaches, { name: reaches.name })}`}
    </span>
  );
}

/** A tie with the fold that is chosen, where it takes it; else with the first of its folds that the cloth can do. */
export function settingsFor(scarf: Scarf, settings: TieSettings, tie: TieName): TieSettings {
  const can = foldsFor(tie, sidesOf(scarf.figures));
  const fold = can.includes(settings.fold) ? settings.fold : (can[0] ?? tieSpec(tie).folds[0]);
  return { ...settings, tie, fold };
}
