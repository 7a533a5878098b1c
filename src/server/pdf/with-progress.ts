import "server-only";
import { log } from "../log";
import { drawPdf, type PdfTask } from "./draw-pdf";

/** A PDF with how far it has come before it, as `paperProgressType` has it. It ends where nobody listens any more. */
export function pdfWithProgress(task: PdfTask, signal: AbortSignal): ReadableStream<Uint8Array> {
  const words = new TextEncoder();
  const end = new AbortController();
  signal.addEventListener("abort", () => end.abort(), { once: true });
  return new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = (line: string) => {
        if (!end.signal.aborted) controller.enqueue(words.encode(`${line}\n`));
      };
      try {
        const pdf = await drawPdf(task, (at, of) => say(`${at} ${of}`), end.signal);
        say(`pdf ${pdf.length}`);
        controller.enqueue(pdf);
      } catch (error) {
        if (!end.signal.aborted) log.error({ error }, "a PDF could not be drawn");
        say("failed");
      }
      if (!end.signal.aborted) controller.close();
    },
    cancel: () => end.abort(),
  });
}
