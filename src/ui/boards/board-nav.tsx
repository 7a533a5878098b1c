import Link from "next/link";

/** The boards, and where each stands. */
const boards = [
  { href: "/boards", name: "Hems" },
  { href: "/boards/sets", name: "Sets on bases" },
  { href: "/boards/base", name: "One base, many looks" },
  { href: "/boards/gaps", name: "What is missing" },
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
      <nav aria-label="Boards" className="flex">
        {boards.map(({ href, name }) => (
          <Link
            key={href}
            href={`${href}?client=${clientId}`}
            aria-current={href === here ? "page" : undefined}
            className={`flex h-9 touch:min-h-11 items-center border border-l-0 border-rule-strong px-3 first:border-l ${href === here ? "bg-ink text-paper" : "bg-paper hover:bg-well"}`}
          >
            {name}
          </Link>
        ))}
      </nav>
      <div role="group" aria-label="Client" className="flex flex-wrap gap-1.5">
        {clients.map(({ id, name }) => (
          <Link
            key={id}
            href={`${here}?client=${id}`}
            aria-current={id === clientId ? "true" : undefined}
            className={`flex h-9 touch:min-h-11 items-center border px-4 font-serif text-body ${id === clientId ? "border-ink bg-ink text-paper" : "border-rule-strong bg-paper hover:bg-well"}`}
          >
            {name}
          </Link>
        ))}
      </div>
    </div>
  );
}
