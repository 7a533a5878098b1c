const months = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
] as const;

/** A day, yyyy-mm-dd, as it is said: "12 March". */
export function sayDay(day: string): string {
  const [, month, date] = day.split("-").map(Number);
  return `${date} ${months[(month ?? 1) - 1]}`;
}
