import type { ReactNode } from "react";
import { ruleOf } from "@/core/rules/registry";
import { journalGoesBack, type JournalSum } from "@/core/studio/journal";
import { clientsWords } from "@/words/clients";
import { sayWith } from "@/words/say";
import { MarkWord } from "../../kit/marks";

/** How many lines of each kind the summary shows. */
const shownOfEach = 5;

/** What a client's journal adds up to: how her looks read, what is worn most, which rules she goes against. */
export function JournalSummary({ sum }: { readonly sum: JournalSum }) {
  return (
    <aside aria-labelledby="adds-up" className="border border-rule-strong bg-paper px-4 py-3.5">
      <h2 id="adds-up" className="text-lead">
        {clientsWords.itAddsUpTo}
      </h2>
      <Tallied
        title={clientsWords.looksKept}
        lines={sum.verdicts.map(({ verdict, times }) => ({
          key: verdict,
          name: <MarkWord of={verdict} />,
          times: String(times),
        }))}
        none={clientsWords.noVerdictYet}
      />
      <Tallied
        title={clientsWords.setsWornMostOften}
        lines={sum.worn.map(({ name, times }) => ({ key: name, name, times: timesOver(times) }))}
        none={clientsWords.noneWornYet}
      />
      <Tallied
        title={clientsWords.overruledMostOften}
        lines={sum.overruled.map(({ name, times }) => ({
          key: name,
          name: ruleOf(name)?.title ?? name,
          times: timesOver(times),
        }))}
        none={clientsWords.nothingOverruled}
      />
      {sum.isCutOff && (
        <p className="mt-4 text-tiny text-ink-soft">
          {sayWith(clientsWords.theNewestOfEachKind, { most: journalGoesBack })}
        </p>
      )}
    </aside>
  );
}

const timesOver = (times: number) => sayWith(clientsWords.timesOver, { times });

interface TalliedProps {
  readonly title: string;
  readonly lines: readonly { readonly key: string; readonly name: ReactNode; readonly times: string }[];
  readonly none: string;
}

function Tallied({ title, lines, none }: TalliedProps) {
  return (
    <section className="mt-4 border-t border-rule pt-3">
      <h3 className="mb-1.5 text-tiny text-ink-soft">{title}</h3>
      {lines.length === 0 ? (
        <p>{none}</p>
      ) : (
        <ul className="grid gap-1">
          {lines.slice(0, shownOfEach).map(({ key, name, times }) => (
            <li key={key} className="flex items-baseline justify-between gap-3">
              <span className="min-w-0">{name}</span>
              <span className="tabular shrink-0 text-ink-soft">{times}</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
