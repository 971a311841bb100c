import ICAL from 'ical.js';
import { PDFDocument } from 'pdf-lib';
import { describe, expect, it } from 'vitest';
import { MENU_LOOKS, menuPdf } from './menu-pdf';
import { listPdf } from './list-pdf';
import { scheduleCalendar } from './schedule-calendar';

const at = (iso: string) => new Date(iso);

describe('the schedule in a calendar', () => {
  // RFC 5545, read back by a library of another make.
  it('has every task at its moment with an alarm, and the evening itself, as another library reads it', async () => {
    const text = await scheduleCalendar(
      {
        id: 'e1',
        name: 'Saturday; at ours',
        about: 'Daiquiri, Gin and tonic',
        from: at('2026-11-28T20:00:00Z'),
        to: at('2026-11-29T00:00:00Z'),
      },
      [
        {
          id: 'fill.tray.1',
          name: 'Fill the trays, 1 of 2',
          begins: at('2026-11-27T17:45:00Z'),
          ends: at('2026-11-27T17:50:00Z'),
        },
        {
          id: 'squeeze',
          name: 'Lime juice',
          begins: at('2026-11-28T18:30:00Z'),
          ends: at('2026-11-28T18:50:00Z'),
        },
      ],
    );
    const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent');
    const read = events.map((e) => new ICAL.Event(e));
    expect(read.map((e) => [e.summary, e.startDate.toJSDate().toISOString()])).toEqual([
      ['Fill the trays, 1 of 2', '2026-11-27T17:45:00.000Z'],
      ['Lime juice', '2026-11-28T18:30:00.000Z'],
      ['Saturday; at ours', '2026-11-28T20:00:00.000Z'],
    ]);
    expect(read[1]?.duration.toSeconds()).toBe(20 * 60);
    expect(read[2]?.description).toBe('Daiquiri, Gin and tonic');
    const alarms = events.map((e) => e.getFirstSubcomponent('valarm')?.getFirstPropertyValue('trigger'));
    expect(alarms.map((a) => (a as ICAL.Duration).toSeconds())).toEqual([-300, -300, -3600]);
  });
});

describe('on paper', () => {
  const drink = (name: string) => ({
    name,
    parts: 'White rum, lime juice and simple syrup, with a long list of other things that no line holds',
    strength: '19.5 % vol, 1.8 standard drinks',
    contains: 'contains egg',
  });

  it.each(MENU_LOOKS.map((l) => l.value))(
    'the menu is one sheet, however much is on it (%s)',
    async (look) => {
      const few = await menuPdf(
        { title: 'Saturday', under: 'from 20:00', drinks: [drink('Daiquiri')], foot: 'Tell us.' },
        look,
      );
      const many = await menuPdf(
        {
          title: 'Saturday',
          under: 'from 20:00',
          drinks: Array.from({ length: 6 }, (_, i) => drink(`Drink ${i} ♥`)),
          foot: 'Tell us.',
        },
        look,
      );
      const coded = await menuPdf(
        {
          title: 'Saturday',
          under: 'from 20:00',
          drinks: [drink('Daiquiri')],
          foot: 'Tell us.',
          address: `https://kitchen.local:4872/card/${'k'.repeat(32)}`,
        },
        look,
      );
      for (const bytes of [few, many, coded]) expect((await PDFDocument.load(bytes)).getPageCount()).toBe(1);
      // Some hundred squares more.
      expect(coded.length).toBeGreaterThan(few.length + 1000);
      expect(many.length).toBeGreaterThan(few.length);
    },
  );

  it('a long list goes on on another sheet', async () => {
    const lines = Array.from({ length: 80 }, (_, i) => ({ text: `Thing ${i}`, at: '18:30' }));
    const bytes = await listPdf({
      title: 'Before',
      under: 'Six guests.',
      parts: [{ heading: 'Fri', lines }],
    });
    expect((await PDFDocument.load(bytes)).getPageCount()).toBe(3);
  });
});
