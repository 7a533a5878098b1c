import { dayReader } from "@/core/studio/shown-look";
import { oneATurn } from "../turns";
import type { clientJournalRoom } from "./client-rooms";

type JournalRoom = NonNullable<Awaited<ReturnType<typeof clientJournalRoom>>>;

/** A client's journal, with a verdict on the looks that nobody read when they were kept: as they read today. */
export async function journalRead(room: JournalRoom): Promise<JournalRoom> {
  const show = dayReader(room);
  const entries = room.days.flatMap((day) => day.entries);
  const unread = new Set(
    entries.filter((entry) => entry.what === "look" && entry.verdict === null).map(({ id }) => id),
  );
  const shown = await oneATurn(
    room.looks.filter(({ id }) => unread.has(id)),
    show,
  );
  const verdicts = new Map(shown.map((each) => [each?.record.id, each?.verdict]));
  const days = room.days.map(({ day, entries: those }) => ({
    day,
    entries: those.map((entry) =>
      entry.what === "look" ? { ...entry, verdict: entry.verdict ?? verdicts.get(entry.id) ?? null } : entry,
    ),
  }));
  return { ...room, days };
}
