import { changesFile } from "@/server/actions/changes-file";

/** Everything that was changed and by whom, as a file. */
export async function GET(): Promise<Response> {
  const file = await changesFile();
  if (!file.ok) return new Response(`${file.faults[0]?.say ?? ""}\n`, { status: 403 });
  return new Response(file.value, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": 'attachment; filename="changes.csv"',
    },
  });
}
