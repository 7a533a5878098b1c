/** What the first steps of a studio say. */
export const startWords = {
  firstSteps: "First steps",
  fiveMinutes:
    "A client, a handful of her pieces, an outfit to build on, an occasion: then she can be dressed. It takes about five minutes.",
  client: "Whom do you dress?",
  name: "Name",
  height: "Height",
  thisIsHer: "Add her",
  restIsEstimated: "The other measures are estimated from the height until you take them.",
  pieces: "A handful of her pieces",
  piecesLater: "Then write down a few of her pieces, a line each.",
  garmentsAndMore:
    "Write a line a piece: what it is, its colour, what it is made of, a measure or two. A top and a bottom or a dress, and shoes, a bag, a scarf.",
  andMore: "and {count} more",
  writeMore: "Write down more",
  orByPhoto: "Or begin with a photo",
  base: "An outfit to build on",
  baseLater: "Then press a top and a bottom, or a dress.",
  pressTwo: "Press what is worn together: a top and a bottom, or a dress.",
  garments: "Garments",
  layThemOut: "Lay them out",
  occasion: "Where she is going",
  occasionLater: "Then say in one line where she is going.",
  inOneLine: "In one line",
  occasionExample: "gallery opening on Friday evening",
  occasionHelp: "What it is, when, and how one dresses there, if you know.",
  understoodAs: "{name}, {day}: from {low} to {high}.",
  keepTheOccasion: "This is where",
  reading: "The first reading",
  whatTheReadingIs:
    "At the bench every piece you press on is read at once: what sings, what rubs, and what mends it.",
  dress: "Dress {client}",
} as const;
