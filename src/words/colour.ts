/** What is said of the colours of a look, side by side. */
export const colourWords = {
  coloursOfTheLook: "Colours of the look",
  byWhatIsSeenOf: "By what is seen of each. Choose two to hear what they are to one another.",
  showInTheScarf: "Show it in the scarf",
  chooseOneMore: "Choose one more.",
  noneChosenYet: "None chosen yet.",
  light: "Light",
  warmEveningLight: "Warm evening light",
  noTwoWhitesAndNo: "No two whites and no two darks touch, by day or by lamp.",
  byDay: "By day",
  byLamp: "By lamp",
  nothingToSayOfWhites: "nothing to say of whites and darks",
  coloursOverall: "{size, plural, one {one colour} other {# colours}}, {rangeOf}, {temperatureWord} overall",
} as const;
