/** Something a person can put right: its message is the one sentence they see. */
export class Problem extends Error {}

/** Runs a script's main part; a Problem ends it with its sentence, anything else with a short one. */
export async function runScript(main) {
  try {
    await main();
  } catch (error) {
    const message =
      error instanceof Problem ? error.message : `This went wrong, and nothing was lost: ${error.message}`;
    process.stderr.write(`\n${message}\n`);
    process.exitCode = 1;
  }
}
