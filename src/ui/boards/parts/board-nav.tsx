import { Link } from "../../kit/link";
import { boardsWords } from "@/words/boards";
import { groundWords } from "@/words/ground";
import { ClientChoice } from "../../kit/client-choice";

/** The boards, and where each stands. */
const boards = [
  { href: "/boards", name: boardsWords.hems },
  { href: "/boards/sets", name: boardsWords.setsOnBases },
  { href: "/boards/base", name: boardsWords.oneBaseManyLooks },
  { href: "/boards/gaps", name: boardsWords.whatIsMissing },
  { href: "/boards/measure", name: boardsWords.measureTheseFirst },
  { href: "/boards/ground", name: groundWords.heelAndGround },
] as const;
export type BoardHref = (typeof boards)[number]["href"];

interface BoardNavProps {
  readonly here: BoardHref;
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly clientId: string;
}

/** Which board, and whose. */
export function BoardNav({ here, clients, clientId }: BoardNavProps) {
  return (
    <div className="mb-4 flex flex-wrap items-center justify-between gap-3">
      <nav aria-label={boardsWords.boards} className="flex flex-wrap pl-px">
        {boards.map(({ href, name }) => (
          <Link
            key={href}
            href={`${href}?client=${clientId}`}
            aria-current={href === here ? "page" : undefined}
            className={`flex h-9 touch:min-h-11 -ml-px items-center border border-rule-strong px-3 ${href === here ? "bg-ink text-paper" : "bg-paper hover:bg-well"}`}
          >
            {name}
          </Link>
        ))}
      </nav>
      <ClientChoice clients={clients} chosen={clientId} at={here} />
    </div>
  );
}
