"use client";

import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { toast } from "sonner";
import { archiveBounds } from "@/core/formats/client-file/archive-bounds";
import type { Outcome } from "@/core/schema/outcome";
import { sayWith } from "@/words/say";
import { wholeWords } from "@/words/whole";
import { answerOf, sayFaults } from "../../kit/answer";
import { Button } from "../../kit/button";
import { useMay } from "../../kit/role";
import { Fault } from "../../kit/fault";

/** Opens a client's file that was saved here or in another studio, and goes to whom it brought. */
export function OpenClientFile() {
  const router = useRouter();
  const choose = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState("");
  const [isBusy, setBusy] = useState(false);
  if (!useMay("carry")) return null;
  const open = async (file: File) => {
    const most = archiveBounds.packed / (1024 * 1024);
    setFault(
      file.size > archiveBounds.packed ? sayWith(wholeWords.fileTooLarge, { name: file.name, most }) : "",
    );
    if (file.size > archiveBounds.packed) return;
    setBusy(true);
    const outcome = await answerOf(() => sent(file));
    setBusy(false);
    if (!outcome.ok) {
      setFault(sayFaults(outcome));
      return;
    }
    toast(sayWith(wholeWords.isHere, { client: outcome.value.name }));
    router.push(`/clients/${outcome.value.id}`);
    router.refresh();
  };
  return (
    <div className="grid justify-items-start gap-1">
      <input
        ref={choose}
        type="file"
        accept=".zip,.json,application/zip,application/json"
        aria-label={wholeWords.openAFile}
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void open(file);
          // The same file can be chosen again.
          event.target.value = "";
        }}
      />
      <Button disabled={isBusy} onClick={() => choose.current?.click()}>
        {isBusy ? wholeWords.opening : wholeWords.openAFile}
      </Button>
      <div className="max-w-80">
        <Fault say={fault} />
      </div>
    </div>
  );
}

async function sent(file: File): Promise<Outcome<{ readonly id: string; readonly name: string }>> {
  const answer = await fetch("/clients/file", {
    method: "POST",
    headers: { "content-type": "application/octet-stream" },
    body: file,
  });
  return (await answer.json()) as Outcome<{ readonly id: string; readonly name: string }>;
}
