"use client";

import { Command } from "cmdk";
import { completed } from "@/core/piece/as-said";
import type { FoundRecord } from "@/core/studio/found";
import type { PieceDraft } from "@/core/studio/piece-record";
import { sayWith } from "@/words/say";
import { shellWords } from "@/words/shell";
import { Plate } from "../../drawing/plate";
import type { Place } from "../../kit/place";
import { hrefOf, type commandsWith } from "../state/commands";
import type { PageCommand } from "../state/page-commands";

const item =
  "flex cursor-pointer items-baseline justify-between gap-4 px-3 py-1.5 data-[selected=true]:bg-well";
const heading =
  "[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:pb-0.5 [&_[cmdk-group-heading]]:text-tiny [&_[cmdk-group-heading]]:text-ink-soft";

/** Names the choice of recording what was typed as a new piece. */
export const writeDown = "write it down";

type Go = (href: Place) => void;

/** Clients, pieces and whatever else the studio has under such a name. */
export function InTheStudio({ found, go }: { readonly found: readonly FoundRecord[]; readonly go: Go }) {
  if (found.length === 0) return null;
  return (
    <Command.Group heading={shellWords.inTheStudio} className={heading}>
      {found.map((each) => (
        <Command.Item key={each.id} value={each.id} onSelect={() => go(hrefOf(each))} className={item}>
          <span className="font-serif text-body">{each.name}</span>
          <span className="text-tiny text-ink-soft">
            {each.kind === "client"
              ? shellWords.aClient
              : `${each.kind}, ${each.clientName ?? shellWords.studioKit}`}
          </span>
        </Command.Item>
      ))}
    </Command.Group>
  );
}

interface OnThisPageProps {
  readonly commands: readonly PageCommand[];
  /** Called before a command runs. */
  readonly onRun: () => void;
}

/** What can be done on the page that is open. */
export function OnThisPage({ commands, onRun }: OnThisPageProps) {
  if (commands.length === 0) return null;
  return (
    <Command.Group heading={shellWords.onThisPage} className={heading}>
      {commands.map(({ id, say, run }) => (
        <Command.Item
          key={id}
          value={id}
          onSelect={() => {
            onRun();
            run();
          }}
          className={item}
        >
          {say}
        </Command.Item>
      ))}
    </Command.Group>
  );
}

interface NotOnTheRailProps {
  readonly line: string;
  /** What is read in the line. */
  readonly piece: PieceDraft;
  readonly go: Go;
}

/** A new piece from what was typed. */
export function NotOnTheRail({ line, piece, go }: NotOnTheRailProps) {
  return (
    <Command.Group heading={shellWords.notOnTheRailYet} className={heading}>
      <Command.Item
        value={writeDown}
        onSelect={() => go(`/rail/new?line=${encodeURIComponent(line)}`)}
        className={item}
      >
        <span className="font-serif text-body">{sayWith(shellWords.writeDown, { name: piece.name })}</span>
        <Plate piece={completed({ ...piece, id: "line" })} className="h-10 w-14 self-center" />
      </Command.Item>
    </Command.Group>
  );
}

/** Where one can go, and what one can begin there. */
export function Places({
  commands,
  go,
}: {
  readonly commands: ReturnType<typeof commandsWith>;
  readonly go: Go;
}) {
  if (commands.length === 0) return null;
  return (
    <Command.Group heading={shellWords.placesAndCommands} className={heading}>
      {commands.map(({ say, href }) => (
        <Command.Item key={href} value={href} onSelect={() => go(href)} className={item}>
          {say}
        </Command.Item>
      ))}
    </Command.Group>
  );
}
