import type { ReactNode } from "react";
import { boardsWords } from "@/words/boards";
import { Empty, Page } from "../kit/page";
import { BoardNav, type BoardHref } from "./parts/board-nav";

interface BoardSheetProps {
  readonly here: BoardHref;
  readonly title: string;
  readonly about: string;
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly clientId: string | null;
  /** What the board shows; null when there is no base or no set for it. */
  readonly children: ReactNode;
}

/** A board of sets: which it is, whose, and what it wants when it is empty. */
export function BoardSheet({ here, title, about, clients, clientId, children }: BoardSheetProps) {
  return (
    <Page title={title} about={about}>
      {clientId !== null && <BoardNav here={here} clients={clients} clientId={clientId} />}
      {children ?? <Empty say={boardsWords.thisBoardNeedsABase} />}
    </Page>
  );
}
