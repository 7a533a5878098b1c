"use client";

import { useEffect, useMemo, useState } from "react";
import { dress } from "@/core/dressing/dress";
import { swap, wear } from "@/core/piece/look";
import { isLegged, slotOf } from "@/core/piece/piece";
import { slots, stacks, type Slot } from "@/core/piece/slots";
import { readDressed, verdicts } from "@/core/reading/read";
import { standingOf } from "@/core/reading/standing";
import { apply, type Change } from "@/core/reading/change";
import { layOut, pieceOf, type Wardrobe } from "@/core/studio/wardrobe";
import type { RemovedPiece, SurpriseOf } from "@/workers/answers";
import { Button } from "../kit/button";
import type { BenchSource } from "@/core/studio/bench-source";
import { Brief } from "./brief";
import { EditPass } from "./edit-pass";
import { FigureColumn } from "./figure-column";
import { KeepSet, type SaveSet } from "./keep-set";
import { Levers } from "./levers";
import { LookFile } from "./look-file";
import { ReadingPanel } from "./reading-panel";
import { SetMenu } from "./set-menu";
import { Shortcuts } from "./shortcuts";
import { Stations } from "./stations";
import { Tailor, type KeepHem } from "./tailor";
import { Tray, type TrayFilter } from "./tray";
import { useCounsel } from "../counsel/use-counsel";
import { useAnswers } from "./use-answers";
import { useBenchKeys } from "./use-bench-keys";
import { keyOf, useLook } from "./use-look";
import { WholeSets } from "./whole-sets";
import { useKeeping, type SaveLook } from "./use-keeping";
import { useJudging, type JudgementActions } from "./use-judging";

interface BenchProps {
  readonly source: BenchSource;
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly onClient: (id: string) => void;
  readonly onOpen: (source: BenchSource) => void;
  readonly saveLook: SaveLook;
  readonly saveSet: SaveSet;
  readonly keepHem: KeepHem;
  readonly judgement: JudgementActions;
}

