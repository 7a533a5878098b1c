"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { Bench } from "./parts/bench";
import type { BenchSource } from "@/core/studio/bench-source";
import type { SaveSet } from "./parts/keep-set";
import type { KeepHem } from "./parts/tailor";
import type { DecliningActions } from "./state/use-declined";
import type { JudgementActions } from "./state/use-judging";
import type { PieceActions } from "./parts/mend-fact";
import type { LookActions } from "./state/look-actions";
import { unpacking } from "../kit/packed";

interface BenchRoomProps {
  /** What was asked for: another sheet is another start. */
  readonly sheet: string;
  readonly source: BenchSource;
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly looks: LookActions;
  readonly pieces: PieceActions;
  readonly saveSet: SaveSet;
  readonly keepHem: KeepHem;
  readonly judgement: JudgementActions;
  readonly declines: DecliningActions;
}

function Laid({ sheet, source, clients, ...actions }: BenchRoomProps) {
  const router = useRouter();
  const [opened, setOpened] = useState<BenchSource | null>(null);
  const laid = opened ?? source;
  const key = useSheet(sheet, source.start.id);
  return (
    <Bench
      key={opened ? opened.start.id : key.sheet}
      source={laid}
      clients={clients}
      onClient={(id) => router.push(`/bench?client=${id}`)}
      onOpen={setOpened}
      onLook={key.setShown}
      {...actions}
    />
  );
}

/** The bench with the studio's own look on it, until a look from a file is laid there instead. */
export const BenchRoom = unpacking<BenchRoomProps, "source" | "clients">(Laid);

/** The sheet on the bench: the page may be asked anew for the look that is shown, which is no other sheet. */
function useSheet(sheet: string, startId: string) {
  const [shown, setShown] = useState(startId);
  const [laid, setLaid] = useState({ sheet, asked: sheet });
  const current =
    laid.asked === sheet ? laid : { sheet: startId === shown ? laid.sheet : sheet, asked: sheet };
  if (current !== laid) setLaid(current);
  return { sheet: current.sheet, setShown };
}
