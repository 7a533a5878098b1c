"use client";

import { useRouter } from "next/navigation";
import { toast } from "sonner";
import type { Deed } from "@/core/studio/roles";
import type { Outcome } from "@/core/schema/outcome";
import { sayWith } from "@/words/say";
import { kitWords } from "@/words/kit";
import { granted } from "../answer";
import { Button } from "../button";
import type { Place } from "../place";
import { useMay } from "../role";
import { useBringBack } from "../use-bring-back";

interface PutAwayProps {
  readonly id: string;
  /** What is put away, as it is called. */
  readonly name: string;
  readonly move: (input: { id: string; away: boolean }) => Promise<Outcome<null>>;
  readonly then: Place;
  readonly deed?: Deed;
}

/** Puts a record away; the message that says so brings it back. */
export function PutAway({ id, name, move, then, deed = "work" }: PutAwayProps) {
  const router = useRouter();
  const bringBack = useBringBack();
  const may = useMay(deed);
  const putAway = async () => {
    if (!(await granted(() => move({ id, away: true })))) return;
    toast(sayWith(kitWords.isInTheArchive, { name }), {
      action: {
        label: kitWords.bringBack,
        onClick: () => void bringBack(name, () => move({ id, away: false })),
      },
      duration: 12_000,
    });
    router.push(then);
  };
  if (!may) return null;
  return (
    <Button look="quiet" onClick={() => void putAway()}>
      {kitWords.archive}
    </Button>
  );
}
