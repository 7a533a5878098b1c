/** What is said of the weather of a day. */
export const weatherWords = {
  weather: "Weather",
  byTheForecast: "By the forecast",
  typed: "Typed in",
  theDay: "The day's weather",
  theDayAt: "{place}, {day}",
  forecastToday: "By the forecast. Type your own on the occasion, and that holds.",
  forecastAhead:
    "By the forecast of a day {soon}: it may turn out {spread} °C colder or warmer. Type your own on the occasion, and that holds.",
  typedAbout:
    "As it was typed on the occasion. The forecast says otherwise where the thin line lies elsewhere.",
  stripLabel:
    "{low} to {high} °C, rain {rain} %, wind {wind} m/s; this outfit is comfortable from {from} to {to} °C",
  stripLabelAlone: "{low} to {high} °C, rain {rain} %, wind {wind} m/s",
  temperature: "Temperature, °C",
  chanceOfRain: "Chance of rain",
  windOf: "Wind {low} to {high} m/s",
  comfortable: "comfortable in this outfit",
  hour: "{hour} h",
  withinTheHours: "It says {low} to {high} °C in its hours, rain {rain} %, wind {wind} m/s.",
  dayAndPlaceFirst: "Fill in place and day, and the forecast is theirs.",
} as const;
