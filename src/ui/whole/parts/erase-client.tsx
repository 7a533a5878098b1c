"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { sayMayNot } from "@/core/studio/roles";
import { sayWith } from "@/words/say";
import { wholeWords } from "@/words/whole";
import { answerOf, sayFaults } from "../../kit/answer";
import { Button } from "../../kit/button";
import { useMay } from "../../kit/role";
import { TextField } from "../../kit/text-field";
import { useTakeBack } from "../state/use-take-back";
import type { ErasureActions } from "../whole-record";

interface EraseClientProps {
  readonly clientId: string;
  readonly clientName: string;
  readonly actions: ErasureActions;
}

/** Erases a client; the message that says so takes it back, as the archive does for an hour. */
function useErasing({ clientId, clientName, actions }: EraseClientProps) {
  const router = useRouter();
  const takeBack = useTakeBack(actions.bringBack);
  const [fault, setFault] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const erase = async (typed: string) => {
    setBusy(true);
    const outcome = await answerOf(() => actions.erase({ id: clientId, typed }));
    setBusy(false);
    setFault(outcome.ok ? null : sayFaults(outcome));
    if (!outcome.ok) return;
    const { value: receipt } = outcome;
    forgetDrafts(clientId);
    toast(sayWith(wholeWords.isErased, { client: clientName }), {
      action: { label: wholeWords.takeBack, onClick: () => void takeBack(receipt, clientName) },
      duration: 12_000,
    });
    router.push("/put-away");
  };
  return { erase, fault, isBusy };
}

/** Where a client is erased, once her name was typed. */
export function EraseClient(props: EraseClientProps) {
  const { clientName } = props;
  const { erase, fault, isBusy } = useErasing(props);
  const [typed, setTyped] = useState("");
  const may = useMay("erase");
  return (
    <section aria-labelledby="erase" className="border border-rule-strong bg-paper px-4 py-3">
      <form
        noValidate
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void erase(typed);
        }}
      >
        <div>
          <h2 id="erase" className="text-lead">
            {sayWith(wholeWords.eraseClient, { client: clientName })}
          </h2>
          <p className="max-w-[68ch] text-ink-soft">{wholeWords.aboutErasing}</p>
        </div>
        {may ? (
          <>
            <p>{wholeWords.saveFirst}</p>
            <div className="max-w-80">
              <TextField
                id="typed"
                label={sayWith(wholeWords.typeTheName, { client: clientName })}
                autoCapitalize="off"
                spellCheck={false}
                maxLength={200}
                value={typed}
                onChange={setTyped}
                fault={fault}
              />
            </div>
            <div>
              <Button type="submit" disabled={isBusy || typed.trim() === ""}>
                {wholeWords.eraseEverything}
              </Button>
            </div>
          </>
        ) : (
          <p>{sayMayNot("erase")}</p>
        )}
      </form>
    </section>
  );
}

/** What waits in this browser of a client goes with her. */
function forgetDrafts(clientId: string): void {
  try {
    for (const store of [localStorage, sessionStorage])
      for (const key of Object.keys(store))
        if (key.includes(clientId) || store.getItem(key)?.includes(clientId)) store.removeItem(key);
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
}
