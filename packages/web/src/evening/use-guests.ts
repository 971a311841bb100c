import { computed, ref } from 'vue';
import { contradictionsOf, newGuest, thirstOf, usualThirst, type Guest } from '@uisce/core/evening';
import type { Person } from '@uisce/core/household';
import { useEvenings } from '../household/use-evenings';
import { useLog } from '../household/use-log';
import { listed } from '../words/use-words';
import { ALLERGEN_WORDS } from '../words/trade-words';
import { useEvening } from './use-evening';

/** What a guest likes and cannot have, in a line. */
export function say(g: Guest, nameOf: (kind: string) => string): string {
  return [
    g.count > 1 ? `${g.count} people` : '',
    g.drives ? 'drives' : g.noAlcohol ? 'no alcohol' : '',
    g.likes.length > 0 ? `likes ${g.likes.join(', ')}` : '',
    g.dislikes.length > 0 ? `nothing ${g.dislikes.join(', ')}` : '',
    g.without.length > 0 ? `no ${listed(g.without.map(nameOf))}` : '',
    g.allergens.length > 0 ? `no ${g.allergens.map((a) => ALLERGEN_WORDS[a]).join(', ')}` : '',
  ]
    .filter(Boolean)
    .join('; ');
}

/** One guest in a dialog: begun, mended, kept among those who come, or taken out. */
export function useGuestDraft() {
  const evenings = useEvenings();
  const log = useLog();
  const { evening } = useEvening();
  const open = ref(false);
  const draft = ref<Guest>();
  const trouble = ref('');
  /** Whether the household keeps them in its book. */
  const inBook = ref(false);
  function edit(guest: Guest): void {
    draft.value = { ...guest };
    inBook.value = false;
    trouble.value = '';
    open.value = true;
  }
  const add = (more: Partial<Guest> = {}) => edit(newGuest({ id: crypto.randomUUID(), ...more }));
  function keep(): void {
    const guest = draft.value;
    const e = evening.value;
    if (!guest || !e) return;
    const name = guest.name.trim();
    trouble.value = name === '' ? 'Give a name, or say “three more”.' : '';
    if (trouble.value) return;
    const there = e.guests.some((g) => g.id === guest.id);
    const guests = there
      ? e.guests.map((g) => (g.id === guest.id ? { ...guest, name } : g))
      : [...e.guests, { ...guest, name }];
    evenings.edit(there ? `What ${name} likes` : `${name} comes`, { guests });
    if (inBook.value) evenings.keepInBook({ ...guest, name });
    open.value = false;
  }
  /** Out of the book, and nameless in all that was. */
  async function forget(): Promise<void> {
    if (draft.value) await evenings.forget(draft.value.name);
    open.value = false;
  }
  /** What they like and will not have. */
  const against = computed(() => (draft.value ? contradictionsOf(draft.value) : []));
  const isKnown = computed(() => log.people.some((p) => p.name === draft.value?.name));
  function remove(): void {
    const guest = draft.value;
    if (guest && evening.value)
      evenings.edit(`${guest.name} does not come`, {
        guests: evening.value.guests.filter((g) => g.id !== guest.id),
      });
    open.value = false;
  }
  /** What the book knows of somebody. */
  const fromBook = ({ id: _id, limit: _limit, ...known }: Person): void => add(known);

  return {
    open,
    draft,
    trouble,
    inBook,
    add,
    edit,
    keep,
    forget,
    against,
    isKnown,
    remove,
    fromBook,
  };
}

/** The evening itself: who of the book does not come yet, how thirsty they are in each hour, and its name. */
export function useParty() {
  const evenings = useEvenings();
  const log = useLog();
  const { evening } = useEvening();
  const thirst = computed(() => (evening.value ? thirstOf(evening.value) : []));
  function setThirst(hour: number, pours: number | null): void {
    const next = thirst.value.map((was, h) => (h === hour ? (pours ?? was) : was));
    const usual = usualThirst(next.length);
    evenings.edit('How thirsty they are', {
      thirst: next.every((n, h) => n === usual[h]) ? null : next,
    });
  }
  /** An evening goes by a name in the calendar and among those that were; without letters it keeps the one it has. */
  function rename(typed: string): void {
    const name = typed.trim();
    if (name !== '' && name !== evening.value?.name)
      evenings.edit(`The evening is called “${name}”`, { name });
  }

  const known = () => log.people.filter((p) => !evening.value?.guests.some((g) => g.name === p.name));
  return { thirst, setThirst, rename, known };
}
