import type { Found } from "@/core/studio/found";
import type { Place } from "../kit/place";

/** Something that can be gone to or begun from anywhere. */
interface Command {
  readonly say: string;
  readonly href: Place;
}

export const commands: readonly Command[] = [
  { say: "Go to Today", href: "/" },
  { say: "Go to Clients", href: "/clients" },
  { say: "Go to the rail", href: "/rail" },
  { say: "Go to the bench", href: "/bench" },
  { say: "Go to the sets", href: "/sets" },
  { say: "Hems board", href: "/boards" },
  { say: "Sets on bases", href: "/boards/sets" },
  { say: "One base, many looks", href: "/boards/base" },
  { say: "What is missing", href: "/boards/gaps" },
  { say: "The studio's rule book", href: "/rules" },
  { say: "Archive", href: "/put-away" },
  { say: "Members and your account", href: "/members" },
  { say: "Add a client", href: "/clients/new" },
  { say: "Add a piece", href: "/rail/new" },
];

/** The commands that have all the words typed, in any order. */
export function commandsWith(words: string): readonly Command[] {
  const parts = words.toLowerCase().split(/\s+/).filter(Boolean);
  return commands.filter(({ say }) => parts.every((part) => say.toLowerCase().includes(part)));
}

/** Where something that was found opens. */
export function hrefOf({ kind, id, clientId }: Found): Place {
  switch (kind) {
    case "client":
      return `/clients/${id}`;
    case "piece":
      return `/rail/${id}`;
    case "set":
    case "base":
    case "occasion":
      return `/bench?client=${clientId}&${kind}=${id}`;
  }
}
