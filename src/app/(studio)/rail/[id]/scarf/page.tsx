import { notFound } from "next/navigation";
import { scarfRoom } from "@/server/records/scarf-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { ScarfRoom } from "@/ui/scarves/scarf-room";

interface ScarfPageProps {
  readonly params: Promise<{ id: string }>;
  readonly searchParams: Promise<{ client?: string | string[] }>;
}

export default async function ScarfPage({ params, searchParams }: ScarfPageProps) {
  const { id } = await params;
  const { client } = await searchParams;
  const room = await inOwnStudio((tenant) =>
    scarfRoom(tenant, id, typeof client === "string" ? client : null),
  );
  if (!room) notFound();
  return <ScarfRoom {...room} />;
}
