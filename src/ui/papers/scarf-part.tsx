import { bodyOf } from "@/core/body/body";
import { sayLength } from "@/core/length/length";
import { clothOf, picturedOn } from "@/core/piece/tied-scarf";
import { namedFolds } from "@/core/scarf/folds";
import { girthsOf } from "@/core/scarf/girths";
import { foldedInSteps } from "@/core/scarf/laid-out";
import { sidesOf, tieOf } from "@/core/scarf/tied";
import { tieSpec } from "@/core/scarf/ties";
import type { PaperSource } from "@/core/studio/paper-source";
import { capital } from "@/core/words/called";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { FoldedPicture } from "../drawing/scarf/folded-picture";
import { sayFold, sayScarf } from "../scarves/card-words";
import { cautionWords } from "../scarves/say-tie";
import { TiedOnClient } from "../scarves/tied-on-client";
import type { Block, DrawnStep } from "./paper";

/** How a scarf is folded and tied on its client, step by step. */
export function scarfBlocks({ scarf: asked, client, unit }: PaperSource): Block[] {
  const none: Block[] = [{ is: "words", text: papersWords.noScarfIsTied, tone: "plain" }];
  if (!asked) return none;
  const { scarf, settings } = asked;
  const cloth = clothOf(scarf);
  const answer = tieOf(cloth, settings, girthsOf(bodyOf(client.measured)));
  if (!answer.possible) return none;
  const { spec, tail } = answer.tied;
  return [
    {
      is: "title",
      over: client.name,
      text: capital(tieSpec(settings.tie).name),
      under: sayScarf(scarf, spec, unit),
    },
    { is: "drawn steps", steps: [...foldSteps(asked), ...tieSteps(asked, client, spec.steps)] },
    {
      is: "points",
      points: [
        ...(tail > 0 && spec.knot !== "none"
          ? [sayWith(scarvesWords.tailsWillBe, { tail: sayLength(tail, unit) })]
          : []),
        ...spec.cautions.map((caution) => cautionWords[caution]),
      ],
    },
  ];
}

type AskedScarf = NonNullable<PaperSource["scarf"]>;

/** Each step of the folding, with the scarf as it lies then. */
function foldSteps({ scarf, settings }: AskedScarf): DrawnStep[] {
  const cloth = clothOf(scarf);
  const { axis } = namedFolds[settings.fold];
  const folds = foldedInSteps(sidesOf(cloth), settings);
  return folds.map((folded, at): DrawnStep => {
    const label = sayWith(scarvesWords.afterStep, { number: at + 1 });
    return {
      drawing: {
        draw: () => (
          <FoldedPicture
            folded={folded}
            picture={picturedOn(scarf)}
            sides={sidesOf(cloth)}
            axis={at === 0 ? 0 : axis}
            view="front"
            paler={scarf.figures.paler}
            label={label}
            className="size-full"
          />
        ),
        label,
        ratio: 1,
      },
      words: sayFold(settings, at, folds.length),
    };
  });
}

/** Each step of the tying, on the client. */
function tieSteps(
  { scarf, settings, garments, tiedTo }: AskedScarf,
  client: PaperSource["client"],
  steps: readonly string[],
): DrawnStep[] {
  return steps.map((words, at): DrawnStep => ({
    drawing: {
      draw: () => (
        <TiedOnClient
          scarf={scarf}
          client={client}
          garments={garments}
          tiedTo={tiedTo}
          settings={settings}
          {...(at < steps.length - 1 && { stage: at })}
          className="size-full"
        />
      ),
      label: words,
      ratio: 1,
    },
    words,
  }));
}
