import type { ErrandLine, Trips } from '@uisce/core/errand';
import type { Bottle } from '@uisce/core/stock';

export const LANTERN = 'lantern-store';
const HARBOUR = 'harbour-wines';
/** The way round the harbour, by bus. */
export const TRIPS: Trips = {
  goesTo: [HARBOUR],
  trips: [{ shop: HARBOUR, tripMinor: 200, minutes: 14 }],
  hourMinor: null,
};

/** What is known of a bottle beside its purchase; what was poured from it is in the log. */
export type Since = Partial<Pick<Bottle, 'place' | 'emptyG'>>;

/** Errands of the last months: days ago, shop, and what was bought, by its id in the shop's list. */
export const BEFORE: readonly { ago: number; shop: string; bought: readonly [id: string, since: Since][] }[] =
  [
    {
      ago: 64,
      shop: LANTERN,
      bought: [
        ['dry-gin-70', { emptyG: 462 }],
        ['dry-vermouth-37', { place: 'fridge' }],
        ['maraschino-50', {}],
      ],
    },
    {
      ago: 40,
      shop: HARBOUR,
      bought: [
        ['irish-whiskey-70', {}],
        ['triple-sec-50', {}],
        ['orange-bitters-10', {}],
      ],
    },
    {
      ago: 9,
      shop: LANTERN,
      bought: [
        ['dry-gin-70', { emptyG: 462 }],
        ['sweet-vermouth-37', { place: 'fridge' }],
        ['soda-water-80', { place: 'cupboard' }],
        ['tonic-water-80', { place: 'cupboard' }],
        ['ginger-beer-80', { place: 'cupboard' }],
        ['lime-juice', {}],
        ['lemon-juice', {}],
      ],
    },
  ];

/** The list that is half done: what the plan buys, with what was found in the shop. */
export const UNDER_WAY: readonly (readonly [id: string, found?: Partial<ErrandLine>])[] = [
  ['tool-fine-strainer', { state: 'basket' }],
  ['tool-citrus-press', { state: 'basket' }],
  ['glass-coupe-2', { state: 'basket' }],
  ['tool-ice-bag-and-mallet', { state: 'basket' }],
  ['vodka-70', { state: 'basket', foundMinor: 1450, onOffer: true }],
  ['white-rum-35', { state: 'basket' }],
  ['dark-rum-35'],
  ['blanco-tequila-35'],
  ['bourbon-70', { state: 'basket' }],
  ['grape-brandy-35', { state: 'missing' }],
  ['fino-sherry-37'],
  ['sparkling-wine-20'],
  ['white-wine-18'],
  ['red-wine-18'],
  ['red-bitter-35'],
  ['triple-sec-35'],
  ['blackcurrant-liqueur-35'],
  ['cola-66'],
  ['cranberry-juice-100'],
  ['pineapple-juice-100'],
  ['tomato-juice-75'],
  ['hot-sauce-6'],
  ['savoury-sauce-15'],
  ['grenadine-50'],
  ['apple-juice-100'],
  ['pack:white-sugar'],
  ['pack:cane-sugar'],
  ['pack:honey'],
  ['pack:passion-fruit'],
];
