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
