/** What is said of shoes and the grounds they are worn on. */
export const groundWords = {
  heelAndGround: "Heel and ground",
  about:
    "A client's shoes on the grounds of the occasions: what holds, what wants care, and what sinks, catches or slips.",
  shoe: "Shoe",
  everyGround: "Every ground",
  onlyHerOccasions: "The occasions' grounds",
  noShoes: "This client has no shoes on the rail yet.",
  noOccasions: "No occasion is on record yet, so every ground is shown.",
  andMore: "{names} and {count} more",
  heelOf: "{tip}, {lift}",
  holds: "holds",
  mind: "with care",
  sinks: "sinks in",
  catches: "catches",
  slips: "slips",
  smooth: "the sole slips",
  snow: "snow gets in",
} as const;
