import { describe, expect, it } from 'vitest';
import { DrinkSearch } from '@uisce/core/find';
import { loadCatalogue } from './load.js';

const { catalogue } = loadCatalogue();

/**
 * What people type, and the drink they mean: regional, older and foreign names, without accents, misspelt by a letter or
 * two (common practice; from memory).
 */
const TYPED = `
White Negroni = white-bitter-thirds
Mezcal Negroni = mezcal-bitter-thirds
Tequila Negroni = agave-bitter-thirds
Kingston Negroni = kingston-thirds
Rum Negroni = rum-bitter-thirds
Coffee Negroni = coffee-thirds
Negroni sbagliato = sbagliato
wrong Negroni = sbagliato
Mi-To = milano-torino
Sex on the Beach = peach-cranberry-cooler
Passion fruit martini = star-passion-martini
B-52 = layered-coffee-cream
B52 = layered-coffee-cream
Caesar = clam-tomato-mary
Bloody Maria = agave-mary
tequila Mary = agave-mary
Mexican Mule = agave-mule
tequila mule = agave-mule
Kentucky Mule = bourbon-mule
Kentucky Buck = strawberry-whiskey-buck
Fuzzy Navel = peach-and-orange
Lynchburg lemonade = whiskey-lemonade
Appletini = green-apple-martini
sour apple martini = green-apple-martini
Grand margarita = curacao-margarita
Virgin mojito = mint-cooler
nojito = mint-cooler
mojito without alcohol = mint-cooler
Tinto de verano = summer-red
Perroquet = anise-and-mint
Tomate = anise-and-grenadine
Glühwein = mulled-wine
vin chaud = mulled-wine
vin brulé = mulled-wine
hot wine = mulled-wine
hot cider = mulled-cider
grapefruit radler = grapefruit-radler
Radler = shandy
panaché = shandy
clara = shandy
Alsterwasser = shandy
Chūhai = shochu-and-lemon
lemon sour = shochu-and-lemon
Batida de coco = coconut-batida
batida = coconut-batida
Batida de maracujá = passion-batida
Pussyfoot = citrus-and-yolk
Fernandito = sharp-amaro-and-cola
fernet and cola = sharp-amaro-and-cola
fernet con cola = sharp-amaro-and-cola
Illegal = smoky-mezcal-sour
Prince of Wales = rye-royal
rye last word = final-ward
rum cola = cuba-libre
gin tonic = gin-and-tonic
gintonic = gin-and-tonic
highball = whisky-highball
haibōru = whisky-highball
Cape Cod = cape-codder
vodka cranberry = cape-codder
grog = hot-grog
hot whiskey = hot-toddy
toddy = hot-toddy
blanc cassis = kir
Kir royale = kir-royal
champagne cocktail = classic-sparkling-cocktail
spritz veneziano = orange-spritz
bitter spritz = red-bitter-spritz
Weinschorle = wine-spritzer
Schorle = wine-spritzer
fröccs = wine-spritzer
calimocho = red-wine-and-cola
sangría = sangria
gin Mary = red-snapper
Virgin Bloody Mary = virgin-mary
caipivodka = caipiroska
rum caipirinha = caipirissima
piñada = pineapple-coconut-cooler
vodka colada = chi-chi
vodka mule = moscow-mule
Irish mule = irish-buck
gin mule = gin-buck
London mule = gin-buck
Ranch water = ranch-highball
petit punch = ti-punch
tipunch = ti-punch
planteur = planters-punch
corn and oil = corn-n-oil
jalapeño margarita = spicy-margarita
picante = spicy-margarita
mezzo e mezzo = half-and-half-vermouth
LLB = lemon-lime-bitters
citron pressé = fresh-lemonade
limonada suíça = creamy-limeade
Brazilian lemonade = creamy-limeade
agua de jamaica = hibiscus-cooler
bissap = hibiscus-cooler
karkade = hibiscus-cooler
espresso tonic = espresso-and-tonic
pastis and water = anise-and-water
ouzo and water = anise-and-water
amaro soda = amaro-highball
egg nog = eggnog
lait de poule = eggnog
Pharisäer = caribbean-coffee
rum coffee = caribbean-coffee
Mexican coffee = agave-coffee
calvados sour = apple-brandy-sour
cosmo = cosmopolitan
lemon drop martini = lemon-drop
Presidente = el-presidente
vodka espresso = espresso-martini
Clover Leaf = clover-club
sunrise = tequila-sunrise
LIIT = long-island-tea
sour de pisco = pisco-sour
whiskey old-fashioned = old-fashioned
bourbon old-fashioned = old-fashioned
gin martini = dry-martini
martini = dry-martini
vodkatini = vodka-martini
rum daiquiri = daiquiri
daiquirí natural = daiquiri
frappé daiquiri = frozen-daiquiri
gin negroni = negroni
brandy and ginger ale = horses-neck
vodka orange = screwdriver
brandy sazerac = sazerac
gin gimlet = gimlet
soixante-quinze = french-75
tequila and grapefruit = paloma
milk and honey = honey-milk
bitter and orange = garibaldi
virgin spritz = no-alcohol-bitter-spritz
cider and rum = stone-fence
bourbon sour = whiskey-sour
daquiri = daiquiri
dacquiri = daiquiri
margerita = margarita
marguerita = margarita
manhatten = manhattan
negroney = negroni
neggroni = negroni
mohito = mojito
caiprinha = caipirinha
caipirina = caipirinha
cosmopolitian = cosmopolitan
expresso martini = espresso-martini
pina colada = pina-colada
piña colada = pina-colada
vieux carre = vieux-carre
champs elysees = champs-elysees
canchanchara = canchanchara
sazarac = sazerac
boulevadier = boulevardier
old fashioned = old-fashioned
old fashion = old-fashioned
whisky sour = whiskey-sour
wiskey sour = whiskey-sour
bees knees = bees-knees
mai thai = mai-tai
maitai = mai-tai
zombi = zombie
gimlett = gimlet
sidcar = sidecar
aperitivo sbagliato = sbagliato
irish cofee = irish-coffee
hot tody = hot-toddy
bloody marry = bloody-mary
tom collins = gin-collins
gibson = onion-martini
mint julip = mint-julep
palomma = paloma
penicilin = penicillin
last world = last-word
paperplane = paper-plane
jungle bird = jungle-bird
corpse reviver = corpse-reviver-no-2
french 75 = french-75
french martini = french-martini
white russian = white-russian
black russian = black-russian
moscow mule = moscow-mule
long island = long-island-tea
tequila sunrise = tequila-sunrise
gluhwein = mulled-wine
mulled wine = mulled-wine
chuhai = shochu-and-lemon
haiboru = whisky-highball
froccs = wine-spritzer
raki = anise-and-water
pharisaer = caribbean-coffee
jalapeno margarita = spicy-margarita
batida de maracuja = passion-batida
limonada suica = creamy-limeade
pinada = pineapple-coconut-cooler
americano = americano
spritz = orange-spritz
hugo = elderflower-spritz
kalimotxo = red-wine-and-cola
whisky mac = ginger-wine-and-whisky
bucks fizz = mimosa
bellini = bellini
kir royal = kir-royal
singapore sling = singapore-sling
ramos gin fizz = ramos-fizz
pisco sour = pisco-sour
clover club = clover-club
amaretto sour = amaretto-sour
new york sour = new-york-sour
dark rum and ginger beer = dark-rum-buck
rum and cola = cuba-libre
vodka soda = vodka-soda
gin and it = gin-and-it
nimbu pani = nimbu-pani
shikanji = nimbu-pani
chai = masala-chai
lassi = sweet-lassi
teh tarik = milk-tea
bandung = rose-milk
limonana = mint-lemonade
apfelschorle = apple-schorle
coquito = coquito
terremoto = terremoto
piscola = piscola
quentao = quentao
canelazo = canelazo
rompope = rompope
glogg = glogg
feuerzangenbowle = fire-tongs-punch
sgroppino = sgroppino
agua de valencia = agua-de-valencia
poncha = poncha
somaek = soju-and-beer
mizuwari = mizuwari
oyuwari = oyuwari
dawa = dawa
don pedro = don-pedro
chapman = chapman
malawi shandy = malawi-shandy
negroni sour = thirds-sour
alcohol free negroni = bitter-thirds-without
tuxedo no 2 = turf-club
pink squirell = pink-squirrel
boilermaker = boilermaker
bullshot = bullshot
`
  .trim()
  .split('\n')
  .map((line) => line.split(' = ') as [typed: string, drink: string]);

describe('a drink is found by the name that people type', () => {
  const search = new DrinkSearch(catalogue);

  it('among the first three, two hundred of them', () => {
    const missed = TYPED.filter(([typed, id]) => !search.find(typed).slice(0, 3).includes(id));
    expect(
      missed.map(([typed, id]) => `${typed}: ${id}, not ${search.find(typed).slice(0, 3).join(', ')}`),
    ).toEqual([]);
    expect(TYPED.length).toBeGreaterThanOrEqual(200);
  });

  it('and a name belongs to one drink, or to variants of one', () => {
    const owners = new Map<string, Set<string>>();
    for (const { id, group, name, also } of catalogue.recipes)
      for (const own of [name, ...also]) {
        const key = own.toLowerCase();
        owners.set(key, (owners.get(key) ?? new Set()).add(group ?? id));
      }
    expect([...owners].filter(([, drinks]) => drinks.size > 1).map(([name]) => name)).toEqual([]);
  });
});
