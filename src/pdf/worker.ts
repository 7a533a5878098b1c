import { parentPort, workerData } from "node:worker_threads";
import type { PaperKind, PaperSource, SheetName } from "@/core/studio/paper-source";
import { buildPaper } from "@/ui/papers/parts/build";
import { drawPaper } from "./draw-paper";

/** What the thread is begun with. */
export interface PaperTask {
  readonly kind: PaperKind;
  readonly sheet: SheetName;
  readonly source: PaperSource;
  /** The folder of the application. */
  readonly root: string;
}

const { kind, sheet, source, root } = workerData as PaperTask;
const pdf = await drawPaper(buildPaper(kind, source), sheet, root, (at, of) =>
  parentPort?.postMessage({ at, of }),
);
parentPort?.postMessage({ pdf });
