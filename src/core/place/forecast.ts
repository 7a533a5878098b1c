import type { Occasion } from "../piece/occasion";

/** The weather of one hour of a day. */
export interface WeatherHour {
  /** 0-23 */
  readonly hour: number;
  /** deg C */
  readonly temperature: number;
  /** Probability of rain, 0-1. */
  readonly rain: number;
  /** m/s */
  readonly wind: number;
}

/** A share (0-1, 1 excluded) that a text always gives: FNV-1a, 32 bits. */
function shareOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash / 2 ** 32;
}

/** Days since 1970 of a calendar day, yyyy-mm-dd. */
function dayNumber(day: string): number {
  return Math.floor(Date.parse(`${day}T00:00:00Z`) / 86_400_000);
}

/** The year's course about its mean, deg C: coldest late in January, warmest late in July. */
const yearly = { mean: 10.5, swing: 7.5, warmest: 204, days: 365.2425 };
/** How far a place lies from that, and how far a day from its season at most, deg C. */
const ofPlace = 2.5;
const ofFront = 3.2;
/** Days between two fronts; the share of that time in which one brings rain, and wind. */
const betweenFronts = 5.3;
const wetShare = 0.09;
const windyShare = 0.16;
/** From the night to the warmest hour, deg C, in summer; and that hour. */
const daily = { swing: 3.6, warmest: 15 };

/**
 * The weather of a place on a day, hour by hour: a season, a front that moves over it, a night and a day. It stands in
 * for a weather service: made up, and for one place and day always the same.
 */
export function forecastFor(place: string, day: string): readonly WeatherHour[] {
  const name = place.trim().toLowerCase();
  const [warmer, front, drift, coast] = ["warm", "front", "drift", "coast"].map((what) =>
    shareOf(`${what} ${name}`),
  );
  const number = dayNumber(day);
  const turn = (2 * Math.PI * (number - yearly.warmest)) / yearly.days;
  const season = Math.cos(turn);
  return Array.from({ length: 24 }, (_, hour): WeatherHour => {
    const fronts = (number + hour / 24) / betweenFronts + (front ?? 0);
    const near = fronts - Math.floor(fronts) - 0.5;
    const anomaly =
      ofFront * Math.sin(2 * Math.PI * fronts) +
      (ofFront / 2) * Math.sin(2 * Math.PI * (0.37 * fronts + (drift ?? 0)));
    const sun = daily.swing * (0.75 + 0.25 * season) * Math.cos((2 * Math.PI * (hour - daily.warmest)) / 24);
    const temperature =
      yearly.mean + yearly.swing * season + ofPlace * (2 * (warmer ?? 0) - 1) + anomaly + sun;
    const rain = 0.05 + 0.85 * Math.exp(-((near / wetShare) ** 2));
    const wind = 1.8 + 2.4 * (coast ?? 0) + 6 * Math.exp(-((near / windyShare) ** 2));
    return { hour, temperature: tenth(temperature), rain: hundredth(rain), wind: tenth(wind) };
  });
}

const tenth = (value: number) => Math.round(value * 10) / 10;
const hundredth = (value: number) => Math.round(value * 100) / 100;

/** How far the temperature may still turn out otherwise, deg C, so many days before: the nearer, the surer. */
export function forecastSpread(daysAhead: number): number {
  return tenth(Math.min(5, 0.7 + 0.45 * Math.max(0, daysAhead)));
}

/** The hours that an occasion lasts at most, by its light. */
const hoursOf: Readonly<Record<Occasion["light"], readonly [from: number, to: number]>> = {
  daylight: [9, 17],
  indoor: [9, 18],
  evening: [18, 23],
};

/** The hours of an occasion's forecast. */
export function hoursAt({
  place,
  day,
  light,
}: Pick<Occasion, "place" | "day" | "light">): readonly WeatherHour[] {
  const [from, to] = hoursOf[light];
  return forecastFor(place, day).filter(({ hour }) => hour >= from && hour <= to);
}

/** An occasion in its weather: the forecast's of its hours, unless somebody typed it. */
export function inWeather<O extends Omit<Occasion, "id">>(occasion: O): O {
  if (occasion.weather === "typed") return occasion;
  const hours = hoursAt(occasion);
  const mean = (of: "temperature" | "wind") => hours.reduce((sum, hour) => sum + hour[of], 0) / hours.length;
  return {
    ...occasion,
    temperature: Math.round(mean("temperature")),
    rain: Math.max(...hours.map(({ rain }) => rain)),
    wind: Math.round(mean("wind")),
  };
}

/** The coldest and the warmest hour of an occasion, deg C; where the weather was typed, what was typed. */
export function airOver(occasion: Omit<Occasion, "id">): { readonly low: number; readonly high: number } {
  if (occasion.weather === "typed") return { low: occasion.temperature, high: occasion.temperature };
  const hours = hoursAt(occasion).map(({ temperature }) => temperature);
  return { low: Math.min(...hours), high: Math.max(...hours) };
}
