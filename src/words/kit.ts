/** What the parts say that every place is built from. */
export const kitWords = {
  theStudiosServerDoesNot:
    "The studio's server does not answer. What you typed is still here: try again in a moment.",
  client: "Client",
  aNameSuchAsNavy: "a name such as navy, or #1d2742",
  colourNotSaid: "not said",
  pick: "{label}: pick",
  changedMeanwhile: "Changed meanwhile",
  somebodyElseChangedThisMeanwhile:
    "Somebody else changed this meanwhile. What you typed is still here: compare, then keep again.",
  theyLeftItAsIt: "They left it as it stands here.",
  field: "Field",
  yours: "Yours",
  theirs: "Theirs",
  whichIsKept: "Which is kept",
  takeMineBack: "Take mine back",
  takeTheirs: "Take theirs",
  isInTheArchive: "{name} is in the archive.",
  bringBack: "Bring back",
  archive: "Archive",
  whatYouTypedHereBefore: "What you typed here before is back; it is not kept yet.",
  startOver: "Start over",
  whatYouTypedHereCannot:
    "What you typed here cannot be kept by this browser, and is lost when you leave. Leave it?",
  everythingWorksTogetherAndThe:
    "Everything works together, and the look is better for it: {singsFrom} and more of 100.",
  itWorksNothingIsWrong: "It works. Nothing is wrong, though a small thing or two could be better.",
  somethingIsWrongChangeIt: "Something is wrong: change it, or say why it is right here.",
  notRead: "not read",
  isBack: "{name} is back.",
  keeping: "Keeping ...",
} as const;
