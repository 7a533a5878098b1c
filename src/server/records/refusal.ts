/** A write that was made against a version that is no longer the newest. */
export class StaleWrite extends Error {
  override readonly name = "StaleWrite";
  /** @param current what is on record now */
  constructor(readonly current: unknown) {
    super("somebody else changed this meanwhile");
  }
}

/** A row that is not there, or belongs to somebody else. */
export class NotFound extends Error {
  override readonly name = "NotFound";
}

/** What was sent is well formed, and yet cannot be: thrown, so that nothing of it is kept. */
export class Refusal extends Error {
  override readonly name = "Refusal";

  /**
   * @param field the field the sentence stands at
   * @param message the sentence, as the stylist reads it
   */
  constructor(
    readonly field: string,
    message: string,
  ) {
    super(message);
  }
}
