import { Readable } from "node:stream";
import { clientArchive } from "@/server/archive/carry";
import { sealedSession } from "@/server/session/session";

/** Everything of a client as one archive. */
export async function GET(
  _: Request,
  { params }: RouteContext<"/clients/[id]/whole/file">,
): Promise<Response> {
  const { id } = await params;
  const archive = await clientArchive(await sealedSession(), id);
  if (!archive.ok) return Response.json(archive, { status: 403 });
  return new Response(Readable.toWeb(archive.value) as ReadableStream, {
    headers: {
      "cache-control": "no-store",
      "content-type": "application/zip",
      "content-disposition": 'attachment; filename="client.juxtane.zip"',
    },
  });
}
