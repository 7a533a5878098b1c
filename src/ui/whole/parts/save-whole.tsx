"use client";

import { useRef, useState } from "react";
import { toast } from "sonner";
import type { Outcome } from "@/core/schema/outcome";
import { sayMayNot } from "@/core/studio/roles";
import { wholeWords } from "@/words/whole";
import { answerOf, sayFaults } from "../../kit/answer";
import { Button } from "../../kit/button";
import { useMay } from "../../kit/role";
import { saveFile } from "../../kit/save-file";
import { fileStem } from "../../papers/words/file-stem";

const type = "application/zip";

interface SaveWholeProps {
  readonly clientId: string;
  readonly clientName: string;
}

/** Saves everything of a client as one archive; while it is packed that can be stopped. */
export function SaveWhole({ clientId, clientName }: SaveWholeProps) {
  const [isPacking, setPacking] = useState(false);
  const stop = useRef<AbortController>(null);
  const may = useMay("carry");
  const save = async () => {
    const controller = new AbortController();
    stop.current = controller;
    setPacking(true);
    const archive = await answerOf(() => archiveOf(clientId, controller.signal));
    setPacking(false);
    if (archive.ok) saveFile(archive.value, type, `${fileStem(clientName, "juxtane")}.zip`);
    // Whoever stopped it needs not be told that nothing came.
    else if (!controller.signal.aborted) toast(sayFaults(archive), { duration: 12_000 });
  };
  return (
    <section aria-labelledby="save" className="grid gap-3 border border-rule-strong bg-paper px-4 py-3">
      <div>
        <h2 id="save" className="text-lead">
          {wholeWords.saveAsOneFile}
        </h2>
        <p className="max-w-[68ch] text-ink-soft">{wholeWords.aboutTheFile}</p>
      </div>
      {!may && <p>{sayMayNot("carry")}</p>}
      {may && !isPacking && (
        <div>
          <Button look="strong" onClick={() => void save()}>
            {wholeWords.saveTheFile}
          </Button>
        </div>
      )}
      {isPacking && (
        <div className="flex items-center gap-3">
          <span role="status" className="text-ink-soft">
            {wholeWords.packing}
          </span>
          <Button onClick={() => stop.current?.abort()}>{wholeWords.stop}</Button>
        </div>
      )}
    </section>
  );
}

/** The archive, or why there is none. @throws where the answer ends before the archive does */
async function archiveOf(clientId: string, signal: AbortSignal): Promise<Outcome<Blob>> {
  const answer = await fetch(`/clients/${clientId}/whole/file`, { signal });
  if (answer.headers.get("content-type") !== type) return (await answer.json()) as Outcome<Blob>;
  return { ok: true, value: await answer.blob() };
}
