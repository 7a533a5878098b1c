import type { FoundRecord } from "@/core/studio/found";
import { shellWords } from "@/words/shell";
import type { Place } from "../../kit/place";

/** Something that can be gone to or begun from anywhere. */
interface Command {
  readonly say: string;
  readonly href: Place;
}

export const commands: readonly Command[] = [
  { say: shellWords.goToToday, href: "/" },
  { say: shellWords.goToClients, href: "/clients" },
  { say: shellWords.goToTheRail, href: "/rail" },
  { say: shellWords.goToTheBench, href: "/bench" },
  { say: shellWords.goToTheSets, href: "/sets" },
  { say: shellWords.hemsBoard, href: "/boards" },
  { say: shellWords.setsOnBases, href: "/boards/sets" },
  { say: shellWords.oneBaseManyLooks, href: "/boards/base" },
  { say: shellWords.whatIsMissing, href: "/boards/gaps" },
  { say: shellWords.measureTheseFirst, href: "/boards/measure" },
  { say: shellWords.theStudiosRuleBook, href: "/rules" },
  { say: shellWords.archive, href: "/put-away" },
  { say: shellWords.membersAndYourAccount, href: "/members" },
  { say: shellWords.addAClient, href: "/clients/new" },
  { say: shellWords.addAPiece, href: "/rail/new" },
  { say: shellWords.addManyPieces, href: "/rail/many" },
  { say: shellWords.firstSteps, href: "/start" },
];

/** The commands that have all the words typed, in any order. */
export function commandsWith(words: string): readonly Command[] {
  const parts = words.toLowerCase().split(/\s+/).filter(Boolean);
  return commands.filter(({ say }) => parts.every((part) => say.toLowerCase().includes(part)));
}

/** Where something that was found opens. */
export function hrefOf({ kind, id, clientId }: FoundRecord): Place {
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
