import { upperFirst } from '@uisce/core/base';
import { allToBuy } from '@uisce/core/evening';
import { useLocalStorage } from '@vueuse/core';
import { computed } from 'vue';
import { standardDrink, type InGlass } from '@uisce/core/drink';
import { useHomeNetwork } from '../household/use-home-network';
import { useSettings } from '../household/use-settings';
import { useCatalogue } from '../household/use-catalogue';
import { saveFile } from '../ui/save-file';
import { ALLERGEN_WORDS } from '../words/trade-words';
import { listed, useWords } from '../words/use-words';
import { guestPageAddress } from './guest-link';
import { menuPdf, type MenuLook } from './paper/menu-pdf';
import { listPdf } from './paper/list-pdf';
import { scheduleCalendar } from './paper/schedule-calendar';
import { useEvening } from './use-evening';
import { sayGuests } from './use-evening-sentence';

const PDF = 'application/pdf';

/** What every paper is headed with: the evening's name, and when it is. */
function useHead() {
  const words = useWords();
  const { evening } = useEvening();
  const title = computed(() => evening.value?.name ?? '');
  const when = computed(() =>
    evening.value ? `${words.day(evening.value.on)}, from ${evening.value.from}` : '',
  );
  return { title, when };
}

/** The menu for the table. */
function useMenuPaper() {
  const home = useHomeNetwork();
  const settings = useSettings();
  const catalogue = useCatalogue();
  const words = useWords();
  const { evening, plan } = useEvening();
  const { title, when } = useHead();
  const look = useLocalStorage<MenuLook>('uisce:card-look', 'harbour');
  const namesOf = (kinds: readonly string[]) => [...new Set(kinds.map((k) => catalogue.kindInSentence(k)))];
  function strengthOf({ figures: { abv, ethanolG }, noAlcohol }: InGlass): string {
    if (noAlcohol) return abv === 0 ? 'no alcohol' : 'under 0.5 % vol';
    const standard = standardDrink(settings.current.locale);
    return `${words.percent(abv)} vol, ${words.number(ethanolG / standard.g)} ${standard.word[1]}`;
  }
  async function printMenu(): Promise<void> {
    const drinks = [...(plan.value?.drinks ?? [])]
      .sort((a, b) => b.glasses - a.glasses)
      .map(({ name, glass }) => ({
        name,
        parts: upperFirst(listed(namesOf(glass.parts))),
        strength: strengthOf(glass),
        contains: [
          glass.allergens.length > 0
            ? `contains ${listed(glass.allergens.map((a) => ALLERGEN_WORDS[a]))}`
            : '',
          glass.mayHold.length > 0 ? `may hold ${listed(glass.mayHold.map((a) => ALLERGEN_WORDS[a]))}` : '',
          glass.unknown.length > 0 ? `not known what is in the ${listed(namesOf(glass.unknown))}` : '',
        ]
          .filter(Boolean)
          .join('; '),
      }));
    await home.load();
    const address = guestPageAddress(home.address.value, evening.value?.guestCard ?? null);
    const foot =
      'Tell us what you cannot have. Water is on the table; whoever drives has the ones without alcohol.';
    saveFile(
      'menu.pdf',
      PDF,
      await menuPdf({ title: title.value, under: when.value, drinks, foot, address }, look.value),
    );
  }
  return { look, printMenu };
}

/** The list for the kitchen, and the list for the shop. */
function useListPapers() {
  const catalogue = useCatalogue();
  const words = useWords();
  const { plan, people, ahead, taskName, sayMoment } = useEvening();
  const { title, when } = useHead();
  async function printSchedule(): Promise<void> {
    const days = new Map<string, { text: string; at: string }[]>();
    for (const p of ahead.value) {
      const at = sayMoment(p.begins);
      const day = at.split(' ').slice(0, 2).join(' ');
      days.set(day, [...(days.get(day) ?? []), { text: taskName(p.id), at: at.slice(day.length + 1) }]);
    }
    const parts = [...days].map(([heading, lines]) => ({ heading, lines }));
    const mixed = (plan.value?.batches ?? []).map((b) => ({
      text: `${b.name}: ${listed([...b.batch.parts.map((p) => `${words.volume(Math.round(p.ml))} ${catalogue.kindInSentence(p.kind)}`), `${words.volume(Math.round(b.batch.waterMl))} water`])}`,
      at: `${Math.round(b.batch.glassMl)} ml a glass`,
    }));
    const all = mixed.length > 0 ? [...parts, { heading: 'Mixed ahead', lines: mixed }] : parts;
    const under = `${sayGuests(people.value)}; first glass ${when.value}.`;
    saveFile('before-the-first-glass.pdf', PDF, await listPdf({ title: title.value, under, parts: all }));
  }
  async function printShopping(): Promise<void> {
    const toBuy = allToBuy(plan.value?.missing ?? [], plan.value?.quantities.dressing ?? []).filter(
      (m) => m.ware.is !== 'made',
    );
    const lines = toBuy.map((m) => ({ text: `${m.count} × ${m.label}`, at: words.price(m.priceMinor) }));
    const bags = plan.value?.ice.bags ?? 0;
    const more = bags > 0 ? [{ text: `${bags} × bag of ice, 2 kg`, at: '' }] : [];
    const all = words.price(toBuy.reduce((sum, m) => sum + m.priceMinor, 0));
    const parts = [
      { heading: `${catalogue.prices?.name ?? 'The shop'}: ${all}`, lines: [...lines, ...more] },
    ];
    saveFile(
      'shopping.pdf',
      PDF,
      await listPdf({ title: 'Shopping', under: `For ${title.value}, ${when.value}.`, parts }),
    );
  }
  return { printSchedule, printShopping };
}

/** On paper and in the calendar: the menu for the table, the list for the kitchen, the list for the shop, the schedule with alarms. */
export function usePapers() {
  const { evening, plan, ahead, taskName, momentOf, firstGlass } = useEvening();
  async function toCalendar(): Promise<void> {
    const e = evening.value;
    const from = firstGlass.value;
    if (!e || !from) return;
    const to = new Date(from.getTime() + e.hours * 3_600_000);
    const tasks = ahead.value.map((p) => ({
      id: p.id,
      name: taskName(p.id),
      begins: momentOf(p.begins),
      ends: momentOf(p.ends),
    }));
    const about = listed((plan.value?.drinks ?? []).map((d) => d.name));
    const text = await scheduleCalendar({ id: e.id, name: e.name, about, from, to }, tasks);
    saveFile('evening.ics', 'text/calendar', text);
  }

  return { ...useMenuPaper(), ...useListPapers(), toCalendar };
}
