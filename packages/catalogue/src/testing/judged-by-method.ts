/** More glasses, one at least for each way that a drink is made, with what is judged by (common practice). */
export const JUDGED_WITH_REASON: readonly [drink: string, because: string, steps: string][] = [
  [
    'ti-punch',
    'lime pressed with its syrup, then the spirit; no ice, and stirred until the syrup is gone',
    'chill · lime-whole · simple-syrup · press · rhum-agricole · stir 8 · garnish',
  ],
  [
    'rye-julep',
    'one rule for juleps: mint bruised with the syrup, crushed ice, churned until the cup frosts',
    'mint · rich-syrup · press lightly · rye · crushed in glass · churn · garnish',
  ],
  [
    'peach-julep',
    'where there is no syrup the liqueur wets the mint; the spirit never does',
    'mint · peach-liqueur · press lightly · cognac · crushed in glass · churn · garnish',
  ],
  [
    'apple-julep',
    'juice after the ice, and all of it churned',
    'mint · demerara-syrup · press lightly · apple-brandy · crushed in glass · top apple-juice · churn · garnish',
  ],
  [
    'sparkling-julep',
    'bubbles after the ice, lifted once: nothing carbonated is churned',
    'mint · simple-syrup · press lightly · cognac · crushed in glass · top sparkling-wine · lift · garnish',
  ],
  [
    'strawberry-mojito',
    'fruit among the herbs: pressed firmly, soda last',
    'squeeze lime-juice · mint · strawberry · simple-syrup · press · lime-juice · white-rum · crushed in glass · top soda-water · lift · garnish',
  ],
  [
    'mulled-wine',
    'heated together below the boil and strained; nothing is heated in a mug',
    'warm · mulling-spice · simple-syrup · orange-slice · red-wine · heat · strain · garnish',
  ],
  [
    'mulled-cider',
    'the same without fruit',
    'warm · mulling-spice · demerara-syrup · dry-cider · heat · strain · garnish',
  ],
  [
    'hot-apple-rum',
    'the juice is heated, the rum waits in the warm mug: heated, it loses its alcohol and may catch fire',
    'squeeze lemon-juice · warm · lemon-juice · apple-juice · dark-rum · heat · strain · garnish',
  ],
  [
    'hot-spiced-apple',
    'no alcohol: all of it into the pan',
    'squeeze lemon-juice · warm · mulling-spice · honey-syrup · lemon-juice · apple-juice · heat · strain · garnish',
  ],
  [
    'batter-eggnog',
    'the egg is beaten with its sugar first and the hot milk comes last: the other way about it scrambles',
    'warm · whole-egg · simple-syrup · beat whole-egg+simple-syrup · cognac · aged-rum · hot-milk · stir 8 · garnish',
  ],
  [
    'hot-buttered-rum',
    'butter and sugar before the rum, boiling water last, which melts them',
    'warm · demerara-syrup · butter · dark-rum · hot-water · stir 8 · garnish',
  ],
  ['honey-milk', 'honey first: hot milk dissolves it', 'warm · honey-syrup · hot-milk · stir 8 · garnish'],
  [
    'hot-port',
    'hot water from the kettle on the wine in its warm mug',
    'squeeze lemon-juice · warm · lemon-juice · red-port · hot-water · stir 8 · garnish',
  ],
  [
    'tea-toddy',
    'tea comes hot',
    'squeeze lemon-juice · warm · honey-syrup · lemon-juice · aged-rum · black-tea · stir 8 · garnish',
  ],
  [
    'agave-coffee',
    'cream whipped lightly, so that it floats',
    'warm · coffee-liqueur · reposado-tequila · hot-coffee · stir 8 · whip cream · float cream',
  ],
  [
    'corn-n-oil',
    'the rum comes last and lies on top',
    'squeeze lime-juice · aromatic-bitters · lime-juice · falernum · crushed in glass · churn · float dark-rum · garnish',
  ],
  [
    'anise-and-water',
    'spirit, cold water, ice last: on ice anise comes out in flakes',
    'anise-spirit · top still-water · ice in glass',
  ],
  [
    'anise-and-mint',
    'the same with a liqueur',
    'green-mint · anise-spirit · top still-water · ice in glass · garnish',
  ],
  [
    'eggnog',
    'a whole egg too is shaken dry first',
    'whole-egg · simple-syrup · milk · aged-rum · cognac · dry-shake · ice in glass · on ice · shake 12 · strain · garnish',
  ],
  [
    'porto-flip',
    'and a yolk',
    'chill · egg-yolk · grape-brandy · red-port · dry-shake · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'green-tea-sour',
    'what foams in the place of egg too',
    'squeeze lemon-juice · honey-syrup · lemon-juice · aquafaba · green-tea · dry-shake · ice in glass · on ice · shake 12 · strain · garnish',
  ],
  [
    'spicy-margarita',
    'what was muddled is strained twice, though there is ice in the glass',
    'squeeze lime-juice · rim · chilli · agave-syrup · press · lime-juice · triple-sec · blanco-tequila · ice in glass · on ice · shake 12 · strain twice',
  ],
  [
    'gin-gin-mule',
    'herbs bruised in the tin, ginger beer last and never shaken',
    'squeeze lime-juice · mint · simple-syrup · press lightly · lime-juice · dry-gin · ice in glass · on ice · shake 12 · strain twice · top ginger-beer · garnish',
  ],
  [
    'sherry-cobbler',
    'orange pressed with the syrup, shaken, onto fresh crushed ice',
    'orange-slice · simple-syrup · press · amontillado-sherry · on ice · shake 12 · crushed in glass · strain twice · garnish',
  ],
  [
    'blackberry-smash',
    'berries pressed firmly, strained twice',
    'squeeze lemon-juice · blackberries · simple-syrup · press · lemon-juice · bourbon · ice in glass · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'southside',
    'mint bruised, strained twice into a cold glass',
    'squeeze lemon-juice · chill · mint · simple-syrup · press lightly · lemon-juice · dry-gin · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'ramos-fizz',
    'egg before all, spirit last, shaken dry first; no ice in the glass, soda last',
    'squeeze lime-juice · squeeze lemon-juice · chill · egg-white · orange-flower-water · simple-syrup · lime-juice · lemon-juice · cream · dry-gin · dry-shake · on ice · shake 12 · strain · top soda-water',
  ],
  [
    'silver-fizz',
    'a fizz with egg white',
    'squeeze lemon-juice · chill · egg-white · simple-syrup · lemon-juice · dry-gin · dry-shake · on ice · shake 12 · strain · top soda-water',
  ],
  [
    'zombie',
    'drops, syrups, juice, liqueur, then the rums; onto crushed ice',
    'squeeze lime-juice · squeeze grapefruit-juice · absinthe · aromatic-bitters · cinnamon-syrup · grenadine · grapefruit-juice · lime-juice · falernum · overproof-rum · aged-rum · dark-rum · on ice · shake 12 · crushed in glass · strain · garnish',
  ],
  [
    'frozen-daiquiri',
    'ice into the blender after all else, poured as it is',
    'squeeze lime-juice · chill · simple-syrup · lime-juice · white-rum · on crushed · blend · pour out · garnish',
  ],
  [
    'rum-swizzle',
    'crushed ice in the glass and a stick',
    'squeeze lime-juice · aromatic-bitters · lime-juice · falernum · aged-rum · crushed in glass · swizzle · garnish',
  ],
  [
    'death-in-the-afternoon',
    'spirit, then cold wine; no ice, no spoon',
    'chill · absinthe · top sparkling-wine',
  ],
  [
    'penicillin',
    'the smoky spirit lies on top',
    'squeeze lemon-juice · honey-syrup · ginger-syrup · lemon-juice · blended-scotch · block in glass · on ice · shake 12 · strain · float islay-scotch · garnish',
  ],
  [
    'corpse-reviver-no-2',
    'the cold glass is rinsed before anything is shaken',
    'squeeze lemon-juice · chill · absinthe · lemon-juice · triple-sec · quinquina · dry-gin · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'dirty-martini',
    'brine before the wine before the gin, stirred',
    'chill · olive-brine · dry-vermouth · dry-gin · on ice · stir 35 · strain · garnish',
  ],
  [
    'sangria',
    'wine over ice, juice and soda last',
    'squeeze orange-juice · simple-syrup · triple-sec · grape-brandy · red-wine · ice in glass · top orange-juice · top soda-water · lift · garnish',
  ],
  ['shandy', 'beer, then lemonade: both as they are poured', 'chill · top lager · top lemonade'],
  [
    'michelada',
    'seasoning and lime first, ice, beer last',
    'squeeze lime-juice · rim · hot-sauce · savoury-sauce · lime-juice · ice in glass · top lager · lift · garnish',
  ],
  [
    'virgin-mary',
    'juice over the ice, stirred a turn: nothing fizzes',
    'squeeze lemon-juice · salt · hot-sauce · savoury-sauce · lemon-juice · ice in glass · top tomato-juice · turn · garnish',
  ],
  [
    'harvey-wallbanger',
    'the liqueur after the spoon, so that it stays on top for a while',
    'squeeze orange-juice · vodka · ice in glass · top orange-juice · turn · float vanilla-anise-liqueur · garnish',
  ],
  [
    'treacle',
    'stirred as an old-fashioned, the juice last',
    'aromatic-bitters · rich-syrup · dark-rum · block in glass · on ice · stir 35 · strain · float apple-juice · garnish',
  ],
  [
    'gin-coffee-tonic',
    'coffee after the spoon: on tonic it foams over',
    'dry-gin · ice in glass · top tonic-water · lift · float espresso · garnish',
  ],
  [
    'milk-punch',
    'milk is shaken',
    'simple-syrup · milk · dark-rum · cognac · ice in glass · on ice · shake 12 · strain · garnish',
  ],
  ['godfather', 'two spirits over ice, turned', 'almond-liqueur · blended-scotch · ice in glass · turn'],
];
