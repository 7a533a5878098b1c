import knex, { type Knex } from "knex";
import { types, type Client } from "pg";
import { cutWhenSilent, patience } from "./outage";

// A day stays the text it is: a Date would move it by the time zone of the process.
types.setTypeParser(types.builtins.DATE, (day) => day);

const ofProcess = globalThis as { juxtaneDatabase?: Knex };

/** The one pool of this process, on the application role. Only this folder may ask for it. */
export function database(): Knex {
  ofProcess.juxtaneDatabase ??= open();
  return ofProcess.juxtaneDatabase;
}

function open(): Knex {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set: it names the database and the application role");
  return knex({
    client: "pg",
    connection: { connectionString: url, connectionTimeoutMillis: patience.connect, keepAlive: true },
    pool: {
      min: 0,
      max: 10,
      afterCreate: (client: Client, done: (error: Error | null, client: Client) => void) => {
        cutWhenSilent(client);
        done(null, client);
      },
    },
    acquireConnectionTimeout: patience.acquire,
  });
}

/** Closes the pool, so that a script or a test can end. */
export async function closeDatabase(): Promise<void> {
  await ofProcess.juxtaneDatabase?.destroy();
  delete ofProcess.juxtaneDatabase;
}
