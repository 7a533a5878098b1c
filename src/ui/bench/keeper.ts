import { dequal } from "dequal";
import type { Outcome } from "@/core/schema/outcome";
import type { OwnLook } from "@/core/studio/bench-source";
import type { LookNow, LookOnRecord, SentLook } from "@/core/studio/look-record";
import { stateOf, type LookStep } from "@/core/studio/look-steps";
import { isOfTheMoment, isSignedOut } from "../kit/answer";
import { signInBeside } from "../kit/signed-out";
import { answeredSince, rememberAnswered } from "./answered-looks";
import { thisPage } from "./this-page";
import { clearWaiting, readWaiting, writeWaiting } from "./waiting-looks";

export type SaveLook = (look: SentLook) => Promise<Outcome<number>>;

/** One look that was kept from two pages: as it is here, and as it stands on record. */
export interface LookApart {
  readonly mine: SentLook;
  readonly theirs: LookOnRecord;
}

/** Where the keeping of looks stands; "waiting" is retried by itself, "apart" is for the stylist to decide. */
export type Keeping =
  | { readonly state: "kept" }
  | { readonly state: "keeping" }
  | { readonly state: "waiting" }
  | ({ readonly state: "apart" } & LookApart)
  | Refused;

interface Refused {
  readonly state: "refused";
  readonly say: string;
  readonly look: SentLook;
}

const settle = 350;
const retry = 4000;

export type Keeper = ReturnType<typeof createKeeper>;

/**
 * Keeps looks in the background, one after another, each with the steps that are not on record yet. What has
 * not reached the server stays in the browser's own store, so that a closed tab or a stopped server loses
 * nothing; it is sent again when either comes back. What another page has kept meanwhile is never written over.
 * @param madeBy studio and person: what they leave in the browser is sent for them alone
 */
