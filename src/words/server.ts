/** What the server says where it refuses, and what its letters say. */
export const serverWords = {
  thePhotoIsNoPicture: "The photo cannot be read: take a JPEG, PNG or WebP picture.",
  thePhotoIsTooLarge: "The photo has more than 40 million pixels: make it smaller first.",
  thePieceIsInTheArchive: "{name} is in the archive: bring it back first, or leave its number out.",
  youAreSignedOutWhat: "You are signed out. What you typed is still here: sign in, and go on.",
  isAGarmentASet: "{piece} is a garment: a set holds accessories only.",
  aSetNeedsShoesAnd: "A set needs shoes and at least two more accessories.",
  onlyTrousersHaveAHem: "Only trousers have a hem that is tried on.",
  theseTrousersBelongToNobody:
    "These trousers belong to nobody: give them an owner, whose body the hem was tried on.",
  somebodyElseIsSignedIn: "Somebody else is signed in here now. This look waits in the browser.",
  workWithInJuxtaneAs:
    "Work with {studioName} in Juxtane as {role}: take the invitation up within a week at {path}.",
  thisCodeDoesNotFit: "This code does not fit. Is the phone's clock right? Try the next one.",
  thisIsNotYourPassword: "This is not your password.",
  somebodyElseChangedThisMeanwhile:
    "Somebody else changed this meanwhile. What you typed is still here: compare, then save again.",
  thisIsNoLongerOn: "This is no longer on record; it may be in the archive.",
  thisNamesSomethingThatIs: "This names something that is not on record in this studio.",
  somethingInThisCannotBe: "Something in this cannot be kept as it is: look through it, then save again.",
  theDatabaseDoesNotAnswer:
    "The database does not answer. What you typed is still here: try again in a moment.",
  emailAndPasswordDoNot: "Email and password do not fit together.",
  nowTheCodeThatYour: "Now the code that your phone shows for Juxtane.",
  thisCodeDoesNotFitOr: "This code does not fit, or has been used. Wait for the next one.",
  tooManyTriesWaitThen: "Too many tries. Wait {wait}, then try again.",
  aStudioWasFoundedHere: "A studio was founded here already: sign in instead.",
  thisIsNotTheCode: "This is not the code that was printed when the database was prepared.",
  thisLinkDoesNotHold: "This link does not hold any more: ask for a new one.",
  somebodyAskedForANew:
    "Somebody asked for a new password for {address}. If it was you, set it within two hours at /password/{token}. If it was not, nothing has changed.",
  oneOfTheseLooksIsNot: "One of these looks is not on record for this client any more.",
  tooManyAnswers: "That was very often. Wait a quarter of an hour, then send it once more.",
  thisLinkHasEnded: "This link does not hold any more: ask your stylist for another one.",
  looksForYouFrom: "Looks for you from {studio}",
  seeAndAnswerThem: "Your looks are here, to be seen and answered until {day}: {path}",
  thisLookIsOnRecord: "This look is on record for another client.",
  theBaseOfThisLook: "The base of this look is not on record for this client.",
  theOccasionOfThisLook: "The occasion of this look is not on record for this client.",
  thisIsTheStudiosOnly: "This is the studio's only owner: make somebody else an owner first.",
  worksHereAlready: "{email} works here already.",
  thisNamesAPieceThat: "This names a piece that is not on record for this client, nor in the kit.",
  thereIsNoTimeZone: 'There is no time zone called "{zone}".',
  thisWouldSoonBeGuessed:
    "This would soon be guessed.{why} Three or four words that do not belong together are hard to guess.",
} as const;
