import { sayLength } from "@/core/length/length";
import type { Client } from "@/core/piece/client";
import type { Piece } from "@/core/piece/piece";
import { clothOf, type Scarf, type TieSettings } from "@/core/piece/tied-scarf";
import type { Girths } from "@/core/scarf/girths";
import type { Tied } from "@/core/scarf/tied";
import { tieSpec } from "@/core/scarf/ties";
import { tieNeeds } from "@/core/scarf/ties/define-tie";
import { whoseNeck, type Neck } from "@/core/scarf/whose-neck";
import { capital } from "@/core/words/called";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { Button } from "../../kit/button";
import { useLengthUnit } from "../../kit/length-unit";
import { InSight } from "../../drawing/in-sight";
import { cautionWords } from "../words/say-tie";
import { TiedOnClient } from "./tied-on-client";

/** A client by name, with the girth of her neck. */
export interface NamedNeck extends Neck {
  readonly id: string;
  readonly name: string;
}

interface PossibleTieProps {
  readonly scarf: Scarf;
  readonly client: Client;
  readonly girths: Girths;
  readonly garments: readonly Piece[];
  readonly tiedTo: readonly Piece[];
  /** The clients whose necks it is tried at. */
  readonly necks: readonly NamedNeck[];
  readonly tied: Tied;
  readonly settings: TieSettings;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
}

/** One tie that a scarf does on a client: its drawing, its figures, and whom else it would fit. */
export function PossibleTie(props: PossibleTieProps) {
  const { scarf, client, garments, tiedTo, settings, isChosen, onChoose } = props;
  const { name } = tieSpec(settings.tie);
  return (
    <li className={`flex flex-col border bg-paper ${isChosen ? "border-ink" : "border-rule-strong"}`}>
      <div className="surround-light h-60 border-b border-rule">
        <InSight label={name} className="size-full">
          {() => (
            <TiedOnClient
              scarf={scarf}
              client={client}
              garments={garments}
              tiedTo={tiedTo}
              settings={settings}
              fill
              className="size-full"
            />
          )}
        </InSight>
      </div>
      <div className="flex flex-1 flex-col gap-1.5 p-3">
        <h3 className="text-body leading-tight">{capital(name)}</h3>
        <Facts {...props} />
        <Button size="small" className="mt-auto self-start" aria-pressed={isChosen} onClick={onChoose}>
          {isChosen ? scarvesWords.onTheCard : scarvesWords.putOnTheCard}
        </Button>
      </div>
    </li>
  );
}

/** Ends that fall where it is wound round something narrow are as long as one leaves them. */
const isWound = ({ parts }: Tied) => parts.some(({ place }) => place === "wound round");

function Facts({ scarf, girths, necks, tied, settings }: PossibleTieProps) {
  const unit = useLengthUnit();
  const { spec, tail, knot } = tied;
  const facts = [
    tail > 0 &&
      spec.knot !== "none" &&
      !isWound(tied) &&
      sayWith(scarvesWords.tailsOf, { tail: sayLength(tail, unit) }),
    knot.from > 0 &&
      sayWith(scarvesWords.knotOf, { from: sayLength(knot.from, unit), to: sayLength(knot.to, unit) }),
    spec.needs.length > 0 &&
      sayWith(scarvesWords.needs, { needs: spec.needs.map((need) => tieNeeds[need]).join(", ") }),
    spec.goesWith !== null && sayWith(scarvesWords.goesWith, { goesWith: spec.goesWith }),
    spec.place === "neck" && saidOfNecks(),
  ].filter((fact): fact is string => typeof fact === "string");

  function saidOfNecks(): string | false {
    const { fits, tooShortFor } = whoseNeck(clothOf(scarf), settings, girths, necks);
    if (necks.length < 2) return false;
    if (tooShortFor.length === 0) return sayWith(scarvesWords.fitsEveryNeck, { count: fits.length });
    const others = tooShortFor.map(({ whose, short }) => `${whose.name} (${sayLength(short, unit)})`);
    return sayWith(scarvesWords.tooShortForNecks, {
      names: others.slice(0, namedAtOnce).join(", "),
      more: Math.max(0, others.length - namedAtOnce),
    });
  }

  return (
    <>
      <ul className="tabular text-tiny text-ink-soft">
        {facts.map((fact) => (
          <li key={fact}>{fact}</li>
        ))}
      </ul>
      {spec.cautions.map((caution) => (
        <p key={caution} className="text-tiny">
          {cautionWords[caution]}
        </p>
      ))}
    </>
  );
}

/** How many clients whom a scarf does not fit are named at once. */
const namedAtOnce = 3;
