import { ingredientIds, ingredientOf, isIngredient } from '../matter/ingredients/registry';

/** What people call the ingredients of the table, in several dialects of English: id, then its names. Longer names go before shorter ones. */
const names = `
water: water, cold water, warm water, hot water, boiling water, filtered water, spring water, tap water, boiled water
white-sugar: sugar, white sugar, granulated sugar, caster sugar, castor sugar, superfine sugar, table sugar, beet sugar
cane-sugar: cane sugar, raw sugar, raw cane sugar, demerara, demerara sugar, turbinado, turbinado sugar, golden caster sugar, golden granulated sugar
brown-sugar: brown sugar, light brown sugar, dark brown sugar, soft brown sugar, muscovado, muscovado sugar
whole-cane-sugar: whole cane sugar, unrefined sugar, unrefined cane sugar, panela, rapadura, jaggery, piloncillo
palm-sugar: palm sugar
dextrose: dextrose, glucose powder, corn sugar
fruit-sugar: fructose, fruit sugar
icing-sugar: icing sugar, powdered sugar, confectioners sugar
honey: honey, runny honey, raw honey, clear honey, set honey
maple-syrup: maple syrup
molasses: molasses, treacle, black treacle, blackstrap molasses
golden-syrup: golden syrup, cane syrup
agave-syrup: agave syrup, agave nectar, agave
rice-syrup: rice syrup
date-syrup: date syrup
simple-syrup: simple syrup, sugar syrup
ginger: ginger, fresh ginger, root ginger, ginger root, fresh root ginger, raw ginger
galangal: galangal
turmeric: turmeric root, fresh turmeric
ground-ginger: ground ginger, powdered ginger, dried ginger powder, ginger powder
candied-ginger: candied ginger, crystallised ginger, crystallized ginger, stem ginger
pear: pear, pears
plum: plum, plums
quince: quince, quinces
medlar: medlar, medlars
gooseberry: gooseberry, gooseberries
raspberry: raspberry, raspberries
blackberry: blackberry, blackberries, brambles
strawberry: strawberry, strawberries
cherry: cherry, cherries
apricot: apricot, apricots
peach: peach, peaches
apple: apple, apples
pineapple: pineapple flesh, pineapple chunks
pineapple-rind: pineapple rind, pineapple peel, pineapple skin, pineapple rind and core, pineapple core
melon: melon, melon flesh
rosehip: rosehip, rosehips, rose hips
elderberry: cooked elderberries, elderberries
dried-fig: dried fig, dried figs
raisin: raisin, raisins, sultanas, sultana
rhubarb: rhubarb, rhubarb stalks
tomato: tomato, tomatoes
beetroot: beetroot, beetroots, beet, beets
carrot: carrot, carrots
celery: celery, celery stalks, celery sticks
cucumber: cucumber, cucumbers
apple-juice: apple juice, cloudy apple juice
pear-juice: pear juice
orange-juice: orange juice
pineapple-juice: pineapple juice
cherry-juice: cherry juice
red-currant-juice: red currant juice, redcurrant juice
beetroot-juice: beetroot juice, beet juice
apple-concentrate: apple juice concentrate, apple concentrate
pear-puree: pear puree
raspberry-puree: raspberry puree
plum-puree: plum puree
apricot-puree: apricot puree
lemon-juice: lemon juice
lime-juice: lime juice
orange-zest: orange zest, zest of orange, orange peel
lemon-zest: lemon zest, zest of lemon, lemon peel, lemon rind
whey: whey, fresh whey, strained whey
live-yoghurt: live yoghurt, live yogurt, plain live yoghurt, plain live yogurt
black-tea: black tea, black tea leaves, loose black tea
green-tea: green tea, green tea leaves
rooibos: rooibos, rooibos tea
hibiscus-flower: hibiscus, hibiscus flowers, dried hibiscus, dried hibiscus flowers
thyme: thyme, fresh thyme
sage: sage, sage leaves
bay: bay leaf, bay leaves, bay
dill: dill
lime-leaf: lime leaf, lime leaves
mint: mint, mint leaves, fresh mint
fig-leaf: fig leaf, fig leaves
nettle: nettles, nettle tops
elderflower: elderflower, elderflowers, elderflower heads, elder flowers
dandelion: dandelion petals, dandelions, dandelion
lilac: lilac, lilac blossom, lilac blossoms
fennel-seed: fennel seed, fennel seeds
black-pepper: black pepper, peppercorns, black peppercorns
juniper: juniper, juniper berry, juniper berries
cardamom: cardamom, cardamom pods, cardamom pod, green cardamom
cinnamon: cinnamon, cinnamon stick, cinnamon sticks, cinnamon bark
clove: clove, cloves
chilli: chilli, chillies, chili, fresh chilli, red chilli
sea-salt: salt, sea salt, table salt
baking-soda: bicarbonate of soda, baking soda, bicarb, bicarbonate
mineral-drops: mineral drops
yeast-nutrient: yeast nutrient
eggshell: eggshell, egg shell
kefir-grains: water kefir grains, kefir grains, sugar water grains
dried-kefir-grains: dried water kefir grains, dried kefir grains
pellicle: pellicle, tea mother
ripe-tea: ripe tea ferment
sediment: sediment, lees
wine-yeast: wine yeast, sparkling wine yeast
ale-yeast: ale yeast, beer yeast
bread-yeast: bread yeast, baker's yeast, bakers yeast, instant yeast
`;

