import "server-only";
import { join } from "node:path";
import { Worker } from "node:worker_threads";
import type { PaperKind, PaperSource, SheetName } from "@/core/studio/paper-source";

/** What is to be drawn. */
export interface PdfTask {
  readonly kind: PaperKind;
  readonly sheet: SheetName;
  readonly source: PaperSource;
}

/** What a drawing thread tells: how many parts are drawn, and at last the file. */
type Told = { readonly at: number; readonly of: number } | { readonly pdf: Uint8Array };

/** How many threads draw at once in one process: who comes later waits. */
const mostAtOnce = 2;
let drawing = 0;
const waiting: (() => void)[] = [];

/**
 * Draws a paper as a PDF in a thread of its own, so that nobody's request waits for it.
 * @param tell told how many of the parts are drawn
 * @param signal ends the drawing where nobody waits for it any more
 * @throws Error when it could not be drawn, or was ended
 */
export async function drawPdf(
  task: PdfTask,
  tell: (at: number, of: number) => void,
  signal: AbortSignal,
): Promise<Uint8Array> {
  if (drawing >= mostAtOnce) await turnOf(signal);
  drawing += 1;
  try {
    return await inThread(task, tell, signal);
  } finally {
    drawing -= 1;
    waiting.shift()?.();
  }
}

/** Waits until a thread is free. @throws Error where nobody waits for the PDF any more */
function turnOf(signal: AbortSignal): Promise<void> {
  return new Promise((resolve, reject) => {
    const begin = () => {
      signal.removeEventListener("abort", leave);
      resolve();
    };
    const leave = () => {
      waiting.splice(waiting.indexOf(begin), 1);
      reject(new Error(nobodyWaits));
    };
    waiting.push(begin);
    signal.addEventListener("abort", leave, { once: true });
  });
}

const nobodyWaits = "nobody waits for the PDF any more";

function inThread(task: PdfTask, tell: (at: number, of: number) => void, signal: AbortSignal) {
  return new Promise<Uint8Array>((resolve, reject) => {
    if (signal.aborted) {
      reject(new Error(nobodyWaits));
      return;
    }
    const root = process.cwd();
    // Made so that the build does not look for the thread's file among its own: it stands beside it.
    const thread = Reflect.construct(Worker, [
      join(root, ".next", "juxtane-pdf.mjs"),
      { workerData: { ...task, root } },
    ]);
    const stop = () => {
      void thread.terminate();
      reject(new Error(nobodyWaits));
    };
    signal.addEventListener("abort", stop, { once: true });
    thread.on("message", (told: Told) => {
      if ("pdf" in told) resolve(told.pdf);
      else tell(told.at, told.of);
    });
    thread.on("error", reject);
    thread.on("exit", (code) => {
      signal.removeEventListener("abort", stop);
      reject(new Error(`the drawing thread ended with ${code}`));
    });
  });
}