export function createKeeper(save: SaveLook, madeBy: string, say: (keeping: Keeping) => void) {
  const pending = new Map<string, SentLook>();
  const apart = new Map<string, LookOnRecord>();
  /** What the studio does not take, until it is changed, sent again or let go. */
  const refused = new Map<string, Refused>();
  const recorded = new Set<string>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let sending = false;

  const sendAfter = (pause: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => void sendAll(), pause);
  };

  async function sendAll(): Promise<void> {
    if (sending) return;
    sending = true;
    for (let look = next(); look; look = next()) {
      const outcome = await answerTo(save, look);
      if (outcome === "unreachable") {
        sending = false;
        say({ state: "waiting" });
        sendAfter(retry);
        return;
      }
      if (outcome.ok) take(look, outcome.value);
      else if (outcome.theirs) meet(look, outcome.theirs as LookOnRecord);
      else if (pending.get(look.id) === look)
        refused.set(look.id, { state: "refused", say: outcome.faults[0]?.say ?? "", look });
      // What is refused stays in the browser's store: it is nowhere else.
      if (!apart.has(look.id) && pending.get(look.id) === look) pending.delete(look.id);
    }
    sending = false;
    say(decisionOn([...apart.keys()][0]) ?? [...refused.values()][0] ?? { state: "kept" });
  }

  const next = () => [...pending.values()].find(({ id }) => !apart.has(id));

  function decisionOn(id: string | undefined): Keeping | null {
    const mine = id === undefined ? undefined : pending.get(id);
    const theirs = id === undefined ? undefined : apart.get(id);
    return mine && theirs ? { state: "apart", mine, theirs } : null;
  }

  /** A look that another page has kept meanwhile: where it is the same there is nothing to decide. */
  function meet(look: SentLook, theirs: LookOnRecord): void {
    if (!isSame(look, theirs.look)) {
      apart.set(look.id, theirs);
      return;
    }
    buildOn(theirs);
    const now = pending.get(look.id) ?? look;
    put(now, now.newSteps);
  }

  function buildOn({ look, steps }: LookOnRecord): void {
    apart.delete(look.id);
    thisPage.versions.set(look.id, look.version);
    for (const { id } of steps) recorded.add(id);
  }

  function take(look: SentLook, version: number): void {
    clearWaiting(look);
    rememberAnswered({ look, version });
    thisPage.versions.set(look.id, version);
    thisPage.unheard.delete(look.id);
    for (const { id } of look.newSteps) recorded.add(id);
  }

  /** Puts a look on its way under this page's name, in place of whatever of it was on its way. */
  function put(look: LookNow, steps: readonly LookStep[]): void {
    const toSend: SentLook = {
      ...look,
      madeBy,
      version: thisPage.versions.get(look.id) ?? 0,
      writer: thisPage.writer,
      turn: (thisPage.turn += 1),
      unheard: thisPage.unheard.get(look.id) ?? [],
      newSteps: steps.filter(({ id }) => !recorded.has(id)),
    };
    pending.set(look.id, toSend);
    refused.delete(look.id);
    thisPage.sent.set(look.id, toSend);
    writeWaiting(toSend);
  }

  return {
    /** What the record has already: what the page was laid out with, and what this tab heard since. */
    know: (looks: readonly OwnLook[], steps: readonly LookStep[]) => {
      for (const laid of looks) {
        const answered = answeredSince(madeBy, laid);
        const heard = thisPage.versions.get(laid.id) ?? 0;
        if (answered && answered.version > heard) thisPage.sent.set(laid.id, answered.look);
        thisPage.versions.set(laid.id, Math.max(laid.version, heard, answered?.version ?? 0));
      }
      for (const { id } of steps) recorded.add(id);
    },
    keep: (look: LookNow, steps: readonly LookStep[]) => {
      put(look, steps);
      say(decisionOn(look.id) ?? { state: "keeping" });
      sendAfter(settle);
    },
    /** Sends what a client's bench left in the browser the last time, as this page's own from now on. */
    takeUpWaiting: (clientId: string) => {
      const waiting = readWaiting(madeBy, clientId).filter(({ id }) => !pending.has(id));
      for (const look of waiting) {
        const { writer, turn, unheard } = look;
        const isOwn = writer === thisPage.writer;
        const before = thisPage.unheard.get(look.id) ?? [];
        // It builds on what was on record then, not on what the page was laid out with now.
        thisPage.versions.set(look.id, look.version);
        if (!isOwn) thisPage.unheard.set(look.id, [...before, ...unheard, { writer, turn }]);
        put(look, look.newSteps);
        if (!isOwn) clearWaiting(look);
      }
      if (waiting.length > 0) void sendAll();
    },
    /** Sends at once what would be sent in a moment. */
    sendNow: () => {
      clearTimeout(timer);
      void sendAll();
    },
    /**
     * Decides between a look as it is here and as it stands on record. The steps of both stay with it.
     * @param now the look as it shall be from now on
     */
    decide: ({ mine, theirs }: LookApart, now: LookNow) => {
      buildOn(theirs);
      put(now, mine.newSteps);
      say({ state: "keeping" });
      void sendAll();
    },
    /** Forgets a look that was refused. */
    letGo: (look: SentLook) => {
      clearWaiting(look);
      refused.delete(look.id);
      thisPage.sent.delete(look.id);
      say({ state: "kept" });
    },
  };
}

/** Whether a look is the same as another in all that somebody does to it; what it reads is only worked out. */
function isSame(one: LookNow, other: LookNow): boolean {
  const done = ({ baseId, occasionId, name, note, ...look }: LookNow) => {
    const { accessoryIds, ...state } = stateOf(look);
    return { baseId, occasionId, name, note, ...state, on: new Set(accessoryIds) };
  };
  return dequal(done(one), done(other));
}

/** Asks to sign in where the session has ended: once, until somebody has. */
let isAsking = false;
async function askToSignIn(): Promise<void> {
  if (isAsking) return;
  isAsking = true;
  isAsking = !(await signInBeside());
}

async function answerTo(save: SaveLook, look: SentLook): Promise<Outcome<number> | "unreachable"> {
  try {
    const outcome = await save(look);
    if (isSignedOut(outcome)) void askToSignIn();
    return isOfTheMoment(outcome) ? "unreachable" : outcome;
  } catch {
    return "unreachable";
  }
}
