/** What the archive says. */
export const putAwayWords = {
  archive: "Archive",
  goneForGood: "Gone for good",
  afterDays: "after {days} days",
  theArchiveIsEmptyWhat:
    "The archive is empty. What you archive is listed here, and can be brought back from here.",
  nothingHereIsLostEach: "Nothing here is lost: each comes back as it was, where it was.",
  eachComesBackAsIt:
    "Each comes back as it was, where it was, for {purgeAfter} days. What is still worn in a look or kept in a set stays.",
  bringBack: "Bring back {record}",
  bringBackLabel: "Bring back",
} as const;
