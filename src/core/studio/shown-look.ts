import type { Client } from "../piece/client";
import type { Look } from "../piece/look";
import type { ShownBefore } from "../piece/on-record";
import { read } from "../reading/read";
import { bySeverity, isFault } from "../reading/severity";
import type { Reading } from "../reading/read";
import type { Verdict } from "../reading/verdict";
import type { Finding } from "../rules/finding";
import type { ClientRecord } from "./client-record";
import type { GroupRecord } from "./group-record";
import type { LookRecord } from "./look-record";
import { upkeepOfAll, type RecordOfEach } from "./on-record";
import type { OccasionRecord } from "./occasion-record";
import type { PieceRecord } from "./piece-record";
import { layOut, type Wardrobe } from "./wardrobe";

/** What the looks of a day are made of. */
export interface DayRecords {
  readonly clients: readonly ClientRecord[];
  readonly bases: readonly GroupRecord[];
  readonly occasions: readonly OccasionRecord[];
  readonly pieces: readonly PieceRecord[];
  /** What is on record of care, wear and company. */
  readonly onRecord: RecordOfEach;
  /** Looks of these occasions, which their companies have seen or will. */
  readonly laidOut: readonly LookRecord[];
}

/** A kept look as it reads today. */
export interface ShownLook {
  readonly record: LookRecord;
  readonly client: Client;
  readonly base: GroupRecord;
  readonly look: Look;
  readonly reading: Reading;
  /** The stylist's own verdict where she gave one, else the computed one. */
  readonly verdict: Verdict;
  /** What jars or rubs most. */
  readonly worst: Finding | undefined;
}

/** Lays out the looks of a day, each read once. */
export function dayReader(records: DayRecords): (record: LookRecord) => ShownLook | null {
  const pieces = records.pieces.map(({ piece }) => piece);
  const occasions = records.occasions.map(({ occasion }) => occasion);
  const upkeep = upkeepOfAll(records.onRecord, records.pieces);
  const wardrobes = new Map<string, Wardrobe>();
  const wardrobeOf = (id: string): Wardrobe | null => {
    const client = records.clients.find((record) => record.client.id === id)?.client;
    if (!client) return null;
    const { today, shown } = records.onRecord;
    const onRecord = { today, upkeep, shown: [...(shown[id] ?? []), ...shownTo(records, id)] };
    const wardrobe = wardrobes.get(id) ?? {
      client,
      pieces,
      occasions,
      away: [],
      onRecord,
    };
    wardrobes.set(id, wardrobe);
    return wardrobe;
  };
  return (record) => {
    const wardrobe = wardrobeOf(record.clientId);
    const base = records.bases.find(({ id }) => id === record.baseId);
    if (!wardrobe || !base) return null;
    const look = layOut(wardrobe, { ...record, garmentIds: base.pieceIds });
    const reading = read(look);
    const [worst] = [...reading.findings].filter(isFault).sort(bySeverity);
    const verdict = record.ownVerdict ?? reading.verdict;
    return { record, client: wardrobe.client, base, look, reading, verdict, worst };
  };
}

/** What the companies of a client's occasions see, by the looks laid out for them. */
function shownTo({ laidOut, occasions, bases }: DayRecords, clientId: string): ShownBefore[] {
  return laidOut.flatMap((look) => {
    const occasion = occasions.find((record) => record.occasion.id === look.occasionId)?.occasion;
    if (look.clientId !== clientId || !occasion?.company) return [];
    const garments = bases.find(({ id }) => id === look.baseId)?.pieceIds ?? [];
    const { company, name, day } = occasion;
    return [{ company, occasion: name, day, pieces: [...garments, ...look.accessoryIds] }];
  });
}
