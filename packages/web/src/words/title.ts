/** The title of a page that is about something: a drink, a bottle; of the step itself where it is about nothing yet. */
export function titleOf(step: string, thing: string): string {
  return [...(thing === '' ? [] : [thing]), step, 'Uisce'].join(' · ');
}
