"use client";

import { useRouter } from "next/navigation";
import { toast } from "sonner";
import type { Piece } from "@/core/piece/piece";
import { templateOf } from "@/core/sets/template";
import type { GroupRecord } from "@/core/studio/group-record";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { granted } from "../../kit/answer";
import { Button, ButtonLink } from "../../kit/button";
import { useMay } from "../../kit/role";
import { SavePieces } from "../../papers/save-pieces";
import type { LibraryActions } from "../state/library-actions";

interface SetActionsProps {
  readonly set: GroupRecord;
  readonly pieces: readonly Piece[];
  readonly actions: LibraryActions;
}

/** Time in which a message can still take back what it tells, ms. */
const takeBack = 12_000;

/** What is done with a set: changed, varied, worn, made a template of, retired; each can be taken back. */
export function SetActions({ set, pieces, actions }: SetActionsProps) {
  const keepsHouse = useMay("keep house");
  const { id, name, clientId } = set;
  const build = `/sets/build?client=${clientId}` as const;

  const { wear, retire, keepAsTemplate } = useSetActions({ set, pieces, actions });
  return (
    <div
      role="group"
      aria-label={sayWith(setsWords.withWord, { name })}
      className="-ml-2.5 flex flex-wrap gap-x-1"
    >
      <ButtonLink look="quiet" size="small" href={`${build}&set=${id}`}>
        {setsWords.change}
      </ButtonLink>
      <ButtonLink look="quiet" size="small" href={`${build}&from=${id}`}>
        {setsWords.duplicateAndVary}
      </ButtonLink>
      {keepsHouse && (
        <Button look="quiet" size="small" onClick={() => void keepAsTemplate()}>
          {setsWords.makeATemplate}
        </Button>
      )}
      <SavePieces pieces={pieces} name={name} look="quiet" size="small" />
      <Button look="quiet" size="small" onClick={() => void wear()}>
        {setsWords.wornToday}
      </Button>
      <Button look="quiet" size="small" onClick={() => void retire(true)}>
        {setsWords.retire}
      </Button>
    </div>
  );
}

/** Each says what it did, in a message that takes it back. */
function useSetActions({ set, pieces, actions }: SetActionsProps) {
  const router = useRouter();
  const { id, name, clientId } = set;
  const wear = async () => {
    const answer = await granted(() => actions.wear({ clientId, setId: id, day: null }));
    if (!answer) return;
    toast(sayWith(setsWords.wasWornToday, { name }), {
      action: {
        label: setsWords.strikeItOut,
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
      toast(sayWith(setsWords.isRetiredItStaysBelow, { name }), {
        action: { label: setsWords.takeItUpAgain, onClick: () => void retire(false) },
        duration: takeBack,
      });
    router.refresh();
  };
  const keepAsTemplate = async () => {
    if (await granted(() => actions.saveTemplate(templateOf(name, pieces))))
      toast(sayWith(setsWords.isATemplateNowIt, { name }), {
        action: { label: setsWords.showIt, onClick: () => router.push(`/sets/stock?client=${clientId}`) },
      });
  };

  return { wear, retire, keepAsTemplate };
}
