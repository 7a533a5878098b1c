"use client";

import { useRouter } from "next/navigation";
import { toast } from "sonner";
import type { Piece } from "@/core/piece/piece";
import { templateOf } from "@/core/sets/template";
import type { GroupRecord } from "@/core/studio/group-record";
import { granted } from "../kit/answer";
import { Button, ButtonLink } from "../kit/button";
import { useMay } from "../kit/role";
import type { LibraryActions } from "./library-actions";

interface SetActionsProps {
  readonly set: GroupRecord;
  readonly pieces: readonly Piece[];
  readonly actions: LibraryActions;
}

/** Time in which a message can still take back what it tells, ms. */
const takeBack = 12_000;

/** What is done with a set: changed, varied, worn, made a template of, retired; each can be taken back. */
export function SetActions({ set, pieces, actions }: SetActionsProps) {
  const router = useRouter();
  const keepsHouse = useMay("keep house");
  const { id, name, clientId } = set;
  const build = `/sets/build?client=${clientId}` as const;

  const wear = async () => {
    const answer = await granted(() => actions.wear({ clientId, setId: id, day: null }));
    if (!answer) return;
    toast(`${name} was worn today.`, {
      action: {
        label: "Strike it out",
        onClick: () =>
          void granted(() => actions.unwear({ id: answer.value })).then(
            (struck) => struck && router.refresh(),
          ),
      },
      duration: takeBack,
    });
    router.refresh();
  };
  const retire = async (away: boolean) => {
    if (!(await granted(() => actions.retire({ id, away })))) return;
    if (away)
      toast(`${name} is retired: it stays below, and is offered no more.`, {
        action: { label: "Take it up again", onClick: () => void retire(false) },
        duration: takeBack,
      });
    router.refresh();
  };
  const keepAsTemplate = async () => {
    if (await granted(() => actions.saveTemplate(templateOf(name, pieces))))
      toast(`${name} is a template now: it fills itself for any client.`, {
        action: { label: "Show it", onClick: () => router.push(`/sets/stock?client=${clientId}`) },
      });
  };

  return (
    <div role="group" aria-label={`With ${name}`} className="-ml-2.5 flex flex-wrap gap-x-1">
      <ButtonLink look="quiet" size="small" href={`${build}&set=${id}`}>
        Change
      </ButtonLink>
      <ButtonLink look="quiet" size="small" href={`${build}&from=${id}`}>
        Duplicate and vary
      </ButtonLink>
      {keepsHouse && (
        <Button look="quiet" size="small" onClick={() => void keepAsTemplate()}>
          Make a template
        </Button>
      )}
      <Button look="quiet" size="small" onClick={() => void wear()}>
        Worn today
      </Button>
      <Button look="quiet" size="small" onClick={() => void retire(true)}>
        Retire
      </Button>
    </div>
  );
}
