"use client";

import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from "@dnd-kit/core";
import { useMemo } from "react";
import { useStore } from "zustand";
import type { BenchSource } from "@/core/studio/bench-source";
import { benchWords } from "@/words/bench";
import { contentId } from "../../kit/content";
import { usePageCommands } from "../../shell/state/page-commands";
import { BenchDialogs } from "./bench-dialogs";
import { Brief } from "./brief";
import { CloseUp } from "./close-up";
import { Circumstances } from "./circumstances";
import { benchActions } from "../state/desk/actions";
import { useLaidDesk } from "../state/desk/use-laid-desk";
import { DeskProvider, type Desk } from "../state/desk/use-desk";
import { FigureColumn, figureDrop } from "./figure-column";
import type { SaveSet } from "./keep-set";
import { LookCard } from "./look-card";
import { ReadingPanel } from "./reading-panel";
import { Stations } from "./stations";
import type { KeepHem } from "./tailor";
import { Tray } from "./tray";
import { useBenchAddress } from "../state/use-bench-address";
import { useBenchKeys } from "../state/use-bench-keys";
import type { DecliningActions } from "../state/use-declined";
import type { JudgementActions } from "../state/use-judging";
import type { PieceActions } from "./mend-fact";
import type { LookActions } from "../state/look-actions";

/** How far a plate is pulled before it is dragged: less is a press. */
const pull = 6;

interface BenchProps {
  readonly source: BenchSource;
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly onClient: (id: string) => void;
  readonly onOpen: (source: BenchSource) => void;
  /** Told which look lies on the bench. */
  readonly onLook: (lookId: string) => void;
  readonly looks: LookActions;
  readonly pieces: PieceActions;
  readonly saveSet: SaveSet;
  readonly keepHem: KeepHem;
  readonly judgement: JudgementActions;
  readonly declines: DecliningActions;
}

/** Figure, stations, reading and tray over one look. Every change is read here, at once; keeping follows. */
export function Bench(props: BenchProps) {
  const { source, clients, onClient, onOpen, onLook, looks, pieces, saveSet, keepHem, judgement, declines } =
    props;
  const laid = useLaidDesk(source, { looks, judgement, declines });
  const desk: Desk = { ...laid, toClient: onClient, openLook: onOpen };
  const { store, steps } = desk;
  const dialog = useStore(store, (state) => state.dialog);
  useBenchAddress(source, store, onLook);
  useBenchKeys(desk, dialog === null);
  usePageCommands(useCommands(desk));
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: pull } }));
  const drop = ({ active, over }: DragEndEvent) => {
    if (over?.id !== figureDrop) return;
    const dragged = desk.answers.candidates.find(({ pieceId }) => pieceId === active.id);
    if (dragged) steps.put(dragged.pieceId, dragged.also);
  };
  return (
    <DeskProvider value={desk}>
      <DndContext id="bench" sensors={sensors} onDragEnd={drop}>
        <main
          id={contentId}
          tabIndex={-1}
          className="outline-none print:hidden md:grid md:h-[calc(100dvh-2.8rem-var(--first-line,0px))] md:min-h-140 md:grid-cols-[minmax(0,1fr)] md:grid-rows-[auto_minmax(0,1fr)]"
        >
          <h1 className="sr-only">{benchWords.bench}</h1>
          <div>
            <Brief clients={source.kept ? clients : [{ id: source.client.id, name: source.client.name }]} />
            <Circumstances />
          </div>
          {/* The figure stands the whole height; the tray lies before everything else. On a phone all is stacked. */}
          <div className="grid grid-cols-[minmax(0,1fr)] grid-rows-[30rem_26rem_auto_auto_11rem] md:min-h-0 md:grid-cols-[minmax(16.25rem,26%)_minmax(0,1fr)] md:grid-rows-[minmax(0,1fr)_11rem] md:touch:grid-rows-[minmax(0,1fr)_13rem]">
            <FigureColumn />
            <div className="contents md:grid md:min-h-0 md:grid-cols-[minmax(0,27fr)_minmax(0,30fr)_minmax(0,43fr)] xl:grid-cols-[minmax(0,24fr)_minmax(0,31fr)_minmax(0,45fr)] md:grid-rows-[minmax(0,1fr)]">
              <CloseUp />
              <Stations />
              <ReadingPanel />
            </div>
            <Tray />
          </div>
        </main>
        <LookCard />
        <BenchDialogs saveSet={saveSet} keepHem={keepHem} moveLook={looks.move} pieces={pieces} />
      </DndContext>
    </DeskProvider>
  );
}

/** What the bench can do, for Ctrl-K. */
function useCommands(desk: Desk) {
  return useMemo(
    () =>
      benchActions
        .filter((action) => action.applies?.(desk) !== false)
        .map((action) => ({ id: `bench ${action.id}`, say: action.words, run: () => action.does(desk) })),
    [desk],
  );
}
