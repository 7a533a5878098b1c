"use client";

import { Link } from "./link";
import { useRouter } from "next/navigation";
import { kitWords } from "@/words/kit";
import { Select } from "./select";

/** More clients than this do not stand side by side: they are a list. */
const mostAbreast = 8;

interface ClientChoiceProps {
  /** Each under the name that is shown, which may say more than who it is. */
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly chosen: string;
  readonly at:
    | "/sets"
    | "/boards"
    | "/boards/sets"
    | "/boards/base"
    | "/boards/gaps"
    | "/boards/measure"
    | "/boards/ground";
}

/** Whose things a place shows. */
export function ClientChoice({ clients, chosen, at }: ClientChoiceProps) {
  const router = useRouter();
  if (clients.length > mostAbreast)
    return (
      <span className="flex w-80 items-center gap-2">
        <span className="text-ink-soft" aria-hidden="true">
          {kitWords.client}
        </span>
        <Select
          label={kitWords.client}
          value={chosen}
          options={clients}
          onChange={(id) => router.push(`${at}?client=${id}`)}
        />
      </span>
    );
  return (
    <div role="group" aria-label={kitWords.client} className="flex flex-wrap gap-1.5">
      {clients.map(({ id, name }) => (
        <Link
          key={id}
          href={`${at}?client=${id}`}
          aria-current={id === chosen ? "true" : undefined}
          className={`flex h-9 touch:min-h-11 items-center border px-4 font-serif text-body ${id === chosen ? "border-ink bg-ink text-paper" : "border-rule-strong bg-paper hover:bg-well"}`}
        >
          {name}
        </Link>
      ))}
    </div>
  );
}
