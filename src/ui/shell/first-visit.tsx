"use client";

import { usePathname } from "next/navigation";
import { useEffect, useState, type CSSProperties, type ReactNode } from "react";
import { firstLines } from "@/words/first-visit";
import { shellWords } from "@/words/shell";
import { Button } from "../kit/button";
import { cookieOfTold, introducedAt, toldCookie, type IntroducedPlace } from "./words/first-lines";

interface FirstVisitProps {
  readonly userId: string;
  /** The places that have introduced themselves to this person. */
  readonly told: readonly IntroducedPlace[];
  readonly children: ReactNode;
}

const aYear = 60 * 60 * 24 * 365;

/** Says once, at the first visit to a place, what it is for; below it the place itself. */
export function FirstVisit({ userId, told, children }: FirstVisitProps) {
  const place = introducedAt(usePathname());
  const [visit, setVisit] = useState(() => visitTo(place, told));
  if (visit.place !== place) setVisit(visitTo(place, visit.toldAfter));
  useEffect(() => {
    if (visit.tells)
      document.cookie = `${toldCookie(userId)}=${cookieOfTold(visit.toldAfter)}; path=/; max-age=${aYear}; samesite=lax`;
  }, [userId, visit]);
  const tells = visit.tells && visit.place !== null ? firstLines[visit.place] : null;
  return (
    <div className="contents" style={{ "--first-line": tells ? "2.75rem" : "0px" } as CSSProperties}>
      {tells && (
        <aside
          aria-label={shellWords.whatThisPlaceIsFor}
          className="flex h-11 items-center justify-between gap-4 border-b border-rule-strong bg-white px-6 print:hidden"
        >
          <p className="min-w-0 leading-tight">{tells}</p>
          <Button size="small" onClick={() => setVisit({ ...visit, tells: false })}>
            {shellWords.gotIt}
          </Button>
        </aside>
      )}
      {children}
    </div>
  );
}

/** A visit to a place: whether it introduces itself, and what is told once it has. */
function visitTo(place: IntroducedPlace | null, told: readonly IntroducedPlace[]) {
  const tells = place !== null && !told.includes(place);
  return { place, tells, toldAfter: tells ? [...told, place] : told };
}
