"use client";

import type { FirstRun } from "@/core/schema/forms/sign-in-form";
import type { Outcome } from "@/core/schema/outcome";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";

/** Founds the first studio of an empty database. */
export function FirstRunForm({ found }: { readonly found: (input: FirstRun) => Promise<Outcome<null>> }) {
  return (
    <RecordForm
      initial={{ studioName: "", userName: "", email: "", password: "", code: "", timeZone: ownZone() }}
      draft={null}
      schema={() => import("@/core/schema/forms/sign-in-form").then(({ firstRunForm }) => firstRunForm)}
      onSave={found}
      then={() => "/"}
      saveLabel="Set up the studio"
    >
      <div className="grid gap-4">
        <TextField name="studioName" label="Studio" help="As your clients know it." />
        <TextField name="userName" label="Your name" />
        <TextField name="email" label="Email" type="email" />
        <TextField
          name="password"
          label="Password"
          type="password"
          help="Three or four words that do not belong together."
        />
        <TextField
          name="code"
          label="Code of the first run"
          help="It was printed when the database was prepared."
        />
      </div>
    </RecordForm>
  );
}

/** The time zone of this device. */
function ownZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}
