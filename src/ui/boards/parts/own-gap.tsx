"use client";

import { useState } from "react";
import { parseGapLine } from "@/core/search/gap-line";
import { gapSpecOf, type GapFacts, type GapSpec } from "@/core/search/gap-spec";
import type { Piece } from "@/core/piece/piece";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";
import { Plate } from "../../drawing/plate";
import { Button } from "../../kit/button";
import { useDraft } from "../../kit/form/use-draft";
import { useLengthUnit } from "../../kit/length-unit";

interface OwnGapProps {
  readonly clientId: string;
  /** What it would open, read when it is written down. */
  readonly opensOf: (facts: GapFacts) => Promise<readonly string[]>;
  /** Puts it on the list; false when that was refused, which has then been said. */
  readonly add: (spec: GapSpec, opens: readonly string[], note: string) => Promise<boolean>;
}

/** A missing piece in the stylist's own words, drawn as they are typed. */
export function OwnGap({ clientId, opensOf, add }: OwnGapProps) {
  const unit = useLengthUnit();
  const line = useDraft(`gap.${clientId}`, "");
  const [asked, setAsked] = useState(false);
  const [busy, setBusy] = useState(false);
  const read = parseGapLine(line.value, unit);
  const spec = read.ok ? gapSpecOf(read.facts) : null;
  const submit = async () => {
    if (!read.ok || !spec) {
      setAsked(true);
      return;
    }
    setBusy(true);
    const kept = await add(spec, await opensOf(read.facts), read.left);
    setBusy(false);
    if (kept) line.settle("");
  };
  const fault = asked && !read.ok ? read.say : null;
  return (
    <form
      noValidate
      aria-label={boardsWords.writeDownAMissingPiece}
      className="border border-rule-strong bg-white px-4 py-3 print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <label htmlFor="own-gap" className="font-medium">
        {boardsWords.somethingElseThatIsMissing}
      </label>
      <div className="mt-1 flex flex-wrap gap-2">
        <input
          id="own-gap"
          value={line.value}
          onChange={(event) => {
            setAsked(false);
            line.change(event.target.value);
          }}
          placeholder={unit === "cm" ? boardsWords.aNavyBelt3Cm : boardsWords.aNavyBelt11}
          autoComplete="off"
          maxLength={200}
          aria-invalid={fault !== null}
          aria-describedby={fault ? "own-gap-say" : undefined}
          className="h-9 min-w-44 flex-1 border border-rule-strong bg-paper px-2.5 text-body"
        />
        <Button type="submit" look="strong" disabled={busy}>
          {boardsWords.putItOnTheList}
        </Button>
      </div>
      {fault && (
        <p id="own-gap-say" role="alert" className="mt-1 text-thread">
          {fault}
        </p>
      )}
      {read.ok && spec && <Understood piece={spec.piece} left={read.left} />}
    </form>
  );
}

interface UnderstoodProps {
  readonly piece: Piece;
  /** Words that say nothing of the piece. */
  readonly left: string;
}

function Understood({ piece, left }: UnderstoodProps) {
  return (
    <div className="mt-2 grid grid-cols-[4.5rem_minmax(0,1fr)] items-center gap-3">
      <Plate piece={piece} className="h-16 w-full" />
      <p>
        {piece.name}
        {left && (
          <span className="block text-tiny text-ink-soft">
            {sayWith(boardsWords.goesIntoTheNote, { left })}
          </span>
        )}
      </p>
    </div>
  );
}
