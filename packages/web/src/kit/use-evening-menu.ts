import { createSharedComposable } from '@vueuse/core';
import { ref, watch } from 'vue';
import { useAnswer } from '../solver/use-answer';
import { useCatalogue } from '../household/use-catalogue';

/** Three or four drinks on a menu (common practice). */
const USUAL_MENU = 4;
const USUAL_GUESTS = 6;

/** The menu and the guests that glasses and ice are counted for, from one drink of each glass to begin with. */
export const useEveningMenu = createSharedComposable(() => {
  const answers = useAnswer();
  const catalogue = useCatalogue();
  const guests = ref(USUAL_GUESTS);
  const menu = ref<string[]>([]);

  watch(
    () => answers.result,
    () => {
      const open = new Set(answers.made.map((d) => d.id));
      const kept = menu.value.filter((id) => open.has(id));
      if (kept.length > 0) {
        if (kept.length < menu.value.length) menu.value = kept;
        return;
      }
      const glasses = new Map<string, string>();
      for (const recipe of catalogue.all.recipes)
        if (open.has(recipe.id) && recipe.canon === 'core' && !glasses.has(recipe.glass))
          glasses.set(recipe.glass, recipe.id);
      menu.value = [...glasses.values()].slice(0, USUAL_MENU);
    },
    { immediate: true },
  );

  return { menu, guests };
});
