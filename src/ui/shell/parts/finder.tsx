"use client";

import { Command } from "cmdk";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { shellWords } from "@/words/shell";
import { useLine } from "../../intake/state/use-line";
import { Dialog } from "../../kit/dialog";
import { commandsWith } from "../state/commands";
import { InTheStudio, NotOnTheRail, OnThisPage, Places, writeDown } from "./finder-groups";
import { usePageCommandsWith } from "../state/page-commands";
import { useFound, type Find } from "../state/use-found";
import type { Place } from "../../kit/place";

interface FinderProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly find: Find;
}

/** Finds anything by its name, and goes anywhere, by a few letters. */
export function Finder({ open, onOpenChange, find }: FinderProps) {
  const router = useRouter();
  const [words, setWords] = useState("");
  const [chosen, setChosen] = useState("");
  const { found, busy } = useFound(find, words);
  const offered = commandsWith(words);
  const here = usePageCommandsWith(words);
  const written = useLine(words.trim().includes(" ") ? words : "")?.piece ?? null;
  // What is chosen may be gone with the next letter: the first of what is left stands in.
  const values = [
    ...found.map(({ id }) => id),
    ...here.map(({ id }) => id),
    ...offered.map(({ href }) => href),
    ...(written ? [writeDown] : []),
  ];
  const current = values.find((value) => value === chosen) ?? values[0] ?? "";
  const close = () => {
    onOpenChange(false);
    setWords("");
  };
  const go = (href: Place) => {
    close();
    router.push(href);
  };
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={shellWords.findOrGoTo}
      about={shellWords.aClientAPieceA}
    >
      <Command
        label={shellWords.findOrGoTo}
        shouldFilter={false}
        loop
        value={current}
        onValueChange={setChosen}
      >
        <Command.Input
          value={words}
          onValueChange={setWords}
          placeholder={shellWords.aFewLetters}
          className="h-10 w-full border border-rule-strong bg-white px-3 text-body"
        />
        <Command.List className="mt-2 h-80 overflow-y-auto border border-rule bg-white pb-2">
          <Command.Empty className="px-3 py-4 text-ink-soft">
            {busy ? shellWords.looking : shellWords.nothingIsCalledThat}
          </Command.Empty>
          <InTheStudio found={found} go={go} />
          <OnThisPage commands={here} onRun={close} />
          {written && <NotOnTheRail line={words.trim()} piece={written} go={go} />}
          <Places commands={offered} go={go} />
        </Command.List>
      </Command>
    </Dialog>
  );
}
