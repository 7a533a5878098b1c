import type { Knex } from "knex";
import * as house from "./0001-house";
import * as strapsAndSeats from "./0002-straps-and-seats";
import * as mustCarry from "./0003-must-carry";
import * as judgement from "./0004-judgement";
import * as library from "./0005-library";
import * as wornWays from "./0006-worn-ways";
import * as cloth from "./0007-cloth";
import * as looksByOccasion from "./0008-looks-by-occasion";
import * as notSaid from "./0009-not-said";
import * as lookWriters from "./0010-look-writers";
import * as entry from "./0011-entry";
import * as changes from "./0012-changes";
import * as purge from "./0013-purge";
import * as search from "./0014-search";
import * as secondStep from "./0015-second-step";
import * as hair from "./0016-hair";
import * as declined from "./0017-declined";
import * as setTies from "./0018-set-ties";
import * as nothingLoose from "./0019-nothing-loose";
import * as weather from "./0020-weather";
import * as careAndCompany from "./0021-care-and-company";
import * as setWays from "./0022-set-ways";
import * as assumedMeasures from "./0023-assumed-measures";
import * as railFilters from "./0024-rail-filters";
import * as photos from "./0025-photos";
import * as links from "./0026-links";
import * as erasures from "./0027-erasures";
import * as looksOfOccasions from "./0028-looks-of-occasions";
import * as colouringNotSaid from "./0029-colouring-not-said";

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
  "0008-looks-by-occasion": looksByOccasion,
  "0009-not-said": notSaid,
  "0010-look-writers": lookWriters,
  "0011-entry": entry,
  "0012-changes": changes,
  "0013-purge": purge,
  "0014-search": search,
  "0015-second-step": secondStep,
  "0016-hair": hair,
  "0017-declined": declined,
  "0018-set-ties": setTies,
  "0019-nothing-loose": nothingLoose,
  "0020-weather": weather,
  "0021-care-and-company": careAndCompany,
  "0022-set-ways": setWays,
  "0023-assumed-measures": assumedMeasures,
  "0024-rail-filters": railFilters,
  "0025-photos": photos,
  "0026-links": links,
  "0027-erasures": erasures,
  "0028-looks-of-occasions": looksOfOccasions,
  "0029-colouring-not-said": colouringNotSaid,
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
