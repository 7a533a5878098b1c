import type { Knex } from "knex";
import * as house from "./0001-house";
import * as strapsAndSeats from "./0002-straps-and-seats";
import * as mustCarry from "./0003-must-carry";
import * as judgement from "./0004-judgement";
import * as library from "./0005-library";
import * as wornWays from "./0006-worn-ways";
import * as cloth from "./0007-cloth";

interface Migration {
  up(knex: Knex): Promise<void>;
  down(knex: Knex): Promise<void>;
}

const migrations: Record<string, Migration> = {
  "0001-house": house,
  "0002-straps-and-seats": strapsAndSeats,
  "0003-must-carry": mustCarry,
  "0004-judgement": judgement,
  "0005-library": library,
  "0006-worn-ways": wornWays,
  "0007-cloth": cloth,
};

/** The migrations as a Knex source: imported, so that no folder has to be read at run time. */
export const migrationSource: Knex.MigrationSource<string> = {
  getMigrations: () => Promise.resolve(Object.keys(migrations).sort()),
  getMigrationName: (name) => name,
  getMigration: (name) => {
    const found = migrations[name];
    return found ? Promise.resolve(found) : Promise.reject(new Error(`no migration ${name}`));
  },
};
