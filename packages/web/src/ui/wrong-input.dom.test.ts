import { describe, expect, it } from 'vitest';
import { leadsToWrongInput } from './wrong-input';

describe('keeping a form', () => {
  it('leads to what could not be read, and is free where all could', () => {
    document.body.innerHTML =
      '<form><input id="good" /><div class="v-input--error"><input id="wrong" /></div></form>';
    const form = document.querySelector('form');
    expect([leadsToWrongInput(form), document.activeElement?.id]).toEqual([true, 'wrong']);
    form?.querySelector('div')?.classList.remove('v-input--error');
    expect([leadsToWrongInput(form), leadsToWrongInput(undefined)]).toEqual([false, false]);
  });
});
