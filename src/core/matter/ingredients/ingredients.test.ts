import { ingredients, ingredientOf, isIngredient } from './registry';
import type { Ingredient } from '../ingredient';

// The whole table, as it was checked against the sources it names: a figure changed by mistake shows here.
// id | family | density g/ml | spooned g/ml | percent by mass | share given | ml soaked per g | usual g (ml) per litre
const checked = `
water | water | 0.998 | liquid 0.998 | water 100 | 1 | 0 | —
white-sugar | sugar | 1.59 | powdered 0.85 | sucrose 99.9, inert 0.1 | 1 | 0 | 40–120
cane-sugar | sugar | 1.58 | powdered 0.85 | water 0.5, sucrose 98.5, minerals 0.3, inert 0.7 | 1 | 0 | 40–120
brown-sugar | sugar | 1.55 | powdered 0.93 | water 1.6, sucrose 94.5, glucose 1.3, fructose 1.1, minerals 0.7, inert 0.8 | 1 | 0 | 40–120
whole-cane-sugar | sugar | 1.5 | grated 0.7, powdered 0.7 | water 2.5, sucrose 88, glucose 3, fructose 3, minerals 1.8, inert 1.7 | 1 | 0 | 40–120
palm-sugar | sugar | 1.5 | grated 0.7, powdered 0.75 | water 4, sucrose 80, glucose 4, fructose 4, minerals 1.5, inert 6.5 | 1 | 0 | 40–120
dextrose | sugar | 1.54 | powdered 0.7 | water 9, glucose 91 | 1 | 0 | 6–60
fruit-sugar | sugar | 1.69 | powdered 0.8 | fructose 99.7, inert 0.3 | 1 | 0 | 30–100
icing-sugar | sugar | 1.59 | powdered 0.5 | sucrose 97, inert 3 | 1 | 0 | 6–60
honey | syrup | 1.42 | liquid 1.42 | water 17.1, sucrose 1.5, glucose 32, fructose 39, maltose 7, malic 0.2, minerals 0.2, inert 3 | 1 | 0 | 40–120
maple-syrup | syrup | 1.33 | liquid 1.33 | water 33.4, sucrose 61, glucose 3, fructose 2, minerals 0.6 | 1 | 0 | 50–140
molasses | syrup | 1.41 | liquid 1.41 | water 23, sucrose 35, glucose 14, fructose 15, minerals 8, inert 5 | 1 | 0 | 2–20
golden-syrup | syrup | 1.42 | liquid 1.42 | water 19.4, sucrose 32, glucose 24, fructose 24, minerals 0.6 | 1 | 0 | 40–120
agave-syrup | syrup | 1.37 | liquid 1.37 | water 24.9, glucose 14, fructose 61, minerals 0.1 | 1 | 0 | 40–120
rice-syrup | syrup | 1.4 | liquid 1.4 | water 23, glucose 3, maltose 52, inert 22 | 1 | 0 | 40–140
date-syrup | syrup | 1.38 | liquid 1.38 | water 26.2, sucrose 3, glucose 32, fructose 33, minerals 1.8, inert 4 | 1 | 0 | 40–120
simple-syrup | syrup | 1.23 | liquid 1.23 | water 50, sucrose 50 | 1 | 0 | 60–200
ginger | ginger | 1 | grated 0.42, chopped 0.42, sliced 0.4, whole 0.9 | water 79, sucrose 0.3, glucose 0.7, fructose 0.7, citric 0.05, malic 0.1, minerals 0.8, inert 18.35 | 0.3 | 0.5 | 15–80
galangal | ginger | 1.02 | grated 0.44, sliced 0.4 | water 76, glucose 0.9, fructose 0.8, minerals 0.9, inert 21.4 | 0.3 | 0.5 | 10–60
turmeric | ginger | 1.02 | grated 0.44 | water 80, glucose 0.8, fructose 0.8, minerals 1, inert 17.4 | 0.3 | 0.5 | 5–40
ground-ginger | ginger | 1.2 | powdered 0.37 | water 10, glucose 1.5, fructose 1.9, minerals 5, inert 81.6 | 0.3 | 2 | 2–12
candied-ginger | ginger | 1.35 | chopped 0.7 | water 14, sucrose 70, glucose 3, fructose 3, inert 10 | 0.9 | 0.4 | 10–60
pear | fruit | 1 | chopped 0.62, grated 0.8, pureed 1.03 | water 84, sucrose 0.7, glucose 2.7, fructose 6.5, citric 0.1, malic 0.25, minerals 0.3, inert 5.45 | 0.7 | 0.5 | 80–400
plum | fruit | 1.02 | chopped 0.7, pureed 1.03 | water 87, sucrose 1.6, glucose 5.1, fructose 3.1, malic 1.2, minerals 0.3, inert 1.7 | 0.7 | 0.5 | 80–400
quince | fruit | 1 | chopped 0.6, grated 0.75 | water 84, sucrose 0.6, glucose 2.5, fructose 6, malic 0.9, minerals 0.4, inert 5.6 | 0.7 | 0.5 | 60–300
medlar | fruit | 1.02 | pureed 1 | water 75, glucose 4.5, fructose 6, malic 0.7, minerals 0.5, inert 13.3 | 0.7 | 0.5 | 60–250
gooseberry | fruit | 1 | whole 0.63, pureed 1.02 | water 88, sucrose 0.6, glucose 3.2, fructose 3.5, citric 1, malic 1.1, minerals 0.4, inert 2.2 | 0.7 | 0.5 | 80–300
raspberry | fruit | 0.98 | whole 0.52, pureed 1.03 | water 86, sucrose 0.2, glucose 1.9, fructose 2.4, citric 1.6, malic 0.2, minerals 0.4, inert 7.3 | 0.7 | 0.5 | 60–250
blackberry | fruit | 1 | whole 0.6, pureed 1.03 | water 88, sucrose 0.1, glucose 2.3, fructose 2.4, citric 0.3, malic 0.6, minerals 0.4, inert 5.9 | 0.7 | 0.5 | 60–300
strawberry | fruit | 0.98 | whole 0.61, chopped 0.7, pureed 1.02 | water 91, sucrose 0.5, glucose 2, fructose 2.4, citric 0.8, malic 0.2, minerals 0.4, inert 2.7 | 0.7 | 0.5 | 80–350
cherry | fruit | 1.04 | whole 0.6, chopped 0.7, pureed 1.05 | water 82, sucrose 0.2, glucose 6.6, fructose 5.4, malic 0.7, minerals 0.5, inert 4.6 | 0.7 | 0.5 | 80–350
apricot | fruit | 1.02 | chopped 0.65, pureed 1.04 | water 86, sucrose 5.9, glucose 2.4, fructose 0.9, citric 0.5, malic 0.8, minerals 0.5, inert 3 | 0.7 | 0.5 | 80–350
peach | fruit | 1 | chopped 0.68, pureed 1.03 | water 88, sucrose 4.8, glucose 2, fructose 1.5, citric 0.2, malic 0.5, minerals 0.4, inert 2.6 | 0.7 | 0.5 | 80–350
apple | fruit | 0.85 | chopped 0.5, grated 0.7, pureed 1.03 | water 85.5, sucrose 2, glucose 2.4, fructose 5.9, malic 0.6, minerals 0.2, inert 3.4 | 0.7 | 0.5 | 80–400
pineapple | fruit | 0.98 | chopped 0.7, pureed 1.04 | water 86, sucrose 6, glucose 1.7, fructose 2.1, citric 0.7, malic 0.15, minerals 0.3, inert 3.05 | 0.7 | 0.5 | 80–350
pineapple-rind | fruit | 0.95 | chopped 0.45 | water 85, sucrose 3.5, glucose 1.6, fructose 1.9, citric 0.5, malic 0.2, minerals 0.5, inert 6.8 | 0.6 | 0.5 | 150–400
melon | fruit | 0.98 | chopped 0.66, pureed 1.02 | water 90, sucrose 4.4, glucose 1.5, fructose 1.9, citric 0.2, minerals 0.6, inert 1.4 | 0.7 | 0.5 | 100–400
rosehip | fruit | 0.95 | whole 0.55, chopped 0.6 | water 59, sucrose 0.5, glucose 7, fructose 7.5, citric 2, malic 0.8, minerals 1.2, inert 22 | 0.7 | 0.5 | 40–150
elderberry | fruit | 1 | whole 0.6 | water 80, glucose 3.5, fructose 3.9, citric 0.6, malic 0.2, minerals 0.6, inert 11.2 | 0.7 | 0.5 | 40–200
dried-fig | fruit | 1.2 | chopped 0.63 | water 30, glucose 24.8, fructose 22.9, citric 0.3, minerals 1.9, inert 20.1 | 0.6 | 0.9 | 5–60
raisin | fruit | 1.35 | whole 0.65 | water 15, sucrose 0.5, glucose 28, fructose 30, malic 0.8, minerals 1.9, inert 23.8 | 0.6 | 0.8 | 5–60
rhubarb | fruit | 1 | chopped 0.52 | water 93.6, glucose 0.4, fructose 0.4, citric 0.4, malic 1.4, minerals 0.8, inert 3 | 0.7 | 0.5 | 80–350
tomato | fruit | 1 | chopped 0.76, pureed 1.03 | water 94.5, glucose 1.25, fructose 1.4, citric 0.45, minerals 0.5, inert 1.9 | 0.7 | 0.5 | 60–300
beetroot | vegetable | 1.05 | chopped 0.57, grated 0.6 | water 87.5, sucrose 6.5, glucose 0.2, fructose 0.2, citric 0.1, minerals 1.1, inert 4.4 | 0.5 | 0.4 | 30–200
carrot | vegetable | 1.04 | chopped 0.54, grated 0.46 | water 88, sucrose 3.6, glucose 0.6, fructose 0.6, malic 0.2, minerals 1, inert 6 | 0.5 | 0.4 | 30–200
celery | vegetable | 0.95 | chopped 0.43 | water 95, glucose 0.4, fructose 0.4, malic 0.2, minerals 0.8, inert 3.2 | 0.5 | 0.4 | 20–120
cucumber | vegetable | 0.97 | sliced 0.5, grated 0.9 | water 95.5, glucose 0.8, fructose 0.9, malic 0.2, minerals 0.4, inert 2.2 | 0.5 | 0.4 | 40–250
apple-juice | juice | 1.045 | liquid 1.045 | water 89.25, sucrose 1.5, glucose 2.6, fructose 5.9, malic 0.5, minerals 0.25 | 1 | 0 | 100–1000
pear-juice | juice | 1.047 | liquid 1.047 | water 89.55, sucrose 0.8, glucose 2.2, fructose 6.8, citric 0.1, malic 0.3, minerals 0.25 | 1 | 0 | 100–1000
orange-juice | juice | 1.045 | liquid 1.045 | water 90.05, sucrose 4, glucose 2.1, fructose 2.4, citric 0.9, malic 0.15, minerals 0.4 | 1 | 0 | 100–800
pineapple-juice | juice | 1.05 | liquid 1.05 | water 88.6, sucrose 5, glucose 2.4, fructose 2.6, citric 0.8, malic 0.2, minerals 0.4 | 1 | 0 | 100–800
cherry-juice | juice | 1.055 | liquid 1.055 | water 86.3, sucrose 0.3, glucose 6.3, fructose 5.2, malic 1.4, minerals 0.5 | 1 | 0 | 80–600
red-currant-juice | juice | 1.04 | liquid 1.04 | water 89.9, sucrose 0.3, glucose 3.2, fructose 3.8, citric 2, malic 0.4, minerals 0.4 | 1 | 0 | 50–400
beetroot-juice | juice | 1.04 | liquid 1.04 | water 90.9, sucrose 7.5, glucose 0.3, fructose 0.3, citric 0.1, minerals 0.9 | 1 | 0 | 20–300
apple-concentrate | juice | 1.35 | liquid 1.35 | water 29, sucrose 10, glucose 18, fructose 39, malic 2.6, minerals 1.4 | 1 | 0 | 30–150
pear-puree | puree | 1.05 | pureed 1.05 | water 83, sucrose 0.8, glucose 2.6, fructose 6.6, citric 0.1, malic 0.25, minerals 0.3, inert 6.35 | 0.9 | 0.2 | 40–200
raspberry-puree | puree | 1.03 | pureed 1.03 | water 86, sucrose 0.3, glucose 1.9, fructose 2.5, citric 1.6, malic 0.2, minerals 0.4, inert 7.1 | 0.9 | 0.2 | 40–200
plum-puree | puree | 1.04 | pureed 1.04 | water 86, sucrose 1.7, glucose 4.9, fructose 3.2, malic 1.2, minerals 0.4, inert 2.6 | 0.9 | 0.2 | 40–200
apricot-puree | puree | 1.05 | pureed 1.05 | water 85, sucrose 5.8, glucose 2.5, fructose 1, citric 0.5, malic 0.9, minerals 0.5, inert 3.8 | 0.9 | 0.2 | 40–200
lemon-juice | citrus | 1.03 | liquid 1.03 | water 92.1, sucrose 0.4, glucose 1, fructose 1.1, citric 4.9, malic 0.2, minerals 0.3 | 1 | 0 | 10–60
lime-juice | citrus | 1.03 | liquid 1.03 | water 93, sucrose 0.5, glucose 0.6, fructose 0.6, citric 4.8, malic 0.2, minerals 0.3 | 1 | 0 | 10–60
orange-zest | citrus | 0.9 | grated 0.4 | water 72, sucrose 2, glucose 2, fructose 2, citric 0.3, minerals 0.8, inert 20.9 | 0.3 | 0.5 | 1–10
lemon-zest | citrus | 0.9 | grated 0.4 | water 81, glucose 1.5, fructose 1.5, citric 0.5, minerals 0.6, inert 14.9 | 0.3 | 0.5 | 1–10
whey | dairy | 1.025 | liquid 1.025 | water 93.65, lactose 4.2, citric 0.15, lactic 0.6, minerals 0.7, inert 0.7 | 1 | 0 | 15–35
live-yoghurt | dairy | 1.04 | liquid 1.04 | water 87.4, lactose 4.5, lactic 0.9, minerals 0.7, inert 6.5 | 1 | 0 | 10–50
black-tea | tea | 0.6 | dried 0.4 | water 6, minerals 5, inert 89 | 0.2 | 3 | 4–10
green-tea | tea | 0.5 | dried 0.35 | water 6, minerals 5, inert 89 | 0.2 | 3 | 4–10
rooibos | tea | 0.5 | dried 0.36 | water 6, minerals 2, inert 92 | 0.2 | 3 | 4–12
hibiscus-flower | tea | 0.4 | dried 0.18 | water 10, citric 8, malic 4, minerals 6, inert 72 | 0.7 | 4 | 3–15
thyme | herb | 0.9 | chopped 0.16, dried 0.18 | water 65, minerals 2.5, inert 32.5 | 0.2 | 1 | 1–10
sage | herb | 0.9 | chopped 0.13, dried 0.13 | water 66, minerals 2.5, inert 31.5 | 0.2 | 1 | 1–8
bay | herb | 0.9 | whole 0.06 | water 50, minerals 3, inert 47 | 0.2 | 1 | 0.5–4
dill | herb | 0.9 | chopped 0.1 | water 86, minerals 2.5, inert 11.5 | 0.2 | 1 | 2–12
lime-leaf | herb | 0.9 | sliced 0.1 | water 60, minerals 2, inert 38 | 0.2 | 1 | 0.5–4
mint | herb | 0.9 | chopped 0.12 | water 80, minerals 2, inert 18 | 0.2 | 1 | 3–20
fig-leaf | herb | 0.9 | chopped 0.1 | water 68, minerals 3, inert 29 | 0.2 | 1 | 2–12
nettle | herb | 0.9 | chopped 0.1 | water 83, minerals 3, inert 14 | 0.2 | 1 | 20–120
elderflower | flower | 0.5 | whole 0.06 | water 80, glucose 1, fructose 1, minerals 1, inert 17 | 0.4 | 1.5 | 10–60
dandelion | flower | 0.5 | whole 0.09 | water 85, glucose 1, fructose 1, minerals 1.2, inert 11.8 | 0.4 | 1.5 | 10–80
lilac | flower | 0.5 | whole 0.06 | water 82, glucose 1, fructose 1, minerals 0.8, inert 15.2 | 0.4 | 1.5 | 10–60
fennel-seed | spice | 0.9 | whole 0.39 | water 9, minerals 8, inert 83 | 0.1 | 1 | 0.5–6
black-pepper | spice | 1.1 | whole 0.55, powdered 0.46 | water 12, minerals 4, inert 84 | 0.1 | 1 | 0.2–3
juniper | spice | 0.9 | whole 0.4 | water 15, glucose 10, fructose 10, minerals 3, inert 62 | 0.1 | 1 | 0.5–5
cardamom | spice | 0.8 | whole 0.35, powdered 0.4 | water 8, minerals 6, inert 86 | 0.1 | 1 | 0.3–4
cinnamon | spice | 0.9 | powdered 0.53 | water 11, minerals 4, inert 85 | 0.1 | 1 | 0.3–5
clove | spice | 0.9 | whole 0.4 | water 9, minerals 6, inert 85 | 0.1 | 1 | 0.1–1
chilli | spice | 0.9 | chopped 0.5 | water 88, glucose 2.3, fructose 2.6, minerals 0.9, inert 6.2 | 0.3 | 1 | 0.3–5
sea-salt | mineral | 2.1 | powdered 1.2 | minerals 99, inert 1 | 1 | 0 | 0.2–3
baking-soda | mineral | 2.2 | powdered 0.92 | minerals 100 | 1 | 0 | 0.05–0.6
mineral-drops | mineral | 1.25 | liquid 1.25 | water 70, minerals 30 | 1 | 0 | 0.1–1
yeast-nutrient | mineral | 1.5 | powdered 0.8 | minerals 60, inert 40 | 1 | 0 | 0.1–0.8
eggshell | mineral | 2 | chopped 0.6 | minerals 5, inert 95 | 0.05 | 0 | 0.5–3
kefir-grains | culture | 1.05 | whole 0.9 | water 86, inert 14 | 0 | 0.3 | 40–90
dried-kefir-grains | culture | 1.3 | dried 0.6 | water 8, inert 92 | 0 | 3 | 4–12
pellicle | culture | 1.02 | whole 0.9 | water 95, inert 5 | 0 | 0.2 | 20–120
ripe-tea | culture | 1.01 | liquid 1.01 | water 96, glucose 1.4, fructose 1.6, lactic 0.2, acetic 0.6, minerals 0.1, inert 0.1 | 1 | 0 | 100–150
sediment | culture | 1.05 | liquid 1.05 | water 85, inert 15 | 0 | 0.3 | 2–30
wine-yeast | culture | 1.2 | dried 0.7 | water 6, inert 94 | 0 | 0.3 | 0.3–1
ale-yeast | culture | 1.2 | dried 0.7 | water 6, inert 94 | 0 | 0.3 | 0.3–1
bread-yeast | culture | 1.2 | dried 0.65 | water 6, inert 94 | 0 | 0.3 | 0.3–1
`;

