"use client";

import { format, parseISO } from "date-fns";
import { Link } from "../../kit/link";
import type { Ref } from "react";
import type { Client } from "@/core/piece/client";
import type { Piece } from "@/core/piece/piece";
import type { Reach } from "@/core/search/reach";
import { coherenceOf } from "@/core/sets/coherence";
import { inOrder } from "@/core/sets/vary";
import type { GroupRecord } from "@/core/studio/group-record";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { sayWay } from "../../bench/words/change-words";
import { Plate } from "../../drawing/plate";
import { useLengthUnit } from "../../kit/length-unit";
import { CoherenceLine } from "./coherence-line";
import type { LibraryActions } from "../state/library-actions";
import { ReachChips } from "./reach-chips";
import { reachWords } from "../words/reach-words";
import { sayPurpose } from "../words/say-purpose";
import { SetActions } from "./set-actions";
import { Hint } from "../../kit/hint";

interface SetRowProps {
  /** Measures the row, whose height is not known before it is drawn. */
  readonly ref: Ref<HTMLLIElement>;
  /** Position among the sets. */
  readonly at: number;
  readonly set: GroupRecord;
  readonly client: Client;
  readonly bases: readonly GroupRecord[];
  readonly pieces: readonly Piece[];
  readonly reach: readonly Reach[] | undefined;
  /** The last day it was worn, yyyy-mm-dd. */
  readonly lastWorn: string | undefined;
  readonly actions: LibraryActions;
}

/** One set: plates on one line, what it is for, and every base with the verdict it gets there. */
export function SetRow(props: SetRowProps) {
  const { ref, at, set, client, bases, pieces, reach, lastWorn, actions } = props;
  const worn = inOrder(set.pieceIds.flatMap((id) => pieces.find((piece) => piece.id === id) ?? []));
  const own = coherenceOf(worn, client);
  const unit = useLengthUnit();
  return (
    <li ref={ref} data-index={at} className="pb-3">
      <div className="border border-rule-strong bg-paper">
        <div className="grid grid-cols-[minmax(0,1fr)] items-center gap-4 px-4 pt-3 lg:grid-cols-[22rem_minmax(0,1fr)]">
          <div>
            <h2 className="text-lead leading-tight">{set.name}</h2>
            <p>{sayPurpose(own)}</p>
            {set.ways.map((way) => (
              <p key={`${way.piece} ${way.kind}`} className="text-tiny text-ink-soft">
                {sayWith(setsWords.pieceWornSo, {
                  piece: worn.find(({ id }) => id === way.piece)?.name ?? "",
                  way: sayWay(way, "done", unit, ""),
                })}
              </p>
            ))}
            <p className="tabular text-tiny text-ink-soft">
              {reachWords(reach, bases.length)};{" "}
              {lastWorn
                ? sayWith(setsWords.lastWorn, { day: format(parseISO(lastWorn), "d MMMM") })
                : setsWords.notWornYet}
            </p>
          </div>
          <div className="flex flex-wrap items-end gap-3 border-b border-ink">
            {worn.map((piece) => (
              <Hint key={piece.id} words={piece.name}>
                <Link href={`/rail/${piece.id}`} aria-label={piece.name}>
                  <Plate piece={piece} className="h-20 w-24" />
                </Link>
              </Hint>
            ))}
          </div>
        </div>
        <div className="px-4 pt-2">
          <CoherenceLine pieces={worn} client={client} coherence={own} />
        </div>
        <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2 px-4 pt-3 pb-2">
          <ReachChips
            bases={bases}
            reach={reach}
            hrefOf={(base) => `/bench?client=${set.clientId}&base=${base.id}&set=${set.id}`}
          />
          <SetActions set={set} pieces={worn} actions={actions} />
        </div>
      </div>
    </li>
  );
}
