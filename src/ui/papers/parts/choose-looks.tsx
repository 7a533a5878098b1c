"use client";

import { format, parseISO } from "date-fns";
import type { LaidOutLook } from "@/core/studio/shown-look";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { DrawnLook } from "../../drawing/figure/figure-in-sight";
import { InSight } from "../../drawing/in-sight";
import { TextButton } from "../../kit/text-button";
import { Toggle } from "../../kit/toggle";

interface ChooseLooksProps {
  readonly laid: readonly LaidOutLook[];
  /** What the client said of a look, by its id. */
  readonly answered: ReadonlyMap<string, string>;
  /** Ids of the looks that are chosen. */
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (chosen: ReadonlySet<string>) => void;
}

/** The looks that can be handed over, drawn; each is chosen or let go by a press. */
export function ChooseLooks({ laid, answered, chosen, onChoose }: ChooseLooksProps) {
  const toggle = (id: string) => {
    const after = new Set(chosen);
    if (!after.delete(id)) after.add(id);
    onChoose(after);
  };
  return (
    <section aria-labelledby="looks">
      <header className="mb-3 flex flex-wrap items-center justify-between gap-3">
        <h2 id="looks" className="text-lead">
          {papersWords.chooseLooks}
        </h2>
        <p className="tabular flex items-center gap-3 text-ink-soft">
          {sayWith(papersWords.looksChosen, { chosen: chosen.size, count: laid.length })}
          <TextButton onClick={() => onChoose(new Set(laid.map(({ record }) => record.id)))}>
            {papersWords.chooseAll}
          </TextButton>
          <TextButton onClick={() => onChoose(new Set())}>{papersWords.chooseNone}</TextButton>
        </p>
      </header>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-3">
        {laid.map(({ record, look, base }) => {
          const name = record.name || base.name;
          return (
            <li key={record.id}>
              <Toggle
                look="basted"
                on={chosen.has(record.id)}
                onChange={() => toggle(record.id)}
                className="flex h-full w-full flex-col text-left"
              >
                <InSight className="surround-light h-40 w-full">
                  {() => <DrawnLook look={look} unit="cm" label={name} />}
                </InSight>
                <span className="grid gap-0.5 p-2">
                  <span className="leading-tight font-medium">{name}</span>
                  <span className="text-tiny text-ink-soft">
                    {look.occasion
                      ? `${look.occasion.name}, ${format(parseISO(look.occasion.day), "d MMM")}`
                      : papersWords.looksForAnyDay}
                  </span>
                  {answered.get(record.id) && (
                    <span className="text-tiny font-medium">
                      {sayWith(papersWords.clientSaid, { answer: answered.get(record.id) ?? "" })}
                    </span>
                  )}
                </span>
              </Toggle>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
