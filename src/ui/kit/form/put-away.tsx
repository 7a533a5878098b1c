"use client";

import { useRouter } from "next/navigation";
import { toast } from "sonner";
import type { Outcome } from "@/core/schema/outcome";
import { granted } from "../answer";
import { Button } from "../button";
import type { Place } from "../place";

interface PutAwayProps {
  readonly id: string;
  /** What is put away, as it is called. */
  readonly name: string;
  readonly move: (input: { id: string; away: boolean }) => Promise<Outcome<null>>;
  readonly then: Place;
}

/** Puts a record away; the message that says so brings it back. */
export function PutAway({ id, name, move, then }: PutAwayProps) {
  const router = useRouter();
  const set = async (away: boolean) => {
    if (!(await granted(move({ id, away })))) return;
    if (!away) {
      toast(`${name} is back.`);
      router.refresh();
      return;
    }
    toast(`${name} is put away.`, {
      action: { label: "Bring back", onClick: () => void set(false) },
      duration: 12_000,
    });
    router.push(then);
  };
  return (
    <Button look="quiet" onClick={() => void set(true)}>
      Put away
    </Button>
  );
}
