import { forecastFor, hoursAt, type WeatherHour } from "@/core/place/forecast";
import type { Occasion } from "@/core/piece/occasion";
import { sayWith } from "@/words/say";
import { weatherWords } from "@/words/weather";

/** What an outfit is comfortable in, deg C. */
export interface Comfortable {
  readonly from: number;
  readonly to: number;
}

interface DayChartProps {
  readonly occasion: Omit<Occasion, "id">;
  /** Null where no outfit is looked at. */
  readonly comfortable: Comfortable | null;
  /** In one line of text, without its scale. */
  readonly small?: boolean;
  readonly className?: string;
}

/** The chart's room: hours across, degrees up; below them a strip for rain. */
const wide = 240;
const tall = 64;
const rainTall = 14;

const xOf = (hour: number) => ((hour + 0.5) / 24) * wide;

/** Degrees at the lower and the upper edge of a chart that shows all of these. */
function scaleOf(degrees: readonly number[]): readonly [number, number] {
  const [low, high] = [Math.min(...degrees), Math.max(...degrees)];
  return [Math.floor((low - 1) / 2) * 2, Math.ceil((high + 1) / 2) * 2];
}

/** A day's temperature, rain and wind hour by hour, with the hours of an occasion, against what an outfit is comfortable in. */
export function DayChart({ occasion, comfortable, small = false, className }: DayChartProps) {
  const hours = forecastFor(occasion.place, occasion.day);
  const its = hoursAt(occasion);
  const [first, last] = [its[0]?.hour ?? 0, its.at(-1)?.hour ?? 23];
  const typed = occasion.weather === "typed" ? occasion.temperature : null;
  const [low, high] = scaleOf([
    ...hours.map(({ temperature }) => temperature),
    ...(typed === null ? [] : [typed]),
    ...(comfortable ? [comfortable.from, comfortable.to] : []),
  ]);
  const yOf = (degrees: number) => tall - ((degrees - low) / (high - low)) * tall;
  const rain = typed === null ? hours : hours.map((hour) => ({ ...hour, rain: occasion.rain }));
  const margin = small ? 0 : 26;
  return (
    <svg
      viewBox={`${-margin} -4 ${wide + margin + 4} ${tall + rainTall + (small ? 6 : 24)}`}
      role="img"
      aria-label={labelOf(occasion, its, comfortable)}
      className={className}
      preserveAspectRatio={small ? "none" : "xMidYMid meet"}
    >
      <rect
        x={xOf(first) - 5}
        y={-4}
        width={xOf(last) - xOf(first) + 10}
        height={tall + rainTall + 6}
        fill="#e4e4e0"
      />
      {comfortable && (
        <rect
          x={0}
          y={yOf(comfortable.to)}
          width={wide}
          height={yOf(comfortable.from) - yOf(comfortable.to)}
          fill="#b9c9b0"
          fillOpacity={0.6}
        />
      )}
      <Rain hours={rain} />
      <path
        d={lineThrough(hours, yOf)}
        fill="none"
        stroke="#1b1b1b"
        strokeWidth={typed === null ? 1.6 : 0.7}
        vectorEffect={small ? "non-scaling-stroke" : undefined}
      />
      {typed !== null && (
        <path
          d={`M${xOf(first)} ${yOf(typed)}H${xOf(last)}`}
          stroke="#1b1b1b"
          strokeWidth={1.8}
          vectorEffect={small ? "non-scaling-stroke" : undefined}
        />
      )}
      {!small && <Scale low={low} high={high} yOf={yOf} />}
    </svg>
  );
}

type YOf = (degrees: number) => number;

function lineThrough(hours: readonly WeatherHour[], yOf: YOf): string {
  return hours
    .map(
      ({ hour, temperature }, i) =>
        `${i === 0 ? "M" : "L"}${xOf(hour).toFixed(1)} ${yOf(temperature).toFixed(1)}`,
    )
    .join("");
}

/** How likely rain is in each hour, in the strip below. */
function Rain({ hours }: { readonly hours: readonly WeatherHour[] }) {
  return hours.map(({ hour, rain: chance }) => (
    <rect
      key={hour}
      x={xOf(hour) - 4}
      y={tall + 2 + rainTall * (1 - chance)}
      width={8}
      height={rainTall * chance}
      fill="#4a6f92"
    />
  ));
}

interface ScaleProps {
  /** Degrees at the lower and the upper edge. */
  readonly low: number;
  readonly high: number;
  readonly yOf: YOf;
}

function Scale({ low, high, yOf }: ScaleProps) {
  return (
    <g fontSize={8.5} fill="#444" className="tabular">
      {[low, (low + high) / 2, high].map((degrees) => (
        <text key={degrees} x={-4} y={yOf(degrees) + 2.5} textAnchor="end">
          {degrees}
        </text>
      ))}
      {[0, 6, 12, 18].map((hour) => (
        <text key={hour} x={xOf(hour)} y={tall + rainTall + 11} textAnchor="middle">
          {sayWith(weatherWords.hour, { hour })}
        </text>
      ))}
      <path d={`M0 ${tall + 1}H${wide}`} stroke="#999" strokeWidth={0.5} />
    </g>
  );
}

function labelOf(
  occasion: DayChartProps["occasion"],
  hours: readonly WeatherHour[],
  comfortable: Comfortable | null,
): string {
  const degrees = hours.map(({ temperature }) => temperature);
  const isTyped = occasion.weather === "typed";
  const values = {
    low: isTyped ? occasion.temperature : Math.round(Math.min(...degrees)),
    high: isTyped ? occasion.temperature : Math.round(Math.max(...degrees)),
    rain: Math.round((isTyped ? occasion.rain : Math.max(...hours.map(({ rain }) => rain))) * 100),
    wind: isTyped ? occasion.wind : Math.round(Math.max(...hours.map(({ wind }) => wind))),
  };
  return comfortable
    ? sayWith(weatherWords.stripLabel, {
        ...values,
        from: Math.round(comfortable.from),
        to: Math.round(comfortable.to),
      })
    : sayWith(weatherWords.stripLabelAlone, values);
}
