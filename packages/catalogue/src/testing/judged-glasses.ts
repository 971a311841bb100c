/**
 * One glass each, as a bartender would make it: judged by hand against common practice (glass cold first, egg before
 * all else and shaken dry first, cheap and small before costly, ice just before the work, bubbles after the ice, what
 * floats or sinks last, strained twice where there is pulp or herb and no ice).
 */
export const JUDGED: readonly [drink: string, steps: string][] = [
  [
    'daiquiri',
    'squeeze lime-juice · chill · simple-syrup · lime-juice · white-rum · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'whiskey-sour',
    'squeeze lemon-juice · egg-white · simple-syrup · lemon-juice · bourbon · dry-shake · ice in glass · on ice · shake 12 · strain · garnish',
  ],
  ['negroni', 'red-bitter · sweet-vermouth · dry-gin · block in glass · on ice · stir 35 · strain · garnish'],
  ['gin-and-tonic', 'dry-gin · ice in glass · top tonic-water · lift · garnish'],
  [
    'mojito',
    'squeeze lime-juice · mint · simple-syrup · press lightly · lime-juice · white-rum · ice in glass · top soda-water · lift · garnish',
  ],
  ['caipirinha', 'lime-whole · sugar-cube · press · cachaca · crushed in glass · stir 8 · garnish'],
  [
    'old-fashioned',
    'sugar-cube · aromatic-bitters · still-water · press · bourbon · block in glass · on ice · stir 35 · strain · garnish',
  ],
  [
    'sazerac',
    'chill · rinse absinthe · sugar-cube · creole-bitters · press · cognac · on ice · stir 35 · strain · garnish',
  ],
  [
    'pisco-sour',
    'squeeze lime-juice · chill · egg-white · simple-syrup · lime-juice · pisco · dry-shake · on ice · shake 12 · strain twice · garnish',
  ],
  ['mint-julep', 'mint · simple-syrup · press lightly · bourbon · crushed in glass · churn · garnish'],
  [
    'tequila-sunrise',
    'squeeze orange-juice · blanco-tequila · ice in glass · top orange-juice · turn · sink grenadine · garnish',
  ],
  ['irish-coffee', 'warm · demerara-syrup · irish-whiskey · hot-coffee · stir 8 · whip cream · float cream'],
  [
    'white-lady',
    'squeeze lemon-juice · chill · lemon-juice · triple-sec · dry-gin · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'gin-collins',
    'squeeze lemon-juice · simple-syrup · lemon-juice · dry-gin · ice in glass · top soda-water · lift · garnish',
  ],
  [
    'espresso-martini',
    'chill · simple-syrup · espresso · coffee-liqueur · vodka · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'moscow-mule',
    'squeeze lime-juice · lime-juice · vodka · ice in glass · top ginger-beer · lift · garnish',
  ],
  [
    'bloody-mary',
    'squeeze lemon-juice · salt · black-pepper · hot-sauce · savoury-sauce · lemon-juice · vodka · ice in glass · top tomato-juice · turn · garnish',
  ],
  [
    'pina-colada',
    'chill · cream-of-coconut · pineapple-juice · white-rum · on crushed · blend · pour out · garnish',
  ],
  [
    'mai-tai',
    'squeeze lime-juice · simple-syrup · orgeat · lime-juice · curacao · aged-rum · dark-rum · on ice · shake 12 · crushed in glass · strain · garnish',
  ],
  [
    'whiskey-smash',
    'squeeze lemon-juice · mint · simple-syrup · press lightly · lemon-juice · bourbon · ice in glass · on ice · shake 12 · strain twice · garnish',
  ],
  ['black-velvet', 'chill · stout · float sparkling-wine'],
  [
    'classic-sparkling-cocktail',
    'chill · sugar-cube · aromatic-bitters · cognac · top sparkling-wine · garnish',
  ],
  [
    'queens-park-swizzle',
    'squeeze lime-juice · mint · demerara-syrup · press lightly · aromatic-bitters · lime-juice · aged-rum · crushed in glass · swizzle · garnish',
  ],
  ['dark-rum-buck', 'dark-rum · ice in glass · top ginger-beer · lift · garnish'],
  ['dry-martini', 'chill · dry-vermouth · dry-gin · on ice · stir 35 · strain · garnish'],
  ['manhattan', 'chill · aromatic-bitters · sweet-vermouth · rye · on ice · stir 35 · strain · garnish'],
  [
    'margarita',
    'squeeze lime-juice · chill · rim · lime-juice · triple-sec · blanco-tequila · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'clover-club',
    'squeeze lemon-juice · chill · egg-white · raspberry-syrup · lemon-juice · dry-gin · dry-shake · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'french-75',
    'squeeze lemon-juice · chill · simple-syrup · lemon-juice · dry-gin · on ice · shake 12 · strain · top sparkling-wine · garnish',
  ],
  ['bellini', 'chill · peach-puree · top sparkling-wine · lift'],
  ['brandy-alexander', 'chill · cream · dark-cacao · cognac · on ice · shake 12 · strain twice · garnish'],
  ['white-russian', 'coffee-liqueur · vodka · ice in glass · turn · float cream'],
  [
    'hot-toddy',
    'squeeze lemon-juice · warm · honey-syrup · lemon-juice · blended-scotch · hot-water · stir 8 · garnish',
  ],
  ['americano', 'red-bitter · sweet-vermouth · ice in glass · top soda-water · lift · garnish'],
  [
    'bramble',
    'squeeze lemon-juice · simple-syrup · lemon-juice · dry-gin · on ice · shake 12 · crushed in glass · strain · float blackberry-liqueur · garnish',
  ],
  [
    'new-york-sour',
    'squeeze lemon-juice · simple-syrup · lemon-juice · rye · ice in glass · on ice · shake 12 · strain · float red-wine · garnish',
  ],
  [
    'brandy-flip',
    'chill · whole-egg · simple-syrup · cognac · dry-shake · on ice · shake 12 · strain twice · garnish',
  ],
  ['kir', 'chill · blackcurrant-liqueur · top white-wine'],
  ['layered-coffee-cream', 'chill · coffee-liqueur · float irish-cream · float curacao'],
  [
    'rusty-nail',
    'honey-whisky-liqueur · blended-scotch · block in glass · on ice · stir 35 · strain · garnish',
  ],
];
