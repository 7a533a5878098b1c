import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sampleOccasion } from "../testing/sample";
import { airOver, forecastFor, forecastSpread, hoursAt, inWeather } from "./forecast";

const days = fc
  .integer({ min: 0, max: 3650 })
  .map((number) => new Date(Date.UTC(2024, 0, 1 + number)).toISOString().slice(0, 10));
const places = fc.constantFrom("North quay", "the dome, Harbour Museum", "Oatfield green", "Kiln yard", "");

const meanOf = (numbers: readonly number[]) => numbers.reduce((sum, each) => sum + each, 0) / numbers.length;
const yearOf = (place: string, month: string) =>
  Array.from({ length: 28 }, (_, i) =>
    forecastFor(place, `2027-${month}-${String(i + 1).padStart(2, "0")}`),
  ).flat();

describe("a forecast", () => {
  it("is the same for a place and a day, whoever asks, and hour by hour of a plausible day", () => {
    fc.assert(
      fc.property(places, days, (place, day) => {
        const hours = forecastFor(place, day);
        expect(forecastFor(` ${place.toUpperCase()} `, day)).toEqual(hours);
        expect(hours.map(({ hour }) => hour)).toEqual(Array.from({ length: 24 }, (_, hour) => hour));
        for (const { temperature, rain, wind } of hours) {
          expect(temperature).toBeGreaterThan(-15);
          expect(temperature).toBeLessThan(35);
          expect(rain).toBeGreaterThanOrEqual(0);
          expect(rain).toBeLessThanOrEqual(1);
          expect(wind).toBeGreaterThan(0);
          expect(wind).toBeLessThan(15);
        }
      }),
    );
  });

  it("goes on from one day into the next without a jump", () => {
    fc.assert(
      fc.property(places, days, (place, day) => {
        const next = new Date(Date.parse(`${day}T00:00:00Z`) + 86_400_000).toISOString().slice(0, 10);
        const [last, first] = [forecastFor(place, day)[23], forecastFor(place, next)[0]];
        expect(Math.abs((last?.temperature ?? NaN) - (first?.temperature ?? NaN))).toBeLessThan(2);
      }),
    );
  });

  it("is warm in July and cold in January, warmer by day than by night, and now dry, now wet", () => {
    const [january, july] = [yearOf("North quay", "01"), yearOf("North quay", "07")];
    const warmth = (hours: typeof july) => meanOf(hours.map(({ temperature }) => temperature));
    expect(warmth(july) - warmth(january)).toBeGreaterThan(10);
    const at = (wanted: number) => warmth(july.filter(({ hour }) => hour === wanted));
    expect(at(15)).toBeGreaterThan(at(4) + 3);
    const rains = july.map(({ rain }) => rain);
    expect(Math.max(...rains)).toBeGreaterThan(0.7);
    expect(Math.min(...rains)).toBeLessThan(0.1);
  });

  it("differs from place to place", () => {
    expect(forecastFor("North quay", "2027-05-04")).not.toEqual(forecastFor("Kiln yard", "2027-05-04"));
  });

  it.each([
    ["North quay", "2027-05-04", 4, { temperature: 8.6, rain: 0.25, wind: 7.3 }],
    ["North quay", "2027-05-04", 15, { temperature: 12.3, rain: 0.85, wind: 9.4 }],
    ["Kiln yard", "2026-11-28", 4, { temperature: 4.2, rain: 0.9, wind: 9.9 }],
    ["Kiln yard", "2026-11-28", 15, { temperature: 6.9, rain: 0.4, wind: 8.5 }],
  ])("of %s on %s at %d h stays what it was told to be", (place, day, hour, told) => {
    expect(forecastFor(place, day)[hour]).toEqual({ hour, ...told });
  });

  it("is the surer the nearer the day comes", () => {
    const spreads = [12, 9, 6, 3, 1, 0, -2].map(forecastSpread);
    expect(spreads).toEqual([...spreads].sort((one, other) => other - one));
    expect(forecastSpread(0)).toBeLessThan(1);
    expect(forecastSpread(6)).toBeGreaterThan(3);
  });
});

describe("an occasion", () => {
  const forecast = { ...sampleOccasion, weather: "forecast", place: "North quay" } as const;

  it("takes the weather of its hours, and what was typed where somebody typed it", () => {
    const met = inWeather(forecast);
    const hours = hoursAt(forecast);
    expect(met.rain).toBe(Math.max(...hours.map(({ rain }) => rain)));
    expect(met.temperature).toBe(Math.round(meanOf(hours.map(({ temperature }) => temperature))));
    const { low, high } = airOver(forecast);
    expect(low).toBeLessThanOrEqual(met.temperature + 0.5);
    expect(high).toBeGreaterThanOrEqual(met.temperature - 0.5);
    const typed = { ...forecast, weather: "typed", temperature: 31 } as const;
    expect(inWeather(typed)).toBe(typed);
    expect(airOver(typed)).toEqual({ low: 31, high: 31 });
  });

  it("is met in its hours, in the evening after dark", () => {
    expect(hoursAt({ ...forecast, light: "evening" }).map(({ hour }) => hour)).toEqual([
      18, 19, 20, 21, 22, 23,
    ]);
    expect(hoursAt({ ...forecast, light: "daylight" }).map(({ hour }) => hour)).toEqual([
      9, 10, 11, 12, 13, 14, 15, 16, 17,
    ]);
  });
});
