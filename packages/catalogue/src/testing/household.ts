import type { Catalogue } from '@uisce/core/catalogue';
import { ownKindSchema, type OwnKind } from '@uisce/core/notebook';
import type { Limits } from '@uisce/core/drink';
import {
  eveningSchema,
  type MenuQuestion,
  menuQuestion,
  type Evening,
  type Guest,
} from '@uisce/core/evening';
import { emptyKit, needIndex } from '@uisce/core/kit';
import type { BatchRecord } from '@uisce/core/bench';
import { atHome } from '@uisce/core/household';
import { pourablesOnce } from '@uisce/core/pouring';
import { withBatchesPriced } from '@uisce/core/prices';
import { bottleThere, type Bottle } from '@uisce/core/stock';
import { loadCatalogue, loadPriceLists } from '../load.js';

/** The shipped library, and a shop in euro that sells what it asks for. */
export const { catalogue: shipped } = loadCatalogue();
const [shop] = loadPriceLists(shipped).filter((s) => s.currency === 'EUR');
if (shop === undefined) throw new Error('a shop sells in euro');
const prices = withBatchesPriced(shop, shipped);

export const TODAY = '2026-11-26';
export const ID = (n: number): string => `7a1b0c52-0d5f-4a63-9d0e-${String(n).padStart(12, '0')}`;

/** A bottle of 70 cl with so much in it. */
export function testBottle(n: number, kind: string, leftMl = 700): Bottle {
  return { ...bottleThere(ID(n), kind), sizeMl: 700, leftMl };
}

/** Somebody who comes, with what they cannot have. */
export function guestOf({ allergens = [], without = [], noAlcohol = false }: Partial<Limits>): Guest {
  return {
    id: ID(900),
    name: 'Colm',
    count: 1,
    likes: [],
    dislikes: [],
    drives: false,
    allergens: [...allergens],
    without: [...without],
    noAlcohol,
  };
}

/** An evening with these guests, whose menu is settled. */
export function testEvening(guests: Guest[], must: string[]): Evening {
  return eveningSchema.parse({
    id: ID(901),
    name: 'Six',
    on: '2026-12-05',
    from: '20:00',
    hours: 3,
    guests,
    must,
    size: Math.max(1, Math.min(6, must.length)),
    never: [],
    atWork: false,
    freezerLitres: null,
    done: [],
    endedOn: null,
  });
}

/** A household, put together as the server and the page put it together. */
export function householdOf(
  catalogue: Catalogue,
  bottles: Bottle[],
  batches: BatchRecord[],
  minMatch: number,
) {
  const here = atHome({ catalogue, bottles, batches, kit: emptyKit(), houseSyrupRatio: null, today: TODAY });
  return { ...here, catalogue, prices, ready: pourablesOnce(catalogue, minMatch), minMatch };
}

/** The card that is looked for in a household, for one guest. */
export function menuFor(house: ReturnType<typeof householdOf>, guest: Guest): MenuQuestion {
  return menuQuestion({
    ...house,
    guests: [guest],
    needs: needIndex(house.catalogue),
    size: 4,
    must: [],
    never: [],
    pours: 4,
    order: ['seats', 'money', 'parts', 'work', 'variety'],
  });
}

/** An ingredient of the household's own, of which nobody has said what it holds unless it is said. */
export function own(id: string, parent: string, more: object = {}): OwnKind {
  const abv = shipped.kinds.find((k) => k.id === parent)?.abv ?? 0;
  return ownKindSchema.parse({
    id: `own-${id}`,
    name: id,
    parent,
    job: 'base',
    supply: 'bottle',
    abv,
    allergensStated: false,
    ...more,
  });
}
