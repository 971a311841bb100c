import { useClipboard } from '@vueuse/core';
import { computed } from 'vue';
import { useNotices } from '../kept/use-notices';
import { useCatalogue } from '../household/use-catalogue';
import { count, useWords } from '../words/use-words';
import { useEvening } from './use-evening';

const MOST = 4;

/** Who is asked for what, so that the menu lacks least and adds most; with a message to copy. */
export function useBring() {
  const notices = useNotices();
  const catalogue = useCatalogue();
  const words = useWords();
  const { evening, plan, missingMinor } = useEvening();
  const { copy } = useClipboard({ legacy: true });
  /** Bottles for those who drink; whoever drives or drinks nothing with alcohol is asked for ice or fruit. */
  const asked = computed(() => {
    const e = evening.value;
    const p = plan.value;
    if (!e || !p) return [];
    const day = words.weekday(e.on);
    const bringers = e.guests.filter((g) => !g.drives && !g.noAlcohol);
    const bottles = p.bring.slice(0, Math.min(MOST, Math.max(1, bringers.length))).map((b, i) => {
      const name = catalogue.kindInSentence(b.kind);
      const who = bringers[i]?.name ?? 'somebody';
      const adds = b.adds > 0 ? `adds ${b.adds} for this party` : '';
      const saves = b.savesMinor > 0 ? `saves ${words.price(b.savesMinor)}` : '';
      const then =
        b.thenMinor < missingMinor.value - b.savesMinor
          ? `with it another menu lacks ${words.price(b.thenMinor)}`
          : '';
      return {
        id: b.kind,
        who,
        what: name,
        why: [saves, adds, then].filter(Boolean).join(' · '),
        text: `Hello ${who}! ${day} from ${e.from} at ours: if you would like to bring something, a bottle of ${name} would be lovely${b.adds > 0 ? `; we could make ${count(b.adds, 'drink')} more with it` : ''}. There will be food and water, and plenty without alcohol.`,
      };
    });
    const sober = e.guests
      .filter((g) => g.drives || g.noAlcohol)
      .map((g, i) => {
        const what =
          i === 0 && p.ice.bags > 0
            ? `${count(p.ice.bags, 'bag')} of ice`
            : 'some fruit: limes, lemons or an orange';
        return {
          id: g.id,
          who: g.name,
          what,
          why: g.drives ? 'drives' : 'drinks no alcohol',
          text: `Hello ${g.name}! ${day} from ${e.from} at ours: could you bring ${what}? There will be drinks without alcohol that are worth the way, and food.`,
        };
      });
    return [...bottles, ...sober].map((a) => ({ ...a, text: a.text.slice(0, 500) }));
  });
  async function take(text: string, who: string): Promise<void> {
    await copy(text);
    notices.say(`The message to ${who} is copied`);
  }

  return { asked, take };
}
