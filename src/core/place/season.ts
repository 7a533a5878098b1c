/** Whether a day lies in spring or summer on the northern half: March to August. */
export function isSpringOrSummer(day: string): boolean {
  const month = Number(day.slice(5, 7));
  return month >= 3 && month <= 8;
}
