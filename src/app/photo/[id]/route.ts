import { inStudio } from "@/server/db/tenant";
import { photoOf } from "@/server/records/photos";
import { findSession } from "@/server/records/sessions";
import { sealedSession } from "@/server/session/session";

const isId = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

/** The photo of a piece of the studio that is signed in. Its address names the very picture: it never changes. */
export async function GET(_: Request, { params }: RouteContext<"/photo/[id]">): Promise<Response> {
  const { id } = await params;
  const sealed = await sealedSession();
  const photo =
    sealed && isId.test(id)
      ? await inStudio(sealed.studioId, async (tenant) =>
          (await findSession(tenant, sealed.sessionId)) ? photoOf(tenant, id) : null,
        )
      : null;
  if (!photo) return new Response(null, { status: 404 });
  return new Response(new Uint8Array(photo.picture), {
    headers: {
      "content-type": "image/jpeg",
      "cache-control": "private, max-age=31536000, immutable",
      "x-content-type-options": "nosniff",
      etag: `"${photo.stamp}"`,
    },
  });
}
