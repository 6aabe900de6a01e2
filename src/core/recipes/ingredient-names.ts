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
plum: plum, plums, damson, damsons
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

/** Ingredient of the table by a name people use, lower case. */
export const idByName: ReadonlyMap<string, string> = new Map(
  names
    .trim()
    .split('\n')
    .flatMap((line) => {
      const [id, list] = line.split(': ') as [string, string];
      return list.split(', ').map((name) => [name, id] as const);
    }),
);

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
};

/** Juice of one, ml, and its zest, g. */
export const ofOneCitrus = {
  lemon: { juice: 45, zest: 6, juiceId: 'lemon-juice', zestId: 'lemon-zest' },
  lime: { juice: 30, zest: null, juiceId: 'lime-juice', zestId: null },
  orange: { juice: 80, zest: 8, juiceId: 'orange-juice', zestId: 'orange-zest' },
} as const;

/** The first name of an ingredient that reads back as it; null for what has none. */
const firstName: ReadonlyMap<string, string> = new Map(
  [...idByName].reverse().map(([name, id]) => [id, name] as const),
);
export const nameOfId = (id: string): string | null => firstName.get(id) ?? null;
