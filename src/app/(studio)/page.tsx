import type { Metadata } from "next";
import { readToday } from "@/server/records/today-read";
import { todayRoom } from "@/server/records/today-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { Today } from "@/ui/today/today";
import { todayWords } from "@/words/today";

export const metadata: Metadata = { title: todayWords.today };

interface TodayPageProps {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}

export default async function TodayPage({ searchParams }: TodayPageProps) {
  const { coming } = await searchParams;
  const room = await inOwnStudio((tenant) => todayRoom(tenant, { all: coming === "all" }));
  return <Today {...await readToday(room)} />;
}
