/**
 * Whether a field within has input that could not be read. What is kept then would be its last good value,
 * not what stands there: so nothing is kept, and the hand is led to the field.
 */
export function leadsToWrongInput(within: HTMLElement | null | undefined): boolean {
  const field = within?.querySelector<HTMLElement>('.v-input--error input, input[aria-invalid=true]');
  field?.focus();
  return field !== null && field !== undefined;
}
