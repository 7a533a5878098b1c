"use client";
// The form library keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import { useWatch } from "react-hook-form";
import { airOver, inWeather } from "@/core/place/forecast";
import { weatherSources, type Occasion } from "@/core/piece/occasion";
import { clientsWords } from "@/words/clients";
import { sayWith } from "@/words/say";
import { weatherWords } from "@/words/weather";
import { ChoiceField } from "../../kit/form/fields";
import { NumberField } from "../../kit/form/number-fields";
import { DayChart } from "../../weather/day-chart";

const sources = weatherSources.map((source) => ({
  value: source,
  label: { forecast: weatherWords.byTheForecast, typed: weatherWords.typed }[source],
}));

/** The weather of an occasion: the forecast's of its place and day, or what is typed. */
export function WeatherFields() {
  const occasion = useWatch({ name: "occasion" }) as Omit<Occasion, "id">;
  const isDay = /^\d{4}-\d{2}-\d{2}$/.test(occasion.day);
  return (
    <>
      <ChoiceField name="occasion.weather" label={weatherWords.weather} options={sources} />
      {occasion.weather === "typed" ? (
        <>
          <NumberField
            name="occasion.temperature"
            label={clientsWords.temperature}
            suffix="°C"
            empty={null}
          />
          <NumberField
            name="occasion.rain"
            label={clientsWords.chanceOfRain}
            suffix="%"
            scale={100}
            empty={null}
          />
          <NumberField name="occasion.wind" label={clientsWords.wind} suffix="m/s" empty={null} />
        </>
      ) : (
        <div className="col-span-2">
          {isDay ? (
            <>
              <DayChart occasion={occasion} comfortable={null} className="w-full" />
              <p className="tabular text-tiny text-ink-soft">{sayForecast(occasion)}</p>
            </>
          ) : (
            <p className="text-ink-soft">{weatherWords.dayAndPlaceFirst}</p>
          )}
        </div>
      )}
    </>
  );
}

function sayForecast(occasion: Omit<Occasion, "id">): string {
  const { rain, wind } = inWeather(occasion);
  const { low, high } = airOver(occasion);
  return sayWith(weatherWords.withinTheHours, {
    low: Math.round(low),
    high: Math.round(high),
    rain: Math.round(rain * 100),
    wind,
  });
}
