import type { Occasion } from "@/core/piece/occasion";

/** What the form of a new occasion starts with. */
export function newOccasion(day: string): Omit<Occasion, "id"> {
  return {
    name: "",
    place: "",
    day,
    span: { low: 4, high: 6 },
    flags: [],
    weather: "forecast",
    temperature: 16,
    rain: 0.2,
    wind: 3,
    ground: "pavement",
    light: "daylight",
    mustCarry: ["phone", "purse", "keys"],
    company: "",
    onFoot: 45,
  };
}
