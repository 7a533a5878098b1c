import Link from "next/link";
import { markOf } from "@/core/reading/verdict";
import { read } from "@/core/reading/read";
import type { ClientRecord } from "@/core/studio/client-record";
import type { GroupRecord } from "@/core/studio/group-record";
import type { LookRecord } from "@/core/studio/look-record";
import type { OccasionRecord } from "@/core/studio/occasion-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import { layOut } from "@/core/studio/wardrobe";
import { dress } from "@/core/dressing/dress";
import { bySeverity, isFault } from "@/core/reading/severity";
import { phrase } from "@/core/reading/phrase";
import { describeLook } from "../drawing/describe";
import { FigureInSight } from "../drawing/figure/figure-in-sight";
import { MarkWord } from "../kit/marks";

interface RecentLooksProps {
  readonly looks: readonly LookRecord[];
  readonly clients: readonly ClientRecord[];
  readonly bases: readonly GroupRecord[];
  readonly occasions: readonly OccasionRecord[];
  readonly pieces: readonly PieceRecord[];
}

/** The looks last worked on: each drawn, with what it reads and what it wants most. */
export function RecentLooks({ looks, clients, bases, occasions, pieces }: RecentLooksProps) {
  if (looks.length === 0)
    return (
      <p className="border border-dashed border-rule-strong bg-paper p-6 text-ink-soft">
        No look is on the bench yet: lay one out for an occasion.
      </p>
    );
  const allPieces = pieces.map(({ piece }) => piece);
  const allOccasions = occasions.map(({ occasion }) => occasion);
  return (
    <ul className="grid gap-4 sm:grid-cols-2">
      {looks.flatMap((record) => {
        const client = clients.find(({ client: { id } }) => id === record.clientId)?.client;
        const base = bases.find(({ id }) => id === record.baseId);
        if (!client || !base) return [];
        const wardrobe = { client, pieces: allPieces, occasions: allOccasions, away: [] };
        const look = layOut(wardrobe, { ...record, garmentIds: base.pieceIds });
        const reading = read(look);
        const [worst] = [...reading.findings].filter(isFault).sort(bySeverity);
        return [
          <li key={record.id} className="border border-rule-strong bg-paper hover:bg-white">
            <Link
              href={`/bench?client=${client.id}&look=${record.id}`}
              className="grid h-full grid-cols-[7.5rem_minmax(0,1fr)]"
            >
              <span className="surround-light flex items-end justify-center overflow-hidden border-r border-rule">
                <FigureInSight
                  look={look}
                  atOnce
                  unit="cm"
                  label={describeLook(dress(look), "cm")}
                  className="h-52 w-full"
                />
              </span>
              <span className="flex flex-col gap-1 p-3">
                <span className="font-serif text-lead leading-tight">{base.name}</span>
                <span className="text-ink-soft">
                  {client.name}
                  {look.occasion && `, ${look.occasion.name}`}
                </span>
                <span className="tabular mt-auto flex items-center gap-2 text-body font-medium">
                  <MarkWord of={reading.verdict} /> {markOf(reading)}
                </span>
                {record.read && record.read.ruleBookVersion !== client.ruleBook.version && (
                  <span className="tabular text-tiny text-ink-soft">
                    was {record.read.verdict} {markOf(record.read)} by version {record.read.ruleBookVersion}{" "}
                    of {client.ruleBook.name}
                  </span>
                )}
                {worst && <span className="line-clamp-3 text-tiny text-ink-soft">{phrase(worst, "cm")}</span>}
              </span>
            </Link>
          </li>,
        ];
      })}
    </ul>
  );
}
