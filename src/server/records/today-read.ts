import type { Look } from "@/core/piece/look";
import { nextToDress, type DayOccasion } from "@/core/studio/day-plan";
import { dayReader } from "@/core/studio/shown-look";
import type { OccasionRecord } from "@/core/studio/occasion-record";
import { layOut } from "@/core/studio/wardrobe";
import { oneATurn } from "../turns";
import type { todayRoom } from "./today-room";

type TodayRoom = Awaited<ReturnType<typeof todayRoom>>;

/** The day's looks as they read, one after another. */
export async function readToday({
  day,
  names,
  coming,
  laterCount,
  laidOut,
  recent,
  replies,
  ...records
}: TodayRoom) {
  const show = dayReader({ ...records, occasions: [...coming, ...records.occasions] });
  const days = await oneATurn(coming, ({ occasion, clientId }: OccasionRecord): DayOccasion => {
    const look = laidOut.find(({ occasionId }) => occasionId === occasion.id);
    const shown = look ? show(look) : null;
    const clientName = names.find(({ id }) => id === clientId)?.name ?? "";
    return { occasion, clientId, clientName, shown, verdict: shown?.verdict ?? null };
  });
  const next = nextToDress(days);
  return {
    day,
    hasClients: names.length > 0,
    coming: days,
    laterCount,
    replies,
    next,
    drawn: next ? (next.shown?.look ?? inAnyBase(next, records)) : null,
    recent: (await oneATurn(recent, show)).flatMap((shown) => shown ?? []),
  };
}

/** The client of an occasion in the first base of theirs. */
function inAnyBase(
  { clientId }: DayOccasion,
  { clients, bases, pieces }: Pick<TodayRoom, "clients" | "bases" | "pieces">,
): Look | null {
  const client = clients.find((record) => record.client.id === clientId)?.client;
  if (!client) return null;
  const base = bases.find((record) => record.clientId === clientId);
  return layOut(
    { client, pieces: pieces.map(({ piece }) => piece), occasions: [], away: [] },
    { garmentIds: base?.pieceIds ?? [], accessoryIds: [], adjustments: [], occasionId: null },
  );
}
