import { bodyOf } from "@/core/body/body";
import { sayLength } from "@/core/length/length";
import { clothOf } from "@/core/piece/tied-scarf";
import { girthsOf } from "@/core/scarf/girths";
import { tieOf } from "@/core/scarf/tied";
import { tieSpec } from "@/core/scarf/ties";
import type { PaperSource } from "@/core/studio/paper-source";
import { capital } from "@/core/words/called";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { sayScarf } from "../../scarves/words/card-words";
import { cautionWords } from "../../scarves/words/say-tie";
import { TiedOnClient } from "../../scarves/parts/tied-on-client";
import type { Block, DrawnStep } from "../state/paper";
import { drawnFolds } from "../../scarves/parts/drawn-folds";

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
    {
      is: "drawn steps",
      steps: [
        ...drawnFolds(scarf, settings).map(({ label, words, draw }): DrawnStep => ({
          drawing: { draw: () => draw("size-full"), label, ratio: 1 },
          words,
        })),
        ...tieSteps(asked, client, spec.steps),
      ],
    },
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
