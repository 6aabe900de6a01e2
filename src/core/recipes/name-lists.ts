/* eslint max-lines: "off" -- a list of names, a line a thing */
/** What people call the ingredients of the table, in several dialects of English: id, then its names. Longer names go before shorter ones. */
export const firstNames = `
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
lively-bug: lively bug, bug liquid
ripe-tea: ripe tea ferment
sediment: sediment, lees
wine-yeast: wine yeast, sparkling wine yeast
ale-yeast: ale yeast, beer yeast
bread-yeast: bread yeast, baker's yeast, bakers yeast, instant yeast
`;

/** More names: dialects, other languages' loanwords, what a shop calls it. */
export const moreNames = `
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