/** More names: dialects, other languages' loanwords, what a shop calls it. */
const more = `
white-sugar: white granulated sugar, granulated white sugar
lemon: lemon, lemons
lime: lime, limes
orange: orange, oranges
ginger: gingerroot, knob of ginger
chilli: chile, red chili, red chilli pepper, chili pepper, jalapeno, bird's eye chilli
baking-soda: bicarb soda, bicarb of soda, bicarbonate soda, sodium bicarbonate, natron
turmeric: turmeric, curcuma
kiwi: kiwi fruit, kiwifruit, kiwis
blackcurrant: black currant, black currants, cassis
redcurrant: red currant, red currants
whitecurrant: white currant, white currants
mandarin: mandarin orange, mandarin oranges, clementine, clementines, satsuma, satsumas, tangerine, tangerines
chokeberry: aronia, chokeberry, chokeberries, aronia berries
rowanberry: rowanberry, rowanberries, rowan berries
lingonberry: cowberry, cowberries
bilberry: whortleberry, whortleberries, blaeberry, blaeberries
passion-fruit: passionfruit, maracuja, lilikoi
dragon-fruit: pitaya, pitahaya
starfruit: carambola
physalis: physalis, golden berry, golden berries, goldenberries
persimmon: kaki, sharon fruit
pomegranate: pomegranate, pomegranates, pomegranate arils
prickly-pear: cactus fruit, cactus pear, tuna fruit
mirabelle: mirabelle plum, mirabelle plums
soursop: guanabana
sloe: blackthorn berries
haw: hawthorn berries, haws
sour-cherry: morello, morello cherries, tart cherry, tart cherries
feijoa: pineapple guava
hops-cone: hops, hop, hop cones, hop flowers
lemon-balm: melissa, balm leaves
anise-hyssop: liquorice mint
shiso: perilla, beefsteak plant
coriander: cilantro, coriander leaves, fresh coriander
spruce-tips: spruce tip, fir tips, pine tips
rose-petal: rose petal, rose
calendula: calendula, calendula petals, pot marigold
linden: linden flowers, lime blossom, lime flowers, tilia
acacia: acacia blossom, black locust flowers, robinia
clover: red clover, clover flowers
violet: violet, violet flowers
orange-blossom: orange flowers, neroli flowers
chamomile: camomile, chamomile flowers
butterfly-pea: butterfly pea, blue pea flowers
heather: heather, heather flowers
hibiscus-flower: roselle, sorrel flowers, jamaica flowers, karkade
star-anise: star anise, badian
allspice: allspice, pimento berries, jamaica pepper
vanilla: vanilla, vanilla bean, vanilla beans, vanilla pods
coriander-seed: coriander seeds
caraway: caraway, caraway seeds
cumin: cumin, cumin seeds
anise-seed: aniseed, anise, anise seeds
sichuan-pepper: szechuan pepper, sichuan peppercorns
ground-cinnamon: cinnamon powder
ground-turmeric: turmeric powder
chilli-flakes: chili flakes, red pepper flakes, dried chilli
cayenne: cayenne pepper
liquorice: liquorice, licorice, liquorice root, licorice root
sarsaparilla: sarsaparilla, sarsaparilla root
burdock-root: burdock, burdock root
dandelion-root: dandelion root
chicory-root: chicory, chicory root
birch-bark: birch bark
gentian: gentian, gentian root
angelica-root: angelica root
cacao-nibs: cacao, cocoa nibs
coffee: coffee, ground coffee, coffee grounds
coconut-sugar: coconut palm sugar
candi-sugar: rock sugar, candi sugar, candy sugar
whole-cane-sugar: sucanat, muscavado, gur, panela sugar, kokuto
cane-sugar: evaporated cane juice, organic cane sugar, golden sugar
malt-extract: malt extract, dry malt extract, dme
malt-syrup: malt extract syrup, barley malt extract
corn-syrup: light corn syrup, glucose syrup
golden-syrup: light treacle
grenadine: grenadine
erythritol: erythritol
xylitol: xylitol, birch sugar
stevia: stevia
sugarcane-juice: cane juice, sugar cane juice
coconut-water: coconut water, young coconut water
vinegar: vinegar, cider vinegar, apple cider vinegar, white vinegar
rye-bread: rye bread, stale rye bread, dark bread
pearl-barley: pearl barley, barley
rice-grain: rice, white rice
lemongrass: lemon grass, lemongrass stalk
tarragon: tarragon leaves
yerba-mate: mate, yerba mate
oolong-tea: oolong, oolong tea
white-tea: white tea
ripe-puerh: pu-erh, puerh, pu erh
earl-grey: earl grey, earl grey tea
black-tea: tea, tea leaves, english breakfast tea
peppermint-tea: peppermint, dried mint, peppermint tea
kefir-grains: tibicos, tibi grains, tibi, japanese water crystals, ginger beer plant, california bees, water grains, sugar kefir grains
dried-kefir-grains: dried tibicos, dehydrated water kefir grains
pellicle: scoby, kombucha scoby, kombucha mother
ripe-tea: kombucha, ripe kombucha, kombucha starter, starter tea
pineapple-rind: tepache rind, pineapple skins, pineapple rinds
orange-peel-dried: dried orange peel
pineapple: pineapple, pineapples
carrot-juice: carrot juice
raisin: golden raisins
currant: dried currants, zante currants
prune: dried plums
date: medjool dates
tamarind: tamarind, tamarind paste
wine-yeast: champagne yeast
sea-salt: kosher salt, himalayan salt, rock salt, non-iodised salt
`;

