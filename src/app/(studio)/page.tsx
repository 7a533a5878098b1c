import type { Metadata } from "next";
import { todayRoom } from "@/server/records/today-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { Today } from "@/ui/today/today";
import { todayWords } from "@/words/today";

export const metadata: Metadata = { title: todayWords.today };

export default async function TodayPage() {
  return <Today {...await inOwnStudio(todayRoom)} />;
}
