import { onBeforeUnmount, onMounted } from 'vue';
import { useRouter } from 'vue-router';
import { STEPS } from './steps';
import { useKeeper } from '../kept/use-keeper';

/** Keys that work on every screen, with words for the list of keys. */
export const KEYS = [
  ...STEPS.map((s) => ({ keys: s.digit, does: `Go to ${s.name}` })),
  { keys: '/', does: 'Find a drink in the Notebook, from anywhere' },
  {
    keys: '← →',
    does: 'Move the waterline, with Shift five times as far; in a field of money the same with ↑ ↓',
  },
  { keys: 't', does: 'The waterline as a table, and back (when it has the focus)' },
  { keys: 'Enter', does: 'Open the bottle that has the focus' },
  { keys: 'Space, Enter or Page Down', does: 'The next step of a round (a pedal that turns pages, too)' },
  { keys: 'Backspace or Page Up', does: 'One step back in a round' },
  { keys: 'Space, held', does: 'Pour by count, in Practice; 1 to 4 answer a card there' },
  { keys: 'Esc', does: 'Close what is open' },
  { keys: 'u or Ctrl z', does: 'Undo the last change' },
  { keys: 'Shift u or Ctrl Shift z', does: 'Do it again' },
  { keys: '?', does: 'This list' },
];

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      target.matches('input:not([type=radio]):not([type=checkbox]), textarea, select'))
  );
}

/** Digits go to steps, `/` finds, `u` undoes, `?` lists the keys; none of them while typing. */
export function useShortcuts(showKeys: () => void): void {
  const router = useRouter();
  const keeper = useKeeper();

  /** What was typed after the slash while the Notebook is still on its way; undefined when it is not. */
  let typedAhead: string | undefined;

  /** Into the search field, so that no letter typed after the slash is lost. */
  function find(): void {
    const field = document.querySelector<HTMLInputElement>('#find');
    if (field) {
      field.focus();
      field.select();
      if (typedAhead) {
        field.value = typedAhead;
        field.dispatchEvent(new Event('input'));
      }
      typedAhead = undefined;
    } else if (typedAhead === undefined) {
      typedAhead = '';
      void router.push('/notebook').then(() => requestAnimationFrame(find));
    } else requestAnimationFrame(find);
  }

  function onKey(event: KeyboardEvent): void {
    if (event.altKey || isTyping(event.target)) return;
    if (event.ctrlKey || event.metaKey) {
      // The way most know; in a field it is the field's own.
      if (event.key.toLowerCase() !== 'z') return;
      void (event.shiftKey ? keeper.redo() : keeper.undo());
      event.preventDefault();
      return;
    }
    if (typedAhead !== undefined) {
      if (event.key.length === 1) typedAhead += event.key;
      if (event.key === 'Backspace') typedAhead = typedAhead.slice(0, -1);
      event.preventDefault();
      return;
    }
    const step = STEPS.find((s) => s.digit === event.key);
    // Whoever reads a sheet over the page stays there.
    if (step && document.querySelector('[role=dialog]')) return;
    // Nor is whoever answers by number taken elsewhere.
    if (step && document.querySelector('[data-takes-digits]') && '1234'.includes(step.digit)) return;
    if (step) void router.push(step.path);
    else if (event.key === '?') showKeys();
    else if (event.key === 'u') void keeper.undo();
    else if (event.key === 'U') void keeper.redo();
    else if (event.key === '/') find();
    else return;
    event.preventDefault();
  }

  onMounted(() => addEventListener('keydown', onKey));
  onBeforeUnmount(() => removeEventListener('keydown', onKey));
}
