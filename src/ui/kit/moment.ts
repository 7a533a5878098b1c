/** A moment as the studio's clocks have it, such as "27 Nov 2026, 15:42", wherever it is read. */
export function momentIn(timeZone: string): (moment: string) => string {
  const format = new Intl.DateTimeFormat("en-GB", { dateStyle: "medium", timeStyle: "short", timeZone });
  return (moment) => format.format(new Date(moment));
}
