/** The element id of a field, so that a fault finds it. */
export function fieldId(name: string): string {
  return `field-${name}`;
}
