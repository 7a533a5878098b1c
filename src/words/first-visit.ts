/** The places that introduce themselves, and what each says the first time somebody comes to it. */
export const firstLines = {
  today:
    "Today starts with what to do next: the first occasion that still wants a look, then what comes after it and what you worked on last.",
  clients:
    "Clients are the people you dress. A name and a height are enough to begin, and every girth you add makes the readings surer.",
  client:
    "A base is the garments of an outfit before any accessory. Lay out the plain ones first: sets and looks are built on them.",
  rail: "The rail holds every garment and accessory with its measurements. Measure a piece once, and every look knows.",
  bench:
    "The bench is where a look is put together. Press a place on the body, choose from the tray below, and the reading on the right changes at once.",
  sets: "A set is shoes and at least two more accessories that agree. Keep it once, and see what it makes of every base.",
  boards:
    "Boards lay everything side by side: hems over shoes, sets on bases. Press any cell to open it on the bench.",
} as const;
