import { useLocalStorage } from '@vueuse/core';
import { computed, ref } from 'vue';
import { problemDetailsSchema, upperFirst } from '@uisce/core/base';
import {
  cannotServe,
  guestViewSchema,
  type GuestAsked,
  type GuestDrink,
  type GuestView,
} from '@uisce/core/evening';

/** What a guest has said of themselves, on this telephone alone until they ask for something. */
interface Me extends Pick<GuestAsked, 'name' | 'cannot' | 'without' | 'noAlcohol'> {
  asked: { drink: string; at: string }[];
}

const AWAY = 'The house does not answer: are you in its network?';

/** The menu of a key: read anew when it is looked at, and asked from. */
export function useGuestPage(key: string) {
  const view = ref<GuestView>();
  const trouble = ref('');
  const said = ref('');
  const me = useLocalStorage<Me>(
    `uisce:guest:${key.slice(0, 8)}`,
    { name: '', cannot: [], without: [], noAlcohol: false, asked: [] },
    // What an earlier release kept lacks what is new.
    { mergeDefaults: true },
  );

  async function call(path: string, options: RequestInit = {}): Promise<Response | undefined> {
    trouble.value = '';
    const answer = await fetch(`/api/guest-page/${key}${path}`, options).catch(() => undefined);
    if (answer?.ok) return answer;
    const problem = problemDetailsSchema.safeParse(await answer?.json().catch(() => undefined));
    const words = answer === undefined ? AWAY : (problem.data?.detail ?? 'That did not work: ask the house');
    trouble.value = upperFirst(words);
    return undefined;
  }
  async function load(): Promise<void> {
    const answer = await call('');
    if (answer) view.value = guestViewSchema.parse(await answer.json());
  }
  const nameOf = (kind: string) => view.value?.ingredients.find((i) => i.id === kind)?.name ?? kind;
  /** Why somebody is not offered a drink; empty where nothing speaks against it. */
  const against = (drink: GuestDrink) => cannotServe(me.value, drink, nameOf) ?? '';
  const isNamed = computed(() => me.value.name.trim() !== '');

  async function ask(drink: GuestDrink): Promise<void> {
    said.value = '';
    const { name, cannot, without, noAlcohol } = me.value;
    const body: GuestAsked = { name: name.trim(), cannot, without, noAlcohol, drink: drink.id };
    const answer = await call('/asks', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (!answer) return;
    me.value.asked = [{ drink: drink.name, at: new Date().toISOString() }, ...me.value.asked].slice(0, 20);
    said.value = `${drink.name} for ${body.name}: the house knows.`;
  }

  return { view, trouble, said, me, isNamed, load, against, ask };
}
