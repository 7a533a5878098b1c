import { dequal } from "dequal";
import type { Outcome } from "@/core/schema/outcome";
import type { OwnLook } from "@/core/studio/bench-source";
import type { LookNow, LookOnRecord, SentLook } from "@/core/studio/look-record";
import { stateOf, type LookStep } from "@/core/studio/look-steps";
import { isOfTheMoment, isSignedOut } from "../../kit/answer";
import { signInBeside } from "../../kit/signed-out";
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

/**
 * Keeps looks in the background, one after another, each with the steps that are not on record yet. What has
 * not reached the server stays in the browser's own store, so that a closed tab or a stopped server loses
 * nothing; it is sent again when either comes back. What another page has kept meanwhile is never written over.
 */
export class Keeper {
  private readonly pending = new Map<string, SentLook>();
  private readonly apart = new Map<string, LookOnRecord>();
  /** What the studio does not take, until it is changed, sent again or let go. */
  private readonly refused = new Map<string, Refused>();
  private readonly recorded = new Set<string>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private isSending = false;

  /**
   * @param save sends one look to the studio
   * @param madeBy studio and person: what they leave in the browser is sent for them alone
   * @param say where the keeping stands, whenever that changes
   */
  constructor(
    private readonly save: SaveLook,
    private readonly madeBy: string,
    private readonly say: (keeping: Keeping) => void,
  ) {}

  /** What the record has already: what the page was laid out with, and what this tab heard since. */
  know(looks: readonly OwnLook[], steps: readonly LookStep[]): void {
    for (const laid of looks) {
      const answered = answeredSince(this.madeBy, laid);
      const heard = thisPage.versions.get(laid.id) ?? 0;
      if (answered && answered.version > heard) thisPage.sent.set(laid.id, answered.look);
      thisPage.versions.set(laid.id, Math.max(laid.version, heard, answered?.version ?? 0));
    }
    for (const { id } of steps) this.recorded.add(id);
  }

  keep(look: LookNow, steps: readonly LookStep[]): void {
    this.put(look, steps);
    this.say(this.decisionOn(look.id) ?? { state: "keeping" });
    this.sendAfter(settle);
  }

  /** Sends what a client's bench left in the browser the last time, as this page's own from now on. */
  takeUpWaiting(clientId: string): void {
    const waiting = readWaiting(this.madeBy, clientId).filter(({ id }) => !this.pending.has(id));
    for (const look of waiting) {
      const { writer, turn, unheard } = look;
      const isOwn = writer === thisPage.writer;
      const before = thisPage.unheard.get(look.id) ?? [];
      // It builds on what was on record then, not on what the page was laid out with now.
      thisPage.versions.set(look.id, look.version);
      if (!isOwn) thisPage.unheard.set(look.id, [...before, ...unheard, { writer, turn }]);
      this.put(look, look.newSteps);
      if (!isOwn) clearWaiting(look);
    }
    if (waiting.length > 0) void this.sendAll();
  }

  /** Sends at once what would be sent in a moment. */
  sendNow(): void {
    clearTimeout(this.timer);
    void this.sendAll();
  }

  /**
   * Decides between a look as it is here and as it stands on record. The steps of both stay with it.
   * @param now the look as it shall be from now on
   */
  decide({ mine, theirs }: LookApart, now: LookNow): void {
    this.buildOn(theirs);
    this.put(now, mine.newSteps);
    this.say({ state: "keeping" });
    void this.sendAll();
  }

  /** Forgets a look that was refused. */
  letGo(look: SentLook): void {
    clearWaiting(look);
    this.refused.delete(look.id);
    thisPage.sent.delete(look.id);
    this.say({ state: "kept" });
  }

  private sendAfter(pause: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.sendAll(), pause);
  }

  private async sendAll(): Promise<void> {
    if (this.isSending) return;
    this.isSending = true;
    for (let look = this.next(); look; look = this.next()) {
      const outcome = await answerTo(this.save, look);
      if (outcome === "unreachable") {
        this.isSending = false;
        this.say({ state: "waiting" });
        this.sendAfter(retry);
        return;
      }
      if (outcome.ok) this.take(look, outcome.value);
      else if (outcome.theirs) this.meet(look, outcome.theirs as LookOnRecord);
      else if (this.pending.get(look.id) === look)
        this.refused.set(look.id, { state: "refused", say: outcome.faults[0]?.say ?? "", look });
      // What is refused stays in the browser's store: it is nowhere else.
      if (!this.apart.has(look.id) && this.pending.get(look.id) === look) this.pending.delete(look.id);
    }
    this.isSending = false;
    this.say(
      this.decisionOn([...this.apart.keys()][0]) ?? [...this.refused.values()][0] ?? { state: "kept" },
    );
  }

  private next(): SentLook | undefined {
    return [...this.pending.values()].find(({ id }) => !this.apart.has(id));
  }

  private decisionOn(id: string | undefined): Keeping | null {
    const mine = id === undefined ? undefined : this.pending.get(id);
    const theirs = id === undefined ? undefined : this.apart.get(id);
    return mine && theirs ? { state: "apart", mine, theirs } : null;
  }

  /** A look that another page has kept meanwhile: where it is the same there is nothing to decide. */
  private meet(look: SentLook, theirs: LookOnRecord): void {
    if (!isSame(look, theirs.look)) {
      this.apart.set(look.id, theirs);
      return;
    }
    this.buildOn(theirs);
    const now = this.pending.get(look.id) ?? look;
    this.put(now, now.newSteps);
  }

  private buildOn({ look, steps }: LookOnRecord): void {
    this.apart.delete(look.id);
    thisPage.versions.set(look.id, look.version);
    for (const { id } of steps) this.recorded.add(id);
  }

  private take(look: SentLook, version: number): void {
    clearWaiting(look);
    rememberAnswered({ look, version });
    thisPage.versions.set(look.id, version);
    thisPage.unheard.delete(look.id);
    for (const { id } of look.newSteps) this.recorded.add(id);
  }

  /** Puts a look on its way under this page's name, in place of whatever of it was on its way. */
  private put(look: LookNow, steps: readonly LookStep[]): void {
    const toSend: SentLook = {
      ...look,
      madeBy: this.madeBy,
      version: thisPage.versions.get(look.id) ?? 0,
      writer: thisPage.writer,
      turn: (thisPage.turn += 1),
      unheard: thisPage.unheard.get(look.id) ?? [],
      newSteps: steps.filter(({ id }) => !this.recorded.has(id)),
    };
    this.pending.set(look.id, toSend);
    this.refused.delete(look.id);
    thisPage.sent.set(look.id, toSend);
    writeWaiting(toSend);
  }
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
