"use client";

import { useMemo, useState } from "react";
import type { Outcome } from "@/core/schema/outcome";
import { firstStock, type SetTemplate } from "@/core/sets/template";
import type { BenchSource, NamedPieces } from "@/core/studio/bench-source";
import type { GroupInput } from "@/core/studio/group-record";
import type { TemplateRecord } from "@/core/studio/template-record";
import type { FilledOf } from "@/workers/answers";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { granted } from "../../kit/answer";
import { Button } from "../../kit/button";
import { FilledRow } from "./parts/filled-row";
import { missingWords } from "./words/template-words";
import { useFilled } from "./state/use-filled";
import { unpacking } from "../../kit/packed";

interface StockProps {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
  readonly sets: readonly NamedPieces[];
  readonly templates: readonly TemplateRecord[];
  readonly save: (input: GroupInput & { id: null; version: null }) => Promise<Outcome<string>>;
  readonly moveTemplate: (input: { id: string; away: boolean }) => Promise<Outcome<null>>;
}

function Filling({ sets, save, moveTemplate, ...opened }: StockProps) {
  // A set that is kept from here changes nothing of what is filled: it is not filled again for that.
  const [{ wardrobe, templates }] = useState(opened);
  const { client, bases, pieces } = wardrobe;
  const all = useMemo(
    () => [
      ...firstStock.map((template) => ({ id: null, template })),
      ...templates.map(({ id, template }) => ({ id, template })),
    ],
    [templates],
  );
  const asTemplates = useMemo(() => all.map(({ template }) => template), [all]);
  const filled = useFilled(wardrobe, asTemplates, bases);
  const [keptNow, setKeptNow] = useState<ReadonlyMap<string, string>>(new Map());
  const keptAs = (pieceIds: readonly string[]) =>
    keptNow.get(sameSet(pieceIds)) ??
    sets.find((set) => sameSet(set.pieceIds) === sameSet(pieceIds))?.name ??
    null;
  const keep = async (name: string, pieceIds: readonly string[]) => {
    const answer = await granted(() =>
      save({ id: null, version: null, clientId: client.id, name, pieceIds }),
    );
    if (answer) setKeptNow((before) => new Map(before).set(sameSet(pieceIds), name.trim()));
    return answer !== null;
  };
  const open = filled.flatMap(({ pieceIds }, i) => {
    const template = asTemplates[i];
    return template && pieceIds.length > 0 && keptAs(pieceIds) === null ? [{ template, pieceIds }] : [];
  });
  const keepAll = async () => {
    for (const { template, pieceIds } of open) if (!(await keep(template.name, pieceIds))) return;
  };
  return (
    <>
      <FillingState
        filled={filled}
        templates={asTemplates}
        open={open.length}
        onKeepAll={() => void keepAll()}
      />
      <ul className="grid gap-3">
        {all.map(({ id, template }, i) => (
          <FilledRow
            key={id ?? template.name}
            template={template}
            templateId={id}
            filled={filled[i]}
            client={client}
            bases={bases}
            pieces={pieces}
            kept={keptAs(filled[i]?.pieceIds ?? [])}
            onKeep={(name) => void keep(name, filled[i]?.pieceIds ?? [])}
            moveTemplate={moveTemplate}
          />
        ))}
      </ul>
    </>
  );
}

interface FillingStateProps {
  readonly filled: readonly FilledOf[];
  readonly templates: readonly SetTemplate[];
  /** How many of the filled ones are not kept yet. */
  readonly open: number;
  readonly onKeepAll: () => void;
}

/** How many templates are filled, what is missing for the others, and the press that keeps all that are. */
function FillingState({ filled, templates, open, onKeepAll }: FillingStateProps) {
  const done = filled.length === templates.length;
  const lacking = filled.flatMap(({ missing }, i) => {
    const template = templates[i];
    return template && missing.length > 0 ? [`${template.name}: ${missingWords(missing, template)}`] : [];
  });
  return (
    <div className="mb-4 flex flex-wrap items-center justify-between gap-3">
      <p role="status" className="tabular max-w-[80ch]">
        {done
          ? sayWith(setsWords.ofTemplatesAreFilled, {
              filled: filled.filter(({ pieceIds }) => pieceIds.length > 0).length,
              total: templates.length,
              rest:
                lacking.length === 0
                  ? "Nothing is missing for any of them."
                  : `Missing for ${lacking.join("; for ")}.`,
            })
          : sayWith(setsWords.ofTemplatesFilled, { filledCount: filled.length, allCount: templates.length })}
      </p>
      {done && open > 1 && (
        <Button look="strong" onClick={onKeepAll}>
          {sayWith(setsWords.keepAll, { openCount: open })}
        </Button>
      )}
    </div>
  );
}

/** A first stock for a client: every template filled from their pieces, with what is missing for it. */
export const Stock = unpacking<StockProps, "wardrobe" | "sets" | "templates">(Filling);

/** A set by its pieces, in whatever order they were put in. */
function sameSet(pieceIds: readonly string[]): string {
  return [...pieceIds].sort().join();
}
