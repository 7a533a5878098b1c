"use client";

import { Command } from "cmdk";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { shellWords } from "@/words/shell";
import { completed } from "@/core/piece/as-said";
import { sayWith } from "@/words/say";
import { Plate } from "../drawing/plate";
import { useLine } from "../intake/use-line";
import { Dialog } from "../kit/dialog";
import { commandsWith, hrefOf } from "./commands";
import { usePageCommandsWith } from "./page-commands";
import { useFound, type Find } from "./use-found";
import type { Place } from "../kit/place";

interface FinderProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly find: Find;
}

const item =
  "flex cursor-pointer items-baseline justify-between gap-4 px-3 py-1.5 data-[selected=true]:bg-well";
const heading =
  "[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:pb-0.5 [&_[cmdk-group-heading]]:text-tiny [&_[cmdk-group-heading]]:text-ink-soft";

/** Names the choice of recording what was typed as a new piece. */
const writeDown = "write it down";

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
  const go = (href: Place) => {
    onOpenChange(false);
    setWords("");
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
          {found.length > 0 && (
            <Command.Group heading={shellWords.inTheStudio} className={heading}>
              {found.map((each) => (
                <Command.Item
                  key={each.id}
                  value={each.id}
                  onSelect={() => go(hrefOf(each))}
                  className={item}
                >
                  <span className="font-serif text-body">{each.name}</span>
                  <span className="text-tiny text-ink-soft">
                    {each.kind === "client"
                      ? shellWords.aClient
                      : `${each.kind}, ${each.clientName ?? shellWords.studioKit}`}
                  </span>
                </Command.Item>
              ))}
            </Command.Group>
          )}
          {here.length > 0 && (
            <Command.Group heading={shellWords.onThisPage} className={heading}>
              {here.map(({ id, say, run }) => (
                <Command.Item
                  key={id}
                  value={id}
                  onSelect={() => {
                    onOpenChange(false);
                    setWords("");
                    run();
                  }}
                  className={item}
                >
                  {say}
                </Command.Item>
              ))}
            </Command.Group>
          )}
          {written && (
            <Command.Group heading={shellWords.notOnTheRailYet} className={heading}>
              <Command.Item
                value={writeDown}
                onSelect={() => go(`/rail/new?line=${encodeURIComponent(words.trim())}`)}
                className={item}
              >
                <span className="font-serif text-body">
                  {sayWith(shellWords.writeDown, { name: written.name })}
                </span>
                <Plate piece={completed({ ...written, id: "line" })} className="h-10 w-14 self-center" />
              </Command.Item>
            </Command.Group>
          )}
          {offered.length > 0 && (
            <Command.Group heading={shellWords.placesAndCommands} className={heading}>
              {offered.map(({ say, href }) => (
                <Command.Item key={href} value={href} onSelect={() => go(href)} className={item}>
                  {say}
                </Command.Item>
              ))}
            </Command.Group>
          )}
        </Command.List>
      </Command>
    </Dialog>
  );
}
