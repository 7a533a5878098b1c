import { closeSession } from "@/server/session/session";

/** Signs out: a plain form sends it, so that it works before the page's code has arrived. */
export async function POST(): Promise<Response> {
  await closeSession();
  return new Response(null, { status: 303, headers: { location: "/sign-in" } });
}
