import { listed, withArticle } from '@uisce/core/base';
import type { FlashcardChoice, MethodReason, SpecFlashcard } from '@uisce/core/practice';
import { useCatalogue } from '../household/use-catalogue';
import { METHOD_WORDS } from '../words/trade-words';
import { useWords } from '../words/use-words';

const REASONS: Record<MethodReason, string> = {
  cloudy: 'juice, cream or egg wants air and cold',
  clear: 'nothing in it is cloudy, and it is to stay so',
  fizzy: 'bubbles would be lost in a tin',
  egg: 'egg foams best before the ice',
  crushed: 'the ice is to be turned until the glass frosts',
  smooth: 'it is to be smooth with its ice',
  layers: 'each part is to lie on the next',
  hot: 'it is drunk hot',
  plain: 'it is mixed where it is drunk',
};

/** Cards in words. */
export function useFlashcardWords() {
  const catalogue = useCatalogue();
  const words = useWords();
  const kind = (id: string) => catalogue.kindInSentence(id);
  const drink = (card: SpecFlashcard) => catalogue.recipes.get(card.drink)?.name ?? card.drink;

  function question(card: SpecFlashcard): string {
    switch (card.ask) {
      case 'parts':
        return `What goes into ${withArticle(drink(card))}?`;
      case 'amount':
        return `How much ${kind(card.about ?? '')} in ${withArticle(drink(card))}?`;
      case 'glass':
        return `Which glass for ${withArticle(drink(card))}?`;
      case 'method':
        return `How is ${withArticle(drink(card))} made, and why?`;
      case 'wrong':
        return `What is wrong with this ${drink(card)}?`;
    }
  }
  function say(choice: FlashcardChoice): string {
    switch (choice.is) {
      case 'kinds':
        return listed(choice.kinds.map(kind));
      case 'amount':
        return words.volume(choice.ml);
      case 'glass':
        return catalogue.glassInSentence(choice.glass);
      case 'method':
        return `${METHOD_WORDS[choice.method]}: ${REASONS[choice.reason]}`;
      case 'part':
        return `the ${kind(choice.kind)}`;
    }
  }
  return { question, say, drink };
}