const percent = (share: number) => Number((share * 100).toFixed(3));

function row({ id, family, density, spooned, composition, gives, soaks, typical }: Ingredient): string {
  const weights = Object.entries(spooned).map(([form, weight]) => `${form} ${weight}`);
  const parts = Object.entries(composition)
    .filter(([, share]) => share > 0)
    .map(([substance, share]) => `${substance} ${percent(share)}`);
  const usual = typical ? typical.join('–') : '—';
  return [id, family, density, weights.join(', '), parts.join(', '), gives, soaks, usual].join(' | ');
}

const rows = new Map(
  checked
    .trim()
    .split('\n')
    .map((line) => [line.slice(0, line.indexOf(' |')), line]),
);

test.each(Object.values(ingredients).map((ingredient) => [ingredient.id, ingredient] as const))(
  '%s holds the figures that were checked',
  (id, ingredient) => expect(row(ingredient)).toBe(rows.get(id)),
);

test('no ingredient went missing, and each is found by its id', () => {
  expect(Object.keys(ingredients)).toEqual([...rows.keys()]);
  for (const [id, ingredient] of Object.entries(ingredients)) {
    expect(ingredient.id).toBe(id);
    expect(ingredientOf(id)).toBe(ingredient);
    expect(ingredient.name).toMatch(/^[A-Z]/);
  }
});

test('what no table knows is weighed, counts as half water, and ferments nothing', () => {
  const other = ingredientOf('dandruff-of-a-dragon');
  expect([isIngredient('other'), isIngredient('toString'), isIngredient('water')]).toEqual([
    false,
    false,
    true,
  ]);
  expect(row(other)).toBe('other | spice | 1 | whole 0.5 | water 50, inert 50 | 0.2 | 0.5 | —');
});
