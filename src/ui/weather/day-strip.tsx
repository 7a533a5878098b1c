"use client";

import { differenceInCalendarDays, format, formatDistance, parseISO, startOfToday } from "date-fns";
import { useState } from "react";
import { forecastSpread, hoursAt } from "@/core/place/forecast";
import type { Occasion } from "@/core/piece/occasion";
import { sayWith } from "@/words/say";
import { weatherWords } from "@/words/weather";
import { Dialog } from "../kit/dialog";
import { DayChart, type Comfortable } from "./day-chart";

interface DayStripProps {
  readonly occasion: Occasion;
  readonly comfortable: Comfortable | null;
}

/** The day of an occasion in one line; a press lays it out large. */
export function DayStrip({ occasion, comfortable }: DayStripProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        onClick={() => setOpen(true)}
        className="flex items-center border border-rule bg-white hover:border-ink touch:min-h-11"
      >
        <DayChart occasion={occasion} comfortable={comfortable} small className="h-5 w-32" />
      </button>
      {open && (
        <Dialog open onOpenChange={setOpen} title={weatherWords.theDay} about={aboutOf(occasion)}>
          <DayChart occasion={occasion} comfortable={comfortable} className="w-full" />
          <Legend occasion={occasion} hasOutfit={comfortable !== null} />
        </Dialog>
      )}
    </>
  );
}

function aboutOf({ weather, day }: Occasion): string {
  if (weather === "typed") return weatherWords.typedAbout;
  const ahead = differenceInCalendarDays(parseISO(day), new Date());
  return ahead > 0
    ? sayWith(weatherWords.forecastAhead, {
        spread: forecastSpread(ahead),
        soon: formatDistance(parseISO(day), startOfToday(), { addSuffix: true }),
      })
    : weatherWords.forecastToday;
}

function Legend({ occasion, hasOutfit }: { readonly occasion: Occasion; readonly hasOutfit: boolean }) {
  const { place, day, weather, wind } = occasion;
  const winds = hoursAt(occasion).map((hour) => hour.wind);
  return (
    <dl className="mt-3 grid grid-cols-[1.5rem_minmax(0,1fr)] items-center gap-x-2 gap-y-1 text-tiny">
      <dt aria-hidden="true" className="h-0.5 bg-ink" />
      <dd>{weatherWords.temperature}</dd>
      <dt aria-hidden="true" className="h-2.5 bg-[#4a6f92]" />
      <dd>{weatherWords.chanceOfRain}</dd>
      {hasOutfit && (
        <>
          <dt aria-hidden="true" className="h-2.5 bg-[#b9c9b0]" />
          <dd>{weatherWords.comfortable}</dd>
        </>
      )}
      <dt aria-hidden="true" className="h-2.5 bg-[#e4e4e0]" />
      <dd>
        {sayWith(weatherWords.theDayAt, {
          place: place || occasion.name,
          day: format(parseISO(day), "d MMMM"),
        })}
      </dd>
      <dt aria-hidden="true" />
      <dd className="tabular">
        {sayWith(weatherWords.windOf, {
          low: weather === "typed" ? wind : Math.round(Math.min(...winds)),
          high: weather === "typed" ? wind : Math.round(Math.max(...winds)),
        })}
      </dd>
    </dl>
  );
}
