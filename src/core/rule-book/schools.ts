/** A question on which good stylists disagree, and the schools that answer it. */
interface SchoolQuestion<C extends string = string> {
  readonly question: string;
  readonly choices: Readonly<Record<C, string>>;
  readonly initial: C;
}

function question<const C extends string>(
  asked: string,
  choices: Readonly<Record<C, string>>,
  initial: NoInfer<C>,
): SchoolQuestion<C> {
  return { question: asked, choices, initial };
}

/** The schools of the rule book: each choice with the reason shown on screen. */
export const schoolQuestions = {
  shoeBag: question(
    "Shoe and bag",
    {
      aligned: "Shoe and bag agree in depth, contrast and temperature; copying the colour is not needed.",
      matched: "Shoe and bag are of one colour.",
    },
    "aligned",
  ),
  metals: question(
    "Metals",
    {
      "one metal": "A single metal reads as decided.",
      bridged: "Two metals agree when a two-tone piece, or two pieces of each, joins them.",
      free: "Metals mix as they come.",
    },
    "bridged",
  ),
  ankle: question(
    "Ankle between hem and boot",
    {
      "shown until it is cold": "A strip of ankle ends the leg before the boot; below 8 °C it is covered.",
      shown: "A strip of ankle gives the leg an end before the boot begins.",
      covered: "A close shaft carries the line under the hem and keeps the cold out.",
    },
    "shown until it is cold",
  ),
  tuck: question(
    "Trousers tucked into boots",
    {
      never: "The hem belongs outside the boot.",
      "slim legs only": "A slim leg goes in without a bulge.",
    },
    "slim legs only",
  ),
  openToe: question(
    "Open toe with hosiery",
    {
      never: "An open toe asks for a bare foot.",
      "sheer toe allowed": "A sheer, seamless toe disappears.",
    },
    "never",
  ),
  denim: question(
    "Denim with denim",
    {
      "free tones": "Two washes are two tones; they may differ.",
      "same wash": "Two washes are one suit; they must be the same.",
    },
    "free tones",
  ),
  trainers: question(
    "Trainers with tailoring",
    {
      no: "Tailoring wants a leather sole.",
      "if the rest is dressed down too": "Two pieces that lean the same way look meant.",
    },
    "if the rest is dressed down too",
  ),
  socks: question(
    "Socks with low shoes",
    {
      hidden: "The leg runs on; a sock that peeps out is a slip.",
      "shown on purpose": "A sock that answers another colour is a piece of its own.",
    },
    "hidden",
  ),
  ornament: question(
    "Amount of ornament",
    {
      edited: "One zone leads; then take one thing off.",
      layered: "Stacks are welcome where they share a metal or a kind.",
    },
    "edited",
  ),
  darks: question(
    "Black with navy or brown",
    {
      mix: "Two darks mix when each is met again elsewhere.",
      "keep apart": "One dark at a time.",
    },
    "mix",
  ),
  colours: question(
    "Number of colours",
    {
      "at most two": "Two colours and a neutral: quiet, and quickly put together.",
      "at most three": "Three can be read at once.",
      "at most four": "Four, where the client carries them.",
    },
    "at most three",
  ),
  undertone: question(
    "The client's undertone",
    {
      "observe near the face": "What lies at the face lends its temperature to the skin.",
      ignore: "Wear what you like where you like it.",
    },
    "observe near the face",
  ),
} as const;

export type SchoolName = keyof typeof schoolQuestions;
export const schoolNames = Object.keys(schoolQuestions) as SchoolName[];
export type Schools = { readonly [S in SchoolName]: keyof (typeof schoolQuestions)[S]["choices"] };

/** The default answer to every question. */
export const defaultSchools = Object.fromEntries(
  schoolNames.map((name) => [name, schoolQuestions[name].initial]),
) as Schools;
