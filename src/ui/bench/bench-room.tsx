"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { Bench } from "./bench";
import type { BenchSource } from "@/core/studio/bench-source";
import type { SaveSet } from "./keep-set";
import type { KeepHem } from "./tailor";
import type { JudgementActions } from "./use-judging";
import type { SaveLook } from "./use-keeping";

interface BenchRoomProps {
  /** What was asked for: another sheet is another start. */
  readonly sheet: string;
  readonly source: BenchSource;
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly saveLook: SaveLook;
  readonly saveSet: SaveSet;
  readonly keepHem: KeepHem;
  readonly judgement: JudgementActions;
}

/** The bench with the studio's own look on it, until a look from a file is laid there instead. */
export function BenchRoom({ sheet, source, clients, ...actions }: BenchRoomProps) {
  const router = useRouter();
  const [opened, setOpened] = useState<BenchSource | null>(null);
  const laid = opened ?? source;
  return (
    <Bench
      key={opened ? opened.start.id : sheet}
      source={laid}
      clients={clients}
      onClient={(id) => router.push(`/bench?client=${id}`)}
      onOpen={setOpened}
      {...actions}
    />
  );
}
