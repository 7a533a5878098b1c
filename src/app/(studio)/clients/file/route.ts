import { revalidatePath } from "next/cache";
import { openClient } from "@/server/archive/carry";
import { sealedSession } from "@/server/session/session";

/** Takes a client's file into the studio that is signed in: the one thing that is sent which may be long. */
export async function POST(request: Request): Promise<Response> {
  const outcome = await openClient(await sealedSession(), bodyOf(request));
  if (outcome.ok) revalidatePath("/", "layout");
  return Response.json(outcome);
}

async function* bodyOf({ body }: Request): AsyncGenerator<Uint8Array> {
  const reader = body?.getReader();
  if (!reader) return;
  try {
    for (let part = await reader.read(); !part.done; part = await reader.read()) yield part.value;
  } finally {
    // What is not read any more is not waited for.
    void reader.cancel().catch(() => undefined);
  }
}
