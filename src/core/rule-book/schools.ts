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
      shown: "A strip of ankle gives the leg an end before the boot begins.",
      covered: "A close shaft carries the line under the hem and keeps the cold out.",
    },
    "shown",
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
} as const;

export type SchoolName = keyof typeof schoolQuestions;
export const schoolNames = Object.keys(schoolQuestions) as SchoolName[];
export type Schools = { readonly [S in SchoolName]: keyof (typeof schoolQuestions)[S]["choices"] };

/** The default answer to every question. */
export const defaultSchools = Object.fromEntries(
  schoolNames.map((name) => [name, schoolQuestions[name].initial]),
) as Schools;
