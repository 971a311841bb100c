import { afterEach, describe, expect, it, vi } from 'vitest';
import type { VueWrapper } from '@vue/test-utils';
import { mounted } from '../testing/mounted';
import CheckField from './CheckField.vue';
import ChoiceRow from './ChoiceRow.vue';
import DataTable from './DataTable.vue';
import MoneyField from './MoneyField.vue';
import NumberField from './NumberField.vue';
import TabRow from './TabRow.vue';

let page: VueWrapper | undefined;
afterEach(() => page?.unmount());

describe('a number', () => {
  const field = (more: object = {}) =>
    (page = mounted(NumberField, {
      label: 'Length',
      suffix: 'cm',
      value: 92,
      least: 20,
      most: 1000,
      ...more,
    }));

  it('counts as soon as it reads as one, with a comma or a point', async () => {
    const input = field().get('input');
    await input.setValue('80,5');
    expect(page?.emitted('change')).toEqual([[80.5]]);
  });

  it('that is none, too small or too large stays in the field with its reason, and counts for nothing', async () => {
    const input = field().get('input');
    for (const typed of ['a lot', '5', '5000', '']) {
      await input.setValue(typed);
      expect(page?.text()).toContain('Type a number from 20 to 1000.');
      expect(input.element.value).toBe(typed);
    }
    expect(page?.emitted('change')).toBeUndefined();
    await input.setValue('100');
    expect(page?.text()).not.toContain('Type a number');
  });

  it('may be nothing where that is an answer', async () => {
    await field({ optional: true }).get('input').setValue('');
    expect(page?.emitted('change')).toEqual([[null]]);
  });
});

describe('money', () => {
  it('is read as the region writes it, counts at once, and is written again when the field is left', async () => {
    page = mounted(MoneyField, { label: 'Now', minor: 24_000 });
    const input = page.get('input');
    expect(input.element.value).toBe('€240');
    await input.trigger('focus');
    await input.setValue('17,50');
    expect(page.emitted('change')).toEqual([[1750]]);
    await page.setProps({ minor: 1750 });
    await input.trigger('blur');
    expect(input.element.value).toBe('€17.50');
  });

  it('that is none says why, and nothing of it is lost', async () => {
    page = mounted(MoneyField, { label: 'Now', minor: 24_000 });
    await page.get('input').setValue('-5');
    expect(page.text()).toContain('Money cannot be less than nothing.');
    expect(page.get('input').element.value).toBe('-5');
    expect(page.emitted('change')).toBeUndefined();
  });
});

describe('choices', () => {
  const choices = [
    { value: 'day', words: 'Day' },
    { value: 'night', words: 'Night', note: 'for a dim room' },
  ];

  it('in a row are radios under a legend, and say which is chosen', async () => {
    page = mounted(ChoiceRow, { name: 'light', legend: 'Light', value: 'day', choices });
    expect(page.get('legend').text()).toBe('Light');
    const [day, night] = page.findAll('input');
    expect(day?.element.checked).toBe(true);
    await night?.trigger('change');
    expect(page.emitted('choose')).toEqual([['night']]);
  });

  it('as tabs show one, and their notes', async () => {
    page = mounted(TabRow, { name: 'light', legend: 'Light', choices, modelValue: 'day' });
    expect(page.findAll('label').map((l) => [l.text(), l.classes('on')])).toEqual([
      ['Day', true],
      ['Night for a dim room', false],
    ]);
    await page.findAll('input')[1]?.setValue(true);
    expect(page.emitted('update:modelValue')).toEqual([['night']]);
  });

  it('a check is read out with what it is about', async () => {
    page = mounted(CheckField, { label: 'draw', about: 'beside the waterline', modelValue: false });
    expect(page.get('label').text().replace(/\s+/g, ' ')).toBe('draw beside the waterline');
    await page.get('input').setValue(true);
    expect(page.emitted('update:modelValue')).toEqual([[true]]);
  });
});

describe('a table', () => {
  const columns = [
    { key: 'what', title: 'What', names: true },
    { key: 'price', title: 'Price', figures: true },
  ];
  const rows = [
    { what: 'gin', price: '€17.50' },
    { what: 'rum', price: '€16.00' },
  ];

  it('has a caption, headings, a heading for each row, and its figures at the end', () => {
    page = mounted(DataTable, {
      caption: 'Prices',
      columns,
      rows,
      rowKey: (row: { what: string }) => row.what,
    });
    expect(page.get('caption').text()).toBe('Prices');
    expect(page.findAll('thead th').map((th) => th.text())).toEqual(['What', 'Price']);
    expect(page.findAll('tbody th').map((th) => [th.text(), th.attributes('scope')])).toEqual([
      ['gin', 'row'],
      ['rum', 'row'],
    ]);
    expect(page.findAll('td').every((td) => td.classes('figures'))).toBe(true);
  });

  it('that scrolls can be reached by keyboard, and says what it is', () => {
    const rowKey = vi.fn((_: unknown, i: number) => i);
    page = mounted(DataTable, { caption: 'Prices', columns, rows, rowKey, most: 200 });
    expect(page.get('[role=region]').attributes()).toMatchObject({ tabindex: '0', 'aria-label': 'Prices' });
    expect(rowKey).toHaveBeenCalledTimes(2);
  });
});
