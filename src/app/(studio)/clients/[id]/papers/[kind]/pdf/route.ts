import { askedPaper } from "@/core/schema/paper-wish";
import { paperProgressType } from "@/core/studio/paper-source";
import { validate } from "@/core/schema/validate";
import { drawPdf } from "@/server/pdf/draw-pdf";
import { pdfWithProgress } from "@/server/pdf/with-progress";
import { paperSource, papersRoom } from "@/server/records/papers-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { fileStem } from "@/ui/papers/words/file-stem";

/** A paper of a client as a PDF: whole, or with how far it has come before it where that is asked for. */
export async function GET(
  request: Request,
  { params }: RouteContext<"/clients/[id]/papers/[kind]/pdf">,
): Promise<Response> {
  const { id, kind } = await params;
  const address = Object.fromEntries(new URL(request.url).searchParams);
  const asked = validate(askedPaper.schema, askedPaper.of({ ...address, kind }));
  if (!asked.ok) return new Response(asked.faults.map(({ say }) => say).join(" "), { status: 400 });
  const room = await inOwnStudio((tenant) => papersRoom(tenant, id));
  if (!room) return new Response(null, { status: 404 });
  const source = await paperSource(room, asked.value);
  const task = { kind: asked.value.kind, sheet: asked.value.sheet, source };
  const name = fileStem(source.client.name, task.kind);
  const headers = { "cache-control": "no-store" };
  if (request.headers.get("accept") === paperProgressType)
    return new Response(pdfWithProgress(task, request.signal), {
      headers: { ...headers, "content-type": paperProgressType },
    });
  const pdf = await drawPdf(task, () => undefined, request.signal);
  return new Response(new Uint8Array(pdf), {
    headers: {
      ...headers,
      "content-type": "application/pdf",
      "content-disposition": `inline; filename="${name}.pdf"`,
    },
  });
}
