"use client";

import Link from "next/link";
import type { Client } from "@/core/piece/client";
import type { Piece } from "@/core/piece/piece";
import type { Outcome } from "@/core/schema/outcome";
import type { Reach } from "@/core/search/reach";
import type { GroupRecord } from "@/core/studio/group-record";
import { Plate } from "../drawing/plate";
import { PutAway } from "../kit/form/put-away";
import { Mark, wordOf } from "../kit/marks";
import { CoherenceLine } from "./coherence-line";

interface SetRowProps {
  readonly set: GroupRecord;
  readonly client: Client;
  readonly bases: readonly GroupRecord[];
  readonly pieces: readonly Piece[];
  readonly reach: readonly Reach[] | undefined;
  readonly move: (input: { id: string; away: boolean }) => Promise<Outcome<null>>;
}

/** One set: plates on one line, what it is by itself, and every base with the verdict it gets there. */
export function SetRow({ set, client, bases, pieces, reach, move }: SetRowProps) {
  const worn = set.pieceIds.flatMap((id) => pieces.find((piece) => piece.id === id) ?? []);
  const served = reach?.filter(({ verdict }) => verdict !== "jars").length;
  return (
    <li className="border border-rule-strong bg-paper">
      <div className="grid items-center gap-4 px-4 pt-3 lg:grid-cols-[15rem_minmax(0,1fr)]">
        <div>
          <h2 className="text-lead leading-tight">{set.name}</h2>
          <p className="tabular text-ink-soft">
            {served === undefined ? "reading ..." : `serves ${served} of ${bases.length} bases`}
          </p>
        </div>
        <div className="flex items-end gap-3 border-b border-ink">
          {worn.map((piece) => (
            <Link key={piece.id} href={`/rail/${piece.id}`} title={piece.name} aria-label={piece.name}>
              <Plate piece={piece} className="h-20 w-24" />
            </Link>
          ))}
        </div>
      </div>
      <div className="px-4 pt-2">
        <CoherenceLine pieces={worn} client={client} />
      </div>
      <div className="flex flex-wrap items-center gap-1.5 px-4 py-3">
        {bases.map((base, i) => {
          const answer = reach?.[i];
          return (
            <Link
              key={base.id}
              href={`/bench?client=${set.clientId}&base=${base.id}&set=${set.id}`}
              className="flex h-8 items-center gap-1.5 border border-rule px-2 hover:bg-white"
              title={
                answer
                  ? `${wordOf(answer.verdict)}, ${Math.round(answer.score)}${answer.turned ? ", with a turn-up" : ""}`
                  : "reading"
              }
            >
              {answer ? (
                <Mark
                  of={answer.verdict}
                  className={`size-4 ${answer.verdict === "jars" ? "text-thread" : ""}`}
                />
              ) : (
                <span className="size-4" />
              )}
              <span>{base.name}</span>
              <span className="sr-only">{answer ? wordOf(answer.verdict) : ""}</span>
              <span className="tabular w-5 text-right text-ink-soft">
                {answer ? Math.round(answer.score) : ""}
              </span>
            </Link>
          );
        })}
        <span className="ml-auto">
          <PutAway id={set.id} name={set.name} move={move} then="/sets" />
        </span>
      </div>
    </li>
  );
}
