"use client";

import { useState } from "react";
import { toast } from "sonner";
import { readsAlike, readyBooks, type RuleBook } from "@/core/rule-book/rule-book";
import type { Outcome } from "@/core/schema/outcome";
import { sayMayNot, type Deed } from "@/core/studio/roles";
import type { Wardrobe } from "@/core/studio/wardrobe";
import { sayWith } from "@/words/say";
import { ruleBookWords } from "@/words/rule-book";
import { answerOf, sayFaults } from "../kit/answer";
import { Button } from "../kit/button";
import { useMay } from "../kit/role";
import { useDraft } from "../kit/form/use-draft";
import { Example } from "./parts/example";
import { LiveQuestions } from "./parts/live-questions";
import type { NamedLook } from "./state/named-look";
import { RuleFigures } from "./parts/rule-figures";
import { Versions, type BookVersion } from "./parts/versions";
import { Segments } from "../kit/segments";
import { unpacking } from "../kit/packed";

interface RuleBookRoomProps {
  /** Whose book it is: a client's id, or the studio's own. */
  readonly of: string;
  /** What it is to keep it. */
  readonly deed: Deed;
  readonly kept: RuleBook;
  /** Earlier versions, the newest first. */
  readonly versions: readonly BookVersion[];
  /** Whose looks show what each answer changes. */
  readonly wardrobe: Wardrobe | null;
  readonly looks: readonly NamedLook[];
  readonly save: (book: RuleBook) => Promise<Outcome<RuleBook>>;
}

function Book({ of, deed, kept, versions, wardrobe, looks, save }: RuleBookRoomProps) {
  const draft = useDraft(`rules.${of}`, kept);
  const { value: book, change: setBook } = draft;
  const [shown, setShown] = useState(0);
  return (
    <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[17rem_minmax(0,1fr)]">
      <aside className="grid content-start gap-4 self-start lg:sticky lg:top-4">
        {wardrobe && looks.length > 0 && (
          <Example
            wardrobe={wardrobe}
            looks={looks}
            shown={shown}
            onShow={setShown}
            kept={kept}
            book={book}
          />
        )}
        <KeepBook
          book={book}
          kept={kept}
          deed={deed}
          save={save}
          onChange={setBook}
          onSettle={draft.settle}
        />
        {versions.length > 1 && <Versions versions={versions} kept={kept} onTake={setBook} />}
      </aside>
      <div className="grid gap-8">
        <BeginWith book={book} kept={kept} onBook={setBook} />
        <section aria-labelledby="schools">
          <h2 id="schools" className="mb-2 text-lead">
            {ruleBookWords.whereGoodStylistsDiffer}
          </h2>
          <LiveQuestions wardrobe={wardrobe} looks={looks} book={book} onBook={setBook} onLook={setShown} />
        </section>
        <section aria-labelledby="figures">
          <h2 id="figures" className="mb-2 text-lead">
            {ruleBookWords.everyRuleAndItsFigures}
          </h2>
          <RuleFigures book={book} onChange={setBook} />
        </section>
      </div>
    </div>
  );
}

interface KeepBookProps extends Pick<RuleBookRoomProps, "kept" | "deed" | "save"> {
  /** As it is answered here. */
  readonly book: RuleBook;
  readonly onChange: (book: RuleBook) => void;
  /** Lets what was answered here go, in favour of what is on record. */
  readonly onSettle: (book: RuleBook) => void;
}

/** The book's name and version, and the press that keeps what was changed as a new one. */
function KeepBook({ book, kept, deed, save, onChange, onSettle }: KeepBookProps) {
  const may = useMay(deed);
  const [fault, setFault] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const changed = !readsAlike(book, kept) || book.name !== kept.name;
  const keep = async () => {
    setSaving(true);
    const outcome = await answerOf(() => save(book));
    if (outcome.ok) {
      onSettle(outcome.value);
      toast(sayWith(ruleBookWords.keptAsVersion, { version: outcome.value.version }));
    }
    setFault(outcome.ok ? null : sayFaults(outcome));
    setSaving(false);
  };
  return (
    <div className="grid gap-2 border-t border-rule pt-3">
      <label className="grid gap-0.5">
        <span className="text-tiny text-ink-soft">{ruleBookWords.nameOfTheBook}</span>
        <input
          value={book.name}
          maxLength={80}
          onChange={(event) => onChange({ ...book, name: event.target.value })}
          className="h-9 border border-rule-strong bg-paper px-2 font-serif text-body"
        />
      </label>
      <p className="tabular text-tiny text-ink-soft">
        {sayWith(ruleBookWords.version, { version: kept.version })}
        {changed && ruleBookWords.withChangesNotKeptYet}
      </p>
      <div className="flex gap-2">
        {may && (
          <Button look="strong" disabled={!changed || saving} onClick={() => void keep()}>
            {ruleBookWords.keep}
          </Button>
        )}
        <Button disabled={!changed} onClick={() => onSettle(kept)}>
          {ruleBookWords.takeBack}
        </Button>
      </div>
      {!may && <p className="text-tiny text-ink-soft">{sayMayNot(deed)}</p>}
      {fault && (
        <p role="alert" className="border-l-2 border-thread pl-2">
          {fault}
        </p>
      )}
    </div>
  );
}

interface BeginWithProps {
  readonly book: RuleBook;
  readonly kept: RuleBook;
  readonly onBook: (book: RuleBook) => void;
}

/** The ready rule books one may begin from. */
function BeginWith({ book, kept, onBook }: BeginWithProps) {
  return (
    <section aria-labelledby="ready">
      <h2 id="ready" className="mb-2 text-lead">
        {ruleBookWords.beginWith}
      </h2>
      <Segments
        label={ruleBookWords.readyRuleBooks}
        size="named"
        apart
        value={readyBooks.find((ready) => readsAlike(ready, book))?.name ?? null}
        onChange={(name) => {
          const ready = readyBooks.find((each) => each.name === name);
          if (ready) onBook({ ...ready, version: kept.version });
        }}
        segments={readyBooks.map(({ name }) => ({ value: name, shown: name }))}
      />
    </section>
  );
}

/** A rule book: plain answers with what each would change on the client's own looks, and every figure. */
export const RuleBookRoom = unpacking<RuleBookRoomProps, "kept" | "versions" | "wardrobe" | "looks">(Book);