/** Figure, stations, reading and tray over one look. Every change is read here, at once; keeping follows. */
export function Bench(props: BenchProps) {
  const { source, clients, onClient, onOpen, saveLook, saveSet, keepHem, judgement } = props;
  const wardrobe: Wardrobe = source;
  const { look: benchLook, step } = useLook(source, wardrobe);
  const key = useMemo(() => keyOf(benchLook, source), [benchLook, source]);
  const look = useMemo(() => layOut(wardrobe, key), [wardrobe, key]);
  const [active, setActive] = useState<Slot>("shoe");
  const [cursor, setCursor] = useState<number | null>(null);
  const [tried, setTried] = useState<Change | null>(null);
  const [filter, setFilter] = useState<TrayFilter>("all");
  const [removals, setRemovals] = useState<readonly RemovedPiece[] | "asked" | null>(null);
  const [setsOpen, setSetsOpen] = useState(false);
  const [swaps, setSwaps] = useState<readonly SurpriseOf[]>([]);
  const [dialog, setDialog] = useState<"keep" | "keys" | "tailor" | "levers" | null>(null);

  const counsel = useCounsel(wardrobe);
  const answers = useAnswers(counsel, key, active);
  const candidates = useMemo(
    () => answers.candidates.filter((candidate) => passes(candidate, filter)),
    [answers.candidates, filter],
  );
  const { holding, judging, refusal } = useJudging({ source, judgement, look: benchLook, key, counsel });
  const keeping = useKeeping(
    useMemo(() => {
      const { verdict, score } = standingOf(readDressed(dress(look)), holding);
      const ruleBookVersion = source.client.ruleBook.version;
      return { ...benchLook, clientId: source.client.id, read: { verdict, score, ruleBookVersion } };
    }, [benchLook, source, look, holding]),
    source.kept ? saveLook : null,
  );

  const previewed = useMemo(() => {
    if (tried) return apply(look, tried);
    const id = cursor === null ? undefined : candidates[cursor]?.pieceId;
    const piece = id === undefined ? undefined : pieceOf(wardrobe, id);
    if (!piece) return look;
    return stacks(active) ? wear(look, piece) : swap(look, active, piece);
  }, [tried, cursor, candidates, wardrobe, look, active]);
  const dressed = useMemo(() => dress(previewed), [previewed]);
  const reading = useMemo(() => readDressed(dressed), [dressed]);
  const standing = useMemo(() => standingOf(reading, holding), [reading, holding]);

  useEffect(() => {
    if (removals !== "asked" || !counsel) return;
    let current = true;
    void Promise.all([counsel.editPass(key), counsel.surprises(key)]).then(([found, spoken]) => {
      if (!current) return;
      setRemovals(found);
      setSwaps(spoken);
    });
    return () => {
      current = false;
    };
  }, [removals, counsel, key]);

  const named = (id: string) => pieceOf(wardrobe, id);
  const change = (next: Change) => {
    step({ kind: "change", change: next });
    setCursor(null);
    setTried(null);
    setRemovals((shown) => (shown === null ? null : "asked"));
  };
  const put = (id: string) => {
    const piece = named(id);
    const slot = piece && slotOf(piece);
    if (!piece || !slot) return;
    setActive(slot);
    change(look.accessories.includes(piece) ? { kind: "take-off", piece: id } : { kind: "wear", piece });
  };
  const go = (slot: Slot) => {
    setActive(slot);
    setCursor(null);
    setRemovals(null);
  };
  const trousers = look.garments.find(isLegged);
  useBenchKeys(
    {
      station: (by) => go(slots[(slots.indexOf(active) + by + slots.length) % slots.length] ?? active),
      candidate: (by) =>
        setCursor((at) => {
          if (candidates.length === 0) return null;
          if (at === null) return by > 0 ? 0 : candidates.length - 1;
          return Math.max(0, Math.min(candidates.length - 1, at + by));
        }),
      put: () => {
        const at = cursor === null ? undefined : candidates[cursor];
        if (at) put(at.pieceId);
      },
      takeOff: () => {
        const worn = look.accessories.filter((piece) => slotOf(piece) === active);
        const last = worn[worn.length - 1];
        if (last) change({ kind: "take-off", piece: last.id });
      },
      turn: () => {
        if (!trousers) return;
        const turn = look.adjustments.find((adjustment) => adjustment.kind === "turn");
        if (!turn) change({ kind: "turn", piece: trousers.id, count: 1, depth: 4 });
        else if (turn.count === 1) change({ kind: "turn", piece: trousers.id, count: 2, depth: 3 });
        else change({ kind: "unturn", piece: trousers.id });
      },
      hosiery: () => go("hosiery"),
      edit: () => setRemovals((shown) => (shown === null ? "asked" : null)),
      sets: () => setSetsOpen((open) => !open),
      levers: () => setDialog("levers"),
      keep: () => source.kept && setDialog("keep"),
      verdict: (place) => step({ kind: "verdict", verdict: verdicts[place] ?? null }),
      undo: () => {
        step({ kind: "undo" });
        setCursor(null);
      },
      help: () => setDialog("keys"),
    },
    dialog === null,
  );

  return (
    <main className="grid h-[calc(100dvh-2.8rem)] min-h-140 grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_10.75rem]">
      <h1 className="sr-only">Bench</h1>
      <Brief
        clients={source.kept ? clients : [{ id: source.client.id, name: source.client.name }]}
        clientId={source.client.id}
        onClient={onClient}
        occasions={source.occasions}
        occasion={look.occasion}
        onOccasion={(occasionId) => step({ kind: "occasion", occasionId })}
        bases={source.bases}
        baseId={benchLook.baseId}
        onBase={(baseId) => step({ kind: "base", baseId })}
        ruleBook={source.client.ruleBook}
        before={source.start.id === benchLook.id ? source.start.read : null}
        reading={reading}
        standing={standing}
        own={benchLook.ownVerdict}
        onOwn={(verdict) => step({ kind: "verdict", verdict })}
        keeping={keeping}
        kept={source.kept}
        actions={
          <>
            <SetMenu
              sets={source.sets}
              onPut={(set) => {
                step({ kind: "put-on-set", accessoryIds: set.pieceIds });
                setCursor(null);
              }}
            />
            {source.kept && (
              <Button look="strong" onClick={() => setDialog("keep")}>
                Keep set
              </Button>
            )}
            <LookFile
              look={look}
              onOpen={onOpen}
              onLevers={() => setDialog("levers")}
              onShortcuts={() => setDialog("keys")}
            />
          </>
        }
      />
      <div className="grid min-h-0 grid-cols-[minmax(0,37.5fr)_minmax(0,24.4fr)_minmax(0,38.1fr)]">
        <FigureColumn
          dressed={dressed}
          look={look}
          active={active}
          onTailor={() => setDialog("tailor")}
          onTry={setTried}
          turnUp={answers.ofThisLook ? answers.turnUp : null}
          onChange={change}
          onDrop={put}
        />
        <Stations
          look={previewed}
          active={active}
          onActive={go}
          onTakeOff={(piece) => change({ kind: "take-off", piece: piece.id })}
        />
        <ReadingPanel
          reading={reading}
          standing={standing}
          judging={judging}
          refusal={refusal}
          mended={answers.mended}
          fresh={answers.ofThisLook && previewed === look}
          named={named}
          onApply={change}
        />
      </div>
      <Tray
        slot={active}
        candidates={candidates}
        named={named}
        fresh={answers.fresh}
        cursor={cursor}
        filter={filter}
        onFilter={(next) => {
          setFilter(next);
          setCursor(null);
        }}
        onPreview={setCursor}
        onPut={put}
        onSets={() => setSetsOpen(true)}
        instead={
          setsOpen
            ? {
                title: null,
                shown: (
                  <WholeSets
                    counsel={counsel}
                    lookKey={key}
                    accessories={look.accessories}
                    level={reading.level}
                    named={named}
                    onPut={(accessoryIds) => {
                      step({ kind: "put-on-set", accessoryIds });
                      setCursor(null);
                    }}
                    onClose={() => setSetsOpen(false)}
                  />
                ),
              }
            : removals === null
              ? undefined
              : {
                  title: "Edit pass",
                  shown: (
                    <EditPass
                      removals={removals === "asked" ? null : removals}
                      swaps={removals === "asked" ? [] : swaps}
                      onPut={put}
                      named={named}
                      onTakeOff={(id) => change({ kind: "take-off", piece: id })}
                      onClose={() => setRemovals(null)}
                    />
                  ),
                }
        }
      />
      <KeepSet
        open={dialog === "keep"}
        onOpenChange={(open) => setDialog(open ? "keep" : null)}
        clientId={source.client.id}
        accessories={look.accessories}
        save={saveSet}
      />
      {trousers && dialog === "tailor" && (
        <Tailor
          open
          onOpenChange={() => setDialog(null)}
          counsel={counsel}
          trousers={trousers}
          shoes={wardrobe.pieces.filter((piece) => piece.kind === "shoe")}
          worn={look.accessories.find((piece) => piece.kind === "shoe")?.id ?? null}
          keepHem={source.kept ? keepHem : null}
        />
      )}
      {dialog === "levers" && (
        <Levers
          counsel={counsel}
          look={key}
          level={reading.level}
          named={named}
          onPut={(id) => {
            put(id);
            setDialog(null);
          }}
          onClose={() => setDialog(null)}
        />
      )}
      <Shortcuts open={dialog === "keys"} onOpenChange={(open) => setDialog(open ? "keys" : null)} />
    </main>
  );
}

function passes(
  { mends, brings }: { readonly mends: readonly string[]; readonly brings: readonly string[] },
  filter: TrayFilter,
): boolean {
  if (filter === "mends") return mends.length > 0;
  return filter === "all" || brings.length === 0;
}
