/**
 * What the commonest ingredients are called in German, French, Spanish and Italian, and what English recipes call them
 * beside the catalogue's own names. Compiled from common usage; a phrase is matched by its words, whatever their order.
 */
export const INGREDIENT_WORDS: Readonly<Record<string, string>> = {
  'lime-juice':
    'limettensaft|limetten saft|saft limette|jus citron vert|jus lime|zumo lima|jugo lima|succo lime|succo di lime',
  'lemon-juice': 'zitronensaft|saft zitrone|jus citron|jus citron jaune|zumo limon|jugo limon|succo limone',
  'orange-juice': 'orangensaft|saft orange|jus orange|zumo naranja|jugo naranja|succo arancia',
  'grapefruit-juice':
    'grapefruitsaft|pampelmusensaft|jus pamplemousse|zumo pomelo|jugo pomelo|jugo toronja|succo pompelmo',
  'pineapple-juice': 'ananassaft|jus ananas|zumo pina|jugo pina|succo ananas',
  'cranberry-juice':
    'cranberrysaft|preiselbeersaft|jus canneberge|jus cranberry|zumo arandanos|jugo arandano|succo mirtillo rosso|cranberry',
  'apple-juice': 'apfelsaft|jus pomme|zumo manzana|jugo manzana|succo mela|succo di mela',
  'tomato-juice': 'tomatensaft|jus tomate|zumo tomate|jugo tomate|succo pomodoro',
  'simple-syrup':
    'simple|sugar|gomme|gomme syrup|zuckersirup|zuckersirup 1 1|lauterzucker|sirop sucre|sirop simple|jarabe azucar|jarabe simple|jarabe|almibar|sciroppo zucchero|sciroppo semplice|zucchero liquido',
  'rich-syrup': 'rich syrup|rich simple|2 1 syrup|2 1 simple syrup|zuckersirup 2 1|sirop riche',
  'demerara-syrup':
    'demerara|rohrzuckersirup|brauner zuckersirup|sirop canne|sirop sucre canne|sirop sucre roux|jarabe cana|sciroppo canna',
  'honey-syrup': 'honey|honigsirup|honig|sirop miel|miel|jarabe miel|sciroppo miele|miele',
  'agave-syrup': 'agave|agavendicksaft|agavensirup|sirop agave|jarabe agave|sirope agave|sciroppo agave',
  'ginger-syrup': 'ingwersirup|sirop gingembre|jarabe jengibre|sciroppo zenzero',
  'vanilla-syrup': 'vanillesirup|sirop vanille|jarabe vainilla|sciroppo vaniglia',
  'raspberry-syrup': 'himbeersirup|sirop framboise|jarabe frambuesa|sciroppo lamponi|sciroppo lampone',
  'passion-fruit-syrup':
    'maracujasirup|passionsfruchtsirup|sirop fruit passion|sirop passion|jarabe maracuya|sciroppo frutto passione',
  grenadine: 'grenadinesirup|granatapfelsirup|sirop grenadine|granadina|granatina',
  orgeat:
    'orgeat syrup|almond syrup|mandelsirup|sirop orgeat|horchata almendra|jarabe orgeat|orzata|sciroppo orzata',
  'elderflower-cordial':
    'holunderblutensirup|holundersirup|sirop sureau|sirop fleur sureau|jarabe sauco|sciroppo sambuco',
  'lime-cordial': 'limettensirup|sirop citron vert|cordial lima|cordiale lime',
  'soda-water':
    'soda|sodawasser|mineralwasser|sprudel|eau gazeuse|eau seltz|eau petillante|agua con gas|agua gas|agua soda|acqua gassata|acqua frizzante|seltz',
  'tonic-water': 'tonic|tonicwater|eau tonique|tonica|agua tonica|acqua tonica',
  'ginger-beer': 'ingwerbier|biere gingembre|cerveza jengibre|birra zenzero',
  'ginger-ale': 'gingerale',
  cola: 'cola drink|refresco cola',
  lemonade: 'zitronenlimonade|limonade|limonada|gaseosa|limonata',
  'egg-white':
    'white of egg|egg whites|eiweiss|eiklar|blanc oeuf|blancs oeuf|clara huevo|claras huevo|albume|bianco uovo',
  'egg-yolk': 'yolk|egg yolks|eigelb|jaune oeuf|yema|yema huevo|tuorlo|tuorlo uovo',
  'whole-egg': 'egg|eggs|ei|ganzes ei|oeuf|oeuf entier|huevo|huevo entero|uovo|uovo intero',
  cream:
    'sahne|schlagsahne|creme fraiche liquide|creme liquide|creme|nata|nata liquida|crema leche|panna|panna fresca',
  milk: 'milch|lait|leche|latte',
  mint: 'mint leaves|fresh mint|minze|minzblatter|minzblatt|menthe|menthe fraiche|hierbabuena|menta|menta fresca',
  basil: 'basilikum|basilic|albahaca|basilico',
  cucumber: 'gurke|salatgurke|concombre|pepino|cetriolo',
  raspberry: 'raspberries|himbeeren|himbeere|framboises|framboise|frambuesas|lamponi',
  strawberry: 'strawberries|erdbeeren|fraises|fresas|fragole',
  'lime-whole': 'lime|limes|limette|limetten|limettenachtel|citron vert|lima|limas|lime fresco',
  'orange-slice': 'orange|orangenscheibe|naranja|arancia',
  'sugar-cube':
    'white sugar cube|zuckerwurfel|morceau sucre|sucre morceau|terron azucar|zolletta zucchero|zucchero zolletta',
  'dry-gin': 'london gin|gin dry|gin sec|ginebra|ginebra seca|gin secco',
  'white-rum': 'white rum|blanco rum|weisser rum|rum weiss|rhum blanc|ron blanco|rum bianco',
  'aged-rum':
    'brauner rum|goldener rum|rhum ambre|rhum vieux|ron dorado|ron anejo|rum ambrato|rum invecchiato|golden rum',
  'dark-rum': 'dunkler rum|rhum brun|ron oscuro|ron negro|rum scuro',
  'overproof-rum': 'overproof|151 rum|rhum fort',
  'blanco-tequila': 'tequila blanco|tequila blanca|plata tequila|tequila silver|tequila bianca',
  'reposado-tequila': 'tequila reposado',
  cognac: 'weinbrand franzosisch|cognac brandy',
  bourbon: 'bourbon whiskey|bourbon whisky',
  rye: 'rye|roggenwhiskey|whisky seigle|whiskey centeno',
  'blended-scotch': 'scotch whisky|schottischer whisky|blended scotch whisky',
  'irish-whiskey': 'irischer whiskey|whisky irlandais|whiskey irlandes|whiskey irlandese|irish whisky',
  'sweet-vermouth':
    'vermouth rosso|rosso vermouth|sweet red vermouth|roter wermut|susser wermut|wermut rot|vermouth rouge|vermouth doux|vermut rojo|vermut dulce|vermut rosso|red vermouth',
  'dry-vermouth':
    'trockener wermut|wermut trocken|weisser trockener wermut|vermouth sec|vermouth blanc sec|vermut seco|vermouth secco|vermouth dry|vermut secco',
  'blanc-vermouth': 'weisser wermut|vermouth blanc|vermouth bianco|vermut blanco|bianco',
  'triple-sec':
    'triple sec|orange liqueur dry|orangenlikor|liqueur orange|licor naranja|liquore arancia|liquore all arancia',
  maraschino: 'maraschino liqueur|maraschinolikor|marrasquino|liqueur marasquin|marasquin',
  'coffee-liqueur': 'kaffeelikor|liqueur cafe|licor cafe|liquore caffe',
  'peach-liqueur': 'pfirsichlikor|liqueur peche|creme peche|licor melocoton|liquore pesca',
  'apricot-liqueur': 'aprikosenlikor|marillenlikor|liqueur abricot|licor albaricoque|liquore albicocca',
  'blackcurrant-liqueur':
    'creme de cassis|johannisbeerlikor|cassislikor|creme cassis|liqueur cassis|licor cassis',
  'almond-liqueur': 'mandellikor|liqueur amande|licor almendra',
  'elderflower-liqueur': 'holunderlikor|holunderblutenlikor|liqueur sureau|licor sauco|liquore sambuco',
  'dark-cacao':
    'kakaolikor|creme cacao brune|creme cacao dunkel|licor cacao|dark creme cacao|creme de cacao dark|creme de cacao brown',
  'white-cacao':
    'creme cacao blanche|creme cacao weiss|white creme cacao|creme de cacao white|creme cacao bianca',
  'green-mint': 'pfefferminzlikor|creme menthe verte|green creme menthe|creme de menthe green',
  'white-mint': 'creme menthe blanche|white creme menthe|creme de menthe white',
  'violet-liqueur': 'veilchenlikor|creme violette|liqueur violette',
  'blackberry-liqueur': 'brombeerlikor|creme mure|liqueur mure',
  'red-bitter': 'red bitter liqueur|roter bitter|bitter rouge|bitter rojo|bitter rosso|italian red bitter',
  'aromatic-bitters':
    'bitters|aromatic bitter|aromatischer bitter|bitter aromatique|amargo aromatico|amargo|bitter aromatico|cocktail bitter aromatic',
  'orange-bitters': 'orangenbitter|bitter orange|amers orange|amargo naranja|bitter arancia|orange bitter',
  absinthe: 'absinth|absenta|assenzio',
  'sparkling-wine':
    'sparkling dry wine|sekt|schaumwein|vin mousseux|vin petillant|vino espumoso|spumante|brut sparkling wine',
  'white-wine': 'weisswein|vin blanc|vino blanco|vino bianco|dry white wine',
  'red-wine': 'rotwein|vin rouge|vino tinto|vino rosso|dry red wine',
  'fino-sherry': 'sherry trocken|xeres sec|jerez fino|jerez seco|sherry fino|fino',
  'red-port': 'ruby port|portwein|rotes portwein|porto rouge|oporto|porto rosso|port wine',
  espresso: 'coffee espresso|shot espresso|cafe espresso|caffe espresso|expresso',
  'hot-coffee': 'coffee|kaffee|heisser kaffee|cafe chaud|cafe caliente|cafe|caffe caldo',
  'coconut-cream': 'kokoscreme|creme coco|crema coco|crema di cocco|crema cocco',
  'coconut-water': 'kokoswasser|eau coco|agua coco|acqua cocco',
  'still-water': 'water|wasser|stilles wasser|eau|eau plate|agua|acqua|cold water',
  'hot-water': 'heisses wasser|eau chaude|agua caliente|acqua calda|boiling water',
  salt: 'salz|sel|sal|sale|sea salt',
  saline: 'saline solution|salzlosung|solution saline|solucion salina|soluzione salina',
  'hot-sauce': 'hot sauce|scharfe sauce|sauce piquante|salsa picante|salsa piccante',
  olive: 'olives|oliven|aceitunas|green olive',
  'cocktail-cherry': 'cherry|cherries|cocktailkirsche|kirsche|cerise|guinda|cereza|ciliegia',
  lager: 'beer|bier|helles|biere|cerveza|birra',
};

/** Words that describe an ingredient and change nothing about what it is. */
export const PASSING_WORDS: ReadonlySet<string> = new Set(
  (
    'of the a an and with some your our favourite favorite good quality fine finest best fresh freshly squeezed pressed strained chilled cold iced very ' +
    'homemade home made house premium plain pure natural real organic unsweetened large small medium ripe chopped peeled sliced cut into about optional ' +
    'to taste if desired for de del della dell di du des d la le les l el los las il lo un une una aux au con avec mit und y e et al ' +
    'frisch frischer frische frisches frisch gepresster gepresst gekuhlt kalter kalte kalt hausgemachter ' +
    'frais fraiche presse fraichement froid maison fresco fresca exprimido recien frio casera casero spremuto appena freddo fatto casa'
  ).split(' '),
);
