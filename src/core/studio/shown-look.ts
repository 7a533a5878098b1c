import type { Client } from "../piece/client";
import type { Look } from "../piece/look";
import { read } from "../reading/read";
import { reasonsOf, toMindOf } from "../reading/on-paper";
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
}

/** A kept look laid out with what its pieces are today. */
export interface LaidOutLook {
  readonly record: LookRecord;
  readonly client: Client;
  readonly base: GroupRecord;
  readonly look: Look;
}

/** A kept look as it reads today. */
export interface ShownLook extends LaidOutLook {
  readonly reading: Reading;
  /** The stylist's own verdict where she gave one, else the computed one. */
  readonly verdict: Verdict;
  /** What jars or rubs most. */
  readonly worst: Finding | undefined;
}

/** Lays out the looks of a day; null where client or base is gone. */
export function dayLayer(records: DayRecords): (record: LookRecord) => LaidOutLook | null {
  const upkeep = upkeepOfAll(records.onRecord, records.pieces);
  const wardrobes = new Map<string, Wardrobe>();
  const wardrobeOf = (id: string): Wardrobe | null => {
    const known = wardrobes.get(id);
    if (known) return known;
    const client = records.clients.find((record) => record.client.id === id)?.client;
    if (!client) return null;
    const { today, shown } = records.onRecord;
    const wardrobe = {
      client,
      // What is of another client is never laid out for this one: a day of many clients is not gone through for each.
      pieces: records.pieces
        .filter(({ clientId }) => clientId === id || clientId === null)
        .map(({ piece }) => piece),
      occasions: records.occasions.filter(({ clientId }) => clientId === id).map(({ occasion }) => occasion),
      away: [],
      onRecord: { today, upkeep, shown: shown[id] ?? [] },
    };
    wardrobes.set(id, wardrobe);
    return wardrobe;
  };
  return (record) => {
    const wardrobe = wardrobeOf(record.clientId);
    const base = records.bases.find(({ id }) => id === record.baseId);
    if (!wardrobe || !base) return null;
    const look = layOut(wardrobe, { ...record, garmentIds: base.pieceIds });
    return { record, client: wardrobe.client, base, look };
  };
}

/** Lays out the looks of a day and reads them, each once: what was worked on last is often what comes next. */
export function dayReader(records: DayRecords): (record: LookRecord) => ShownLook | null {
  const layer = dayLayer(records);
  const readBefore = new Map<string, ShownLook>();
  return (record) => {
    const before = readBefore.get(record.id);
    if (before?.record.version === record.version) return before;
    const laidOut = layer(record);
    if (!laidOut) return null;
    const reading = read(laidOut.look);
    const [worst] = [...reading.findings].filter(isFault).sort(bySeverity);
    const shown = { ...laidOut, reading, verdict: record.ownVerdict ?? reading.verdict, worst };
    readBefore.set(record.id, shown);
    return shown;
  };
}

/**
 * A look with the findings alone that are told to whoever wears it: all of them would weigh ten times as much on the
 * way, and are the stylist's own affair.
 */
export function toldOf(shown: ShownLook): ShownLook {
  const { findings } = shown.reading;
  const told = [...new Set([...reasonsOf(findings), ...toMindOf(findings)])];
  return { ...shown, worst: undefined, reading: { ...shown.reading, findings: told } };
}
