import type { Knex } from "knex";
import { throughDoor, throughDoorOn } from "./doors";

/** Somebody's second step when she signs in. */
export interface SecondStep {
  /** What her phone makes its codes from, in base 32. */
  readonly secret: string;
  readonly begunAt: string;
  /** How many spare codes are left. */
  readonly spare: number;
}

/** Asked within a transaction where one is held; null for somebody whose password is enough. */
export async function secondStepOf(userId: string, on?: Knex): Promise<SecondStep | null> {
  const call = "second_step_of(?)";
  type Row = { secret: string; begun_at: Date; spare: number };
  const [row] = await (on ? throughDoorOn<Row>(on, call, userId) : throughDoor<Row>(call, userId));
  return row ? { secret: row.secret, begunAt: row.begun_at.toISOString(), spare: row.spare } : null;
}

/**
 * From now on a code is asked for as well; what was set up before no longer holds.
 * @param turn the half minute of the code it was tried with
 */
export async function beginSecondStep(
  on: Knex,
  userId: string,
  step: { readonly secret: string; readonly turn: number; readonly spareHashes: readonly string[] },
): Promise<void> {
  await throughDoorOn(on, "begin_second_step(?, ?, ?, ?)", userId, step.secret, step.turn, step.spareHashes);
}

/** Takes a code by its half minute; false when one of it or of a later one was taken already. */
export async function passSecondStep(userId: string, turn: number): Promise<boolean> {
  const [row] = await throughDoor<{ pass_second_step: boolean }>("pass_second_step(?, ?)", userId, turn);
  return row?.pass_second_step ?? false;
}

/** Takes a spare code, once. */
export async function passSpareCode(userId: string, hash: string): Promise<boolean> {
  const [row] = await throughDoor<{ pass_spare_code: boolean }>("pass_spare_code(?, ?)", userId, hash);
  return row?.pass_spare_code ?? false;
}

/** The password is enough again. */
export async function endSecondStep(on: Knex, userId: string): Promise<void> {
  await throughDoorOn(on, "end_second_step(?)", userId);
}