/** A word and its plural. */
function plurals(name: string): string[] {
  const y = name.replace(/([^aeiou])y$/, '$1ies');
  const es = /(s|x|ch|sh|[^o]o)$/.test(name) ? `${name}es` : `${name}s`;
  return [name, y === name ? es : y];
}

/** Text as names are looked up: lower case, without accents, one apostrophe, single spaces. */
export const plainName = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[’‘`]/g, "'")
    .toLowerCase()
    .replace(/\s+/g, ' ')
    .trim();

const listed = (text: string): (readonly [string, string])[] =>
  text
    .trim()
    .split('\n')
    .flatMap((line) => {
      const [id, list] = line.split(': ') as [string, string];
      return isIngredient(id) ? list.split(', ').map((name) => [name, id] as const) : [];
    });

/** What the table itself calls a thing, without what stands behind a comma, in one and in many. */
const own = ingredientIds.flatMap((id) => {
  const name = plainName(ingredientOf(id).name);
  const short = name.replace(/,.*$/, '');
  return [name, ...plurals(short)].map((each) => [each, id] as const);
});

/** "Maracuja" is passion fruit: its juice, concentrate and purée are maracuja's too. */
const pressed = listed(more).flatMap(([name, id]) =>
  (
    [
      ['juice', 'juice'],
      ['puree', 'puree'],
      ['juice concentrate', 'concentrate'],
      ['concentrate', 'concentrate'],
    ] as const
  ).flatMap(([word, end]) =>
    isIngredient(`${id}-${end}`) ? [[`${name} ${word}`, `${id}-${end}`] as const] : [],
  ),
);

/** Ingredient of the table by a name people use, plain (see `plainName`). What is written by hand goes before what is worked out. */
export const idByName: ReadonlyMap<string, string> = new Map([
  ...own,
  ...pressed,
  ...listed(more),
  ...listed(names),
]);

/** What one piece of it weighs, g, of middling size: practice. What is not here is asked for by weight. */
export const gramsOfPiece: Readonly<Record<string, number>> = {
  pear: 170,
  plum: 65,
  quince: 250,
  apple: 170,
  peach: 150,
  apricot: 40,
  'dried-fig': 15,
  tomato: 110,
  beetroot: 120,
  carrot: 70,
  cucumber: 300,
  cherry: 8,
  strawberry: 15,
  bay: 0.2,
  'lime-leaf': 0.3,
  'fig-leaf': 4,
  clove: 0.08,
  cardamom: 0.2,
  juniper: 0.15,
  'black-pepper': 0.05,
  cinnamon: 4,
  chilli: 10,
  elderflower: 8,
  lemon: 100,
  lime: 65,
  orange: 150,
  'blood-orange': 130,
  mandarin: 75,
  grapefruit: 250,
  mango: 220,
  banana: 115,
  kiwi: 75,
  'passion-fruit': 20,
  guava: 55,
  papaya: 300,
  nectarine: 140,
  fig: 50,
  persimmon: 160,
  mirabelle: 10,
  damson: 15,
  greengage: 35,
  'sour-cherry': 6,
  'crab-apple': 30,
  date: 18,
  prune: 9,
  'dried-apricot': 8,
  grape: 5,
  physalis: 4,
  lychee: 10,
  loquat: 16,
  'prickly-pear': 90,
  'star-anise': 0.8,
  vanilla: 3,
  allspice: 0.1,
  nutmeg: 6,
  lemongrass: 15,
  'sichuan-pepper': 0.02,
  'pink-pepper': 0.05,
  celery: 40,
  rhubarb: 60,
  pineapple: 900,
  'black-tea': 2,
  'green-tea': 2,
  rooibos: 2,
  'hibiscus-flower': 2,
  chamomile: 1.5,
  'peppermint-tea': 1.5,
  'earl-grey': 2,
  'yerba-mate': 3,
  'white-tea': 2,
  'oolong-tea': 2,
};

/** What a slice, a stick, a sprig or a bag of it weighs, g: practice. What is not here is asked about. */
export const gramsOfPart: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  slice: { ginger: 3, lemon: 8, lime: 5, orange: 15, cucumber: 6, turmeric: 2, galangal: 3, pineapple: 60, beetroot: 12, apple: 15, pear: 15 },
  sprig: { thyme: 0.8, rosemary: 2, mint: 1.5, sage: 1, dill: 1, tarragon: 1, lavender: 0.7, basil: 2, 'lemon-verbena': 1, marjoram: 1, oregano: 1 },
  stalk: { lemongrass: 15, celery: 40, rhubarb: 60 },
  stick: { cinnamon: 4, celery: 40 },
  bag: { 'black-tea': 2, 'green-tea': 2, rooibos: 2, 'hibiscus-flower': 2, chamomile: 1.5, 'peppermint-tea': 1.5, 'earl-grey': 2, 'white-tea': 2, 'yerba-mate': 2 },
  clove: {},
}; // prettier-ignore

/** Juice of one, ml, and its zest, g. */
export const ofOneCitrus = {
  lemon: { juice: 45, zest: 6, juiceId: 'lemon-juice', zestId: 'lemon-zest' },
  lime: { juice: 30, zest: null, juiceId: 'lime-juice', zestId: null },
  orange: { juice: 80, zest: 8, juiceId: 'orange-juice', zestId: 'orange-zest' },
} as const;

/** The first name of an ingredient that reads back as it; null for what has none. */
const firstName = new Map<string, string>();
for (const [name, id] of [...listed(names), ...idByName])
  if (!firstName.has(id) && idByName.get(name) === id) firstName.set(id, name);
/**
 * Ingredients that a text may mean, the likeliest first: by any name, in one or many, with or without accents.
 *
 * @param text what was typed so far
 * @example findIngredients('mirab')[0] // 'mirabelle'
 */
export function findIngredients(text: string): string[] {
  const wanted = plainName(text);
  if (wanted === '') return [];
  const exact = idByName.get(wanted);
  const starts: string[] = [];
  const holds: string[] = [];
  for (const [name, id] of idByName) {
    if (name.startsWith(wanted)) starts.push(id);
    else if (wanted.length > 2 && name.includes(wanted)) holds.push(id);
  }
  const byLength = (a: string, b: string) => ingredientOf(a).name.length - ingredientOf(b).name.length;
  return [...new Set([...(exact ? [exact] : []), ...starts.sort(byLength), ...holds.sort(byLength)])];
}

export const nameOfId = (id: string): string | null => firstName.get(id) ?? null;
