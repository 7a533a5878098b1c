"use client";

import { useState } from "react";
import type { BenchLook } from "@/core/studio/bench-source";
import { Button } from "../kit/button";
import { Dialog } from "../kit/dialog";
import { Select } from "../kit/select";
import { looksOfBase, wordsOf } from "./desk/own-looks";
import { useBenchState, useDesk } from "./desk/use-desk";
import { SideOfLook, useReadLook, WhatDiffers } from "./side-of-look";

/** Two looks of one base side by side, with what differs between them in words. */
export function CompareLooks({ onClose }: { readonly onClose: () => void }) {
  const { source, steps } = useDesk();
  const look = useBenchState((state) => state.look);
  const others = useBenchState((state) => state.others);
  const words = useBenchState((state) => state.words);
  const state = { look, others, words };
  const beside = looksOfBase(state);
  const [chosen, setChosen] = useState(beside[0]?.id ?? "");
  const other = beside.find(({ id }) => id === chosen);
  const one = useReadLook(look);
  const two = useReadLook(other ?? look);
  if (!other) return null;
  const called = (id: string) => wordsOf(state, source, id).name;
  const occasionOf = ({ occasionId }: BenchLook) =>
    source.occasions.find(({ id }) => id === occasionId)?.name ?? "no occasion in particular";
  return (
    <Dialog
      wide
      open
      onOpenChange={(open) => !open && onClose()}
      title="Two looks side by side"
      about={`Both of ${source.bases.find(({ id }) => id === look.baseId)?.name ?? "one base"}, each read for its own occasion.`}
    >
      <div className="grid gap-5 sm:grid-cols-[1fr_minmax(0,15rem)_1fr]">
        <SideOfLook read={one} of={two.reading}>
          <p className="font-serif text-lead leading-tight">{called(look.id)}</p>
          <p className="text-tiny text-ink-soft">{occasionOf(look)}; on the bench</p>
        </SideOfLook>
        <WhatDiffers from={one.look} to={two.look} />
        <SideOfLook read={two} of={one.reading}>
          <Select
            label="Compared with"
            value={chosen}
            onChange={setChosen}
            options={beside.map((each) => ({
              id: each.id,
              name: `${called(each.id)}, ${occasionOf(each)}`,
            }))}
          />
          <Button
            size="touch"
            className="mt-2 w-full"
            onClick={() => {
              steps.takeUp(chosen);
              onClose();
            }}
          >
            Take this one up
          </Button>
        </SideOfLook>
      </div>
    </Dialog>
  );
}
