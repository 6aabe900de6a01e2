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
lively-bug | culture | 1.01 | liquid 1.01 | water 97.4, glucose 0.5, fructose 0.7, lactic 0.4, minerals 0.1, inert 0.9 | 1 | 0 | 50–120
ripe-tea | culture | 1.01 | liquid 1.01 | water 96, glucose 1.4, fructose 1.6, lactic 0.2, acetic 0.6, minerals 0.1, inert 0.1 | 1 | 0 | 100–150
sediment | culture | 1.05 | liquid 1.05 | water 85, inert 15 | 0 | 0.3 | 2–30
wine-yeast | culture | 1.2 | dried 0.7 | water 6, inert 94 | 0 | 0.3 | 0.3–1
ale-yeast | culture | 1.2 | dried 0.7 | water 6, inert 94 | 0 | 0.3 | 0.3–1
bread-yeast | culture | 1.2 | dried 0.65 | water 6, inert 94 | 0 | 0.3 | 0.3–1
coconut-sugar | sugar | 1.5 | powdered 0.72 | water 2.5, sucrose 78, glucose 4, fructose 5, minerals 2.5, inert 8 | 1 | 0 | 40–120
maple-sugar | sugar | 1.5 | powdered 0.75 | water 3, sucrose 88, glucose 3, fructose 2, minerals 1, inert 3 | 1 | 0 | 40–120
candi-sugar | sugar | 1.59 | whole 0.9 | water 0.3, sucrose 99.5, inert 0.2 | 1 | 0 | 40–120
vanilla-sugar | sugar | 1.59 | powdered 0.85 | sucrose 98, inert 2 | 1 | 0 | 5–60
malt-extract | sugar | 1.5 | powdered 0.6 | water 3, sucrose 3, glucose 9, maltose 52, minerals 1.5, inert 31.5 | 1 | 0 | 20–120
lactose | sugar | 1.52 | powdered 0.65 | water 5, lactose 95 | 1 | 0 | 5–40
maltodextrin | sugar | 1.5 | powdered 0.5 | water 5, maltose 2, inert 93 | 1 | 0 | 5–40
erythritol | sugar | 1.45 | powdered 0.8 | inert 100 | 1 | 0 | 5–60
xylitol | sugar | 1.52 | powdered 0.8 | inert 100 | 1 | 0 | 5–60
stevia | sugar | 0.6 | powdered 0.4 | water 5, inert 95 | 1 | 0 | 0.05–1
invert-syrup | syrup | 1.39 | liquid 1.39 | water 22.9, sucrose 5, glucose 36, fructose 36, minerals 0.1 | 1 | 0 | 40–120
malt-syrup | syrup | 1.41 | liquid 1.41 | water 22.8, sucrose 3, glucose 8, maltose 47, minerals 1.2, inert 18 | 1 | 0 | 20–120
sorghum-syrup | syrup | 1.38 | liquid 1.38 | water 24.5, sucrose 33, glucose 20, fructose 18, minerals 2.5, inert 2 | 1 | 0 | 40–120
birch-syrup | syrup | 1.32 | liquid 1.32 | water 35.1, sucrose 1, glucose 27, fructose 35, malic 0.7, minerals 1.2 | 1 | 0 | 30–120
coconut-nectar | syrup | 1.36 | liquid 1.36 | water 24.5, sucrose 60, glucose 6, fructose 7, minerals 2.5 | 1 | 0 | 40–120
corn-syrup | syrup | 1.38 | liquid 1.38 | water 24, glucose 19, maltose 15, inert 42 | 1 | 0 | 40–140
elderflower-cordial | syrup | 1.23 | liquid 1.23 | water 50.5, sucrose 48, citric 1.5 | 1 | 0 | 40–200
ginger-syrup | syrup | 1.3 | liquid 1.3 | water 37.9, sucrose 62, minerals 0.1 | 1 | 0 | 40–150
grenadine | syrup | 1.33 | liquid 1.33 | water 32.2, sucrose 55, glucose 6, fructose 6, citric 0.8 | 1 | 0 | 40–150
pomegranate-molasses | syrup | 1.36 | liquid 1.36 | water 31.4, glucose 28, fructose 30, citric 8, malic 0.6, minerals 2 | 1 | 0 | 10–60
coconut-water | juice | 1.018 | liquid 1.018 | water 95.3, sucrose 0.9, glucose 1.5, fructose 1.4, malic 0.3, minerals 0.6 | 1 | 0 | 100–1000
birch-sap | juice | 1.003 | liquid 1.003 | water 98.9, glucose 0.5, fructose 0.5, minerals 0.1 | 1 | 0 | 200–1000
maple-sap | juice | 1.006 | liquid 1.006 | water 97.9, sucrose 2, minerals 0.1 | 1 | 0 | 200–1000
sugarcane-juice | juice | 1.06 | liquid 1.06 | water 85.1, sucrose 13, glucose 0.8, fructose 0.7, minerals 0.4 | 1 | 0 | 100–800
carrot-juice | juice | 1.03 | liquid 1.03 | water 93.1, sucrose 3.6, glucose 1.2, fructose 1.1, malic 0.2, minerals 0.8 | 1 | 0 | 50–500
celery-juice | juice | 1.01 | liquid 1.01 | water 97.5, glucose 0.7, fructose 0.7, malic 0.2, minerals 0.9 | 1 | 0 | 50–300
oat-drink | juice | 1.03 | liquid 1.03 | water 92.5, glucose 0.3, maltose 4, minerals 0.2, inert 3 | 1 | 0 | 50–400
vinegar | juice | 1.01 | liquid 1.01 | water 94.8, acetic 5, minerals 0.2 | 1 | 0 | 5–60
mango | fruit | 1 | chopped 0.7, whole 0.7, pureed 1.03 | water 83.5, sucrose 7, glucose 2, fructose 4.7, citric 0.3, malic 0.1, minerals 0.4, inert 2 | 0.7 | 0.5 | 60–350
grape | fruit | 1 | chopped 0.64, whole 0.64, pureed 1.03 | water 81, sucrose 0.2, glucose 7.2, fructose 8.1, citric 0.1, malic 0.5, minerals 0.4, inert 2.5 | 0.7 | 0.5 | 60–350
grapefruit | fruit | 1 | chopped 0.97, whole 0.97, pureed 1.03 | water 90, sucrose 3.3, glucose 1.6, fructose 1.8, citric 1.3, malic 0.1, minerals 0.4, inert 1.5 | 0.7 | 0.5 | 60–350
orange | fruit | 1 | chopped 0.76, whole 0.76, pureed 1.03 | water 87, sucrose 4.3, glucose 2, fructose 2.3, citric 0.9, malic 0.15, minerals 0.4, inert 2.95 | 0.7 | 0.5 | 60–350
mandarin | fruit | 1 | chopped 0.82, whole 0.82, pureed 1.03 | water 85, sucrose 6, glucose 2.1, fructose 2.4, citric 0.8, malic 0.15, minerals 0.4, inert 3.15 | 0.7 | 0.5 | 60–350
blood-orange | fruit | 1 | chopped 0.76, whole 0.76, pureed 1.03 | water 87, sucrose 3.8, glucose 2, fructose 2.3, citric 1.1, malic 0.15, minerals 0.4, inert 3.25 | 0.7 | 0.5 | 60–350
lemon | fruit | 1 | chopped 0.9, whole 0.9, pureed 1.03 | water 89, sucrose 0.4, glucose 1, fructose 1.1, citric 4.6, malic 0.2, minerals 0.3, inert 3.4 | 0.7 | 0.5 | 60–350
lime | fruit | 1 | chopped 0.9, whole 0.9, pureed 1.03 | water 88, sucrose 0.5, glucose 0.6, fructose 0.6, citric 4.7, malic 0.2, minerals 0.3, inert 5.1 | 0.7 | 0.5 | 60–350
yuzu | fruit | 1 | chopped 0.9, whole 0.9, pureed 1.03 | water 88, sucrose 0.9, glucose 1, fructose 1.1, citric 4.2, malic 0.2, minerals 0.4, inert 4.2 | 0.7 | 0.5 | 60–350
kumquat | fruit | 1 | chopped 0.65, whole 0.65, pureed 1.03 | water 81, sucrose 3, glucose 3, fructose 3.3, citric 1.8, malic 0.2, minerals 0.5, inert 7.2 | 0.7 | 0.5 | 60–350
bergamot | fruit | 1 | chopped 0.9, whole 0.9, pureed 1.03 | water 88, sucrose 0.8, glucose 1.4, fructose 1.5, citric 4.5, malic 0.2, minerals 0.4, inert 3.2 | 0.7 | 0.5 | 60–350
banana | fruit | 1 | chopped 0.63, whole 0.63, pureed 1.03 | water 75, sucrose 6.5, glucose 4.2, fructose 3.8, citric 0.3, malic 0.4, minerals 0.8, inert 9 | 0.7 | 0.5 | 60–350
kiwi | fruit | 1 | chopped 0.76, whole 0.76, pureed 1.03 | water 83, sucrose 0.2, glucose 4.1, fructose 4.4, citric 1, malic 0.3, minerals 0.6, inert 6.4 | 0.7 | 0.5 | 60–350
passion-fruit | fruit | 1 | chopped 1, whole 1, pureed 1.03 | water 73, sucrose 3.1, glucose 3.8, fructose 3.1, citric 3, malic 0.4, minerals 0.8, inert 12.8 | 0.7 | 0.5 | 60–350
guava | fruit | 1 | chopped 0.7, whole 0.7, pureed 1.03 | water 81, sucrose 3, glucose 2.1, fructose 3, citric 0.7, malic 0.2, minerals 0.6, inert 9.4 | 0.7 | 0.5 | 60–350
papaya | fruit | 1 | chopped 0.61, whole 0.61, pureed 1.03 | water 88, glucose 4.1, fructose 3.7, citric 0.1, malic 0.1, minerals 0.4, inert 3.6 | 0.7 | 0.5 | 60–350
lychee | fruit | 1 | chopped 0.8, whole 0.8, pureed 1.03 | water 82, sucrose 5, glucose 4.6, fructose 4.9, citric 0.1, malic 0.3, minerals 0.4, inert 2.7 | 0.7 | 0.5 | 60–350
pomegranate | fruit | 1 | chopped 0.73, whole 0.73, pureed 1.03 | water 78, sucrose 0.4, glucose 6.5, fructose 6.7, citric 1, malic 0.1, minerals 0.5, inert 6.8 | 0.7 | 0.5 | 60–350
nectarine | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 88, sucrose 4.9, glucose 1.6, fructose 1.4, citric 0.3, malic 0.5, minerals 0.4, inert 2.9 | 0.7 | 0.5 | 60–350
blackcurrant | fruit | 1 | chopped 0.47, whole 0.47, pureed 1.03 | water 82, sucrose 0.6, glucose 3.2, fructose 3.8, citric 2.7, malic 0.4, minerals 0.7, inert 6.6 | 0.7 | 0.5 | 60–350
redcurrant | fruit | 1 | chopped 0.47, whole 0.47, pureed 1.03 | water 84, sucrose 0.6, glucose 3.2, fructose 3.5, citric 2, malic 0.3, minerals 0.6, inert 5.8 | 0.7 | 0.5 | 60–350
whitecurrant | fruit | 1 | chopped 0.47, whole 0.47, pureed 1.03 | water 84, sucrose 0.6, glucose 3.4, fructose 3.6, citric 1.8, malic 0.3, minerals 0.6, inert 5.7 | 0.7 | 0.5 | 60–350
jostaberry | fruit | 1 | chopped 0.55, whole 0.55, pureed 1.03 | water 83, sucrose 0.6, glucose 3.5, fructose 3.9, citric 2, malic 0.6, minerals 0.6, inert 5.8 | 0.7 | 0.5 | 60–350
blueberry | fruit | 1 | chopped 0.63, whole 0.63, pureed 1.03 | water 84, sucrose 0.1, glucose 4.9, fructose 5, citric 0.5, malic 0.1, minerals 0.3, inert 5.1 | 0.7 | 0.5 | 60–350
bilberry | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 86, sucrose 0.2, glucose 2.6, fructose 3.3, citric 0.6, malic 0.5, minerals 0.3, inert 6.5 | 0.7 | 0.5 | 60–350
cranberry | fruit | 1 | chopped 0.42, whole 0.42, pureed 1.03 | water 87, sucrose 0.1, glucose 3.3, fructose 0.7, citric 1.1, malic 0.9, minerals 0.2, inert 6.7 | 0.7 | 0.5 | 60–350
lingonberry | fruit | 1 | chopped 0.5, whole 0.5, pureed 1.03 | water 85, sucrose 0.3, glucose 3.4, fructose 3.6, citric 1.6, malic 0.3, minerals 0.3, inert 5.5 | 0.7 | 0.5 | 60–350
cloudberry | fruit | 1 | chopped 0.55, whole 0.55, pureed 1.03 | water 84, sucrose 0.1, glucose 2.9, fructose 2.8, citric 0.8, malic 0.3, minerals 0.5, inert 8.6 | 0.7 | 0.5 | 60–350
sea-buckthorn | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 83, sucrose 0.1, glucose 2.2, fructose 0.7, citric 0.6, malic 2.3, minerals 0.5, inert 10.6 | 0.7 | 0.5 | 60–350
mulberry | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 88, sucrose 0.1, glucose 4, fructose 4, citric 0.5, malic 0.2, minerals 0.7, inert 2.5 | 0.7 | 0.5 | 60–350
tayberry | fruit | 1 | chopped 0.55, whole 0.55, pureed 1.03 | water 87, sucrose 0.2, glucose 2.2, fructose 2.6, citric 1.5, malic 0.3, minerals 0.4, inert 5.8 | 0.7 | 0.5 | 60–350
boysenberry | fruit | 1 | chopped 0.55, whole 0.55, pureed 1.03 | water 86, sucrose 0.3, glucose 3, fructose 3.4, citric 1, malic 0.4, minerals 0.4, inert 5.5 | 0.7 | 0.5 | 60–350
chokeberry | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 80, sucrose 0.2, glucose 4.1, fructose 3.6, citric 0.2, malic 1.1, minerals 0.6, inert 10.2 | 0.7 | 0.5 | 60–350
rowanberry | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 75, sucrose 0.2, glucose 3.8, fructose 4.3, citric 0.3, malic 2.2, minerals 0.7, inert 13.5 | 0.7 | 0.5 | 60–350
haw | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 74, sucrose 0.8, glucose 4.5, fructose 5.3, citric 0.6, malic 0.3, minerals 0.8, inert 13.7 | 0.7 | 0.5 | 60–350
sloe | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 76, sucrose 0.3, glucose 4.2, fructose 2.9, citric 0.1, malic 2, minerals 0.7, inert 13.8 | 0.7 | 0.5 | 60–350
damson | fruit | 1 | chopped 0.62, whole 0.62, pureed 1.03 | water 80, sucrose 1.2, glucose 5.2, fructose 3.4, citric 0.1, malic 2, minerals 0.6, inert 7.5 | 0.7 | 0.5 | 60–350
mirabelle | fruit | 1 | chopped 0.65, whole 0.65, pureed 1.03 | water 82, sucrose 4.6, glucose 5.1, fructose 4.3, citric 0.05, malic 1, minerals 0.5, inert 2.45 | 0.7 | 0.5 | 60–350
greengage | fruit | 1 | chopped 0.65, whole 0.65, pureed 1.03 | water 81, sucrose 4.8, glucose 5, fructose 3.6, citric 0.05, malic 1, minerals 0.5, inert 4.05 | 0.7 | 0.5 | 60–350
sour-cherry | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 86, sucrose 0.4, glucose 4.2, fructose 3.5, citric 0.1, malic 1.7, minerals 0.4, inert 3.7 | 0.7 | 0.5 | 60–350
crab-apple | fruit | 1 | chopped 0.5, whole 0.5, pureed 1.03 | water 79, sucrose 1.9, glucose 3, fructose 6.5, citric 0.1, malic 1.5, minerals 0.4, inert 7.6 | 0.7 | 0.5 | 60–350
persimmon | fruit | 1 | chopped 0.7, whole 0.7, pureed 1.03 | water 80, sucrose 1.5, glucose 5.4, fructose 5.6, citric 0.1, malic 0.2, minerals 0.4, inert 6.8 | 0.7 | 0.5 | 60–350
fig | fruit | 1 | chopped 0.65, whole 0.65, pureed 1.03 | water 79, sucrose 0.4, glucose 8.4, fructose 7.2, citric 0.3, malic 0.1, minerals 0.7, inert 3.9 | 0.7 | 0.5 | 60–350
prickly-pear | fruit | 1 | chopped 0.65, whole 0.65, pureed 1.03 | water 88, sucrose 0.2, glucose 4.6, fructose 3, citric 0.1, malic 0.1, minerals 0.8, inert 3.2 | 0.7 | 0.5 | 60–350
dragon-fruit | fruit | 1 | chopped 0.75, whole 0.75, pureed 1.03 | water 87, sucrose 0.2, glucose 5.4, fructose 2.8, citric 0.1, malic 0.3, minerals 0.5, inert 3.7 | 0.7 | 0.5 | 60–350
starfruit | fruit | 1 | chopped 0.55, whole 0.55, pureed 1.03 | water 91, sucrose 0.8, glucose 1.9, fructose 1.9, citric 0.2, malic 0.4, minerals 0.3, inert 3.5 | 0.7 | 0.5 | 60–350
feijoa | fruit | 1 | chopped 0.7, whole 0.7, pureed 1.03 | water 83, sucrose 2.9, glucose 2.3, fructose 3, citric 0.6, malic 0.3, minerals 0.5, inert 7.4 | 0.7 | 0.5 | 60–350
soursop | fruit | 1 | chopped 0.95, whole 0.95, pureed 1.03 | water 81, sucrose 4.3, glucose 4.6, fructose 4.1, citric 0.8, malic 0.4, minerals 0.6, inert 4.2 | 0.7 | 0.5 | 60–350
jackfruit | fruit | 1 | chopped 0.65, whole 0.65, pureed 1.03 | water 74, sucrose 8.5, glucose 5.1, fructose 5.3, citric 0.2, malic 0.2, minerals 0.9, inert 5.8 | 0.7 | 0.5 | 60–350
loquat | fruit | 1 | chopped 0.63, whole 0.63, pureed 1.03 | water 86, sucrose 1, glucose 3.6, fructose 5, citric 0.1, malic 0.8, minerals 0.4, inert 3.1 | 0.7 | 0.5 | 60–350
physalis | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 85, sucrose 3.6, glucose 2.7, fructose 2.4, citric 1.2, malic 0.2, minerals 0.6, inert 4.3 | 0.7 | 0.5 | 60–350
watermelon | fruit | 1 | chopped 0.65, whole 0.65, pureed 1.03 | water 91.5, sucrose 1.2, glucose 1.6, fructose 3.4, citric 0.1, malic 0.1, minerals 0.3, inert 1.8 | 0.7 | 0.5 | 60–350
tamarind | fruit | 1 | chopped 0.5, whole 0.5, pureed 1.03 | water 31, sucrose 0.5, glucose 28, fructose 28, citric 0.3, malic 0.5, minerals 2.7, inert 9 | 0.7 | 0.5 | 60–350
date | fruit | 1 | chopped 0.62, whole 0.62, pureed 1.03 | water 21, sucrose 4, glucose 31, fructose 32, citric 0.1, malic 0.2, minerals 1.6, inert 10.1 | 0.6 | 0.9 | 60–350
prune | fruit | 1 | chopped 0.72, whole 0.72, pureed 1.03 | water 31, sucrose 0.2, glucose 25.5, fructose 12.5, citric 0.2, malic 1.5, minerals 1.5, inert 27.6 | 0.6 | 0.9 | 60–350
dried-apricot | fruit | 1 | chopped 0.55, whole 0.55, pureed 1.03 | water 31, sucrose 7.9, glucose 33, fructose 12.5, citric 0.8, malic 1.3, minerals 2.6, inert 10.9 | 0.6 | 0.9 | 60–350
dried-cranberry | fruit | 1 | chopped 0.5, whole 0.5, pureed 1.03 | water 16, sucrose 29, glucose 22, fructose 16, citric 1.2, malic 0.8, minerals 0.3, inert 14.7 | 0.6 | 0.9 | 60–350
dried-apple | fruit | 1 | chopped 0.36, whole 0.36, pureed 1.03 | water 32, sucrose 8, glucose 9.5, fructose 24, citric 0.1, malic 1.6, minerals 1.1, inert 23.7 | 0.6 | 0.9 | 60–350
currant | fruit | 1 | chopped 0.6, whole 0.6, pureed 1.03 | water 19, sucrose 0.5, glucose 32, fructose 34, citric 0.3, malic 0.8, minerals 1.7, inert 11.7 | 0.6 | 0.9 | 60–350
goji-berry | fruit | 1 | chopped 0.45, whole 0.45, pureed 1.03 | water 12, sucrose 0.5, glucose 23, fructose 22, citric 0.8, malic 0.3, minerals 3, inert 38.4 | 0.6 | 0.9 | 60–350
pumpkin | vegetable | 1 | chopped 0.5, pureed 1 | water 91, sucrose 1, glucose 1, fructose 0.9, malic 0.2, minerals 0.8, inert 5.1 | 0.4 | 0.6 | 50–300
sweet-potato | vegetable | 1.03 | grated 0.5, chopped 0.56 | water 77, sucrose 2.5, glucose 1, fructose 0.7, minerals 1, inert 17.8 | 0.4 | 0.6 | 50–300
fennel-bulb | vegetable | 0.95 | chopped 0.37 | water 90, glucose 1.9, fructose 1.1, minerals 1, inert 6 | 0.4 | 0.6 | 20–150
parsnip | vegetable | 1.04 | chopped 0.56, grated 0.5 | water 80, sucrose 4, glucose 0.4, fructose 0.4, minerals 1, inert 14.2 | 0.4 | 0.6 | 30–200
jicama | vegetable | 1 | chopped 0.55 | water 90, glucose 0.6, fructose 0.7, minerals 0.4, inert 8.3 | 0.4 | 0.6 | 30–200
rye-bread | vegetable | 0.5 | chopped 0.2 | water 12, glucose 1, maltose 4, minerals 2.5, inert 80.5 | 0.4 | 2.2 | 40–150
pearl-barley | vegetable | 1.2 | whole 0.8 | water 10, minerals 1, inert 89 | 0.4 | 1.5 | 10–80
barley-malt | vegetable | 1 | chopped 0.5 | water 5, sucrose 4, glucose 2, maltose 8, minerals 2, inert 79 | 0.4 | 1 | 20–150
rice-grain | vegetable | 1.3 | whole 0.8 | water 12, minerals 0.5, inert 87.5 | 0.4 | 1.2 | 10–80
orange-peel-dried | vegetable | 0.6 | chopped 0.25 | water 10, glucose 6, fructose 6, citric 1, minerals 3, inert 74 | 0.4 | 3 | 1–10
lime-zest | citrus | 0.9 | grated 0.4 | water 80, glucose 1.2, fructose 1.2, citric 0.6, minerals 0.6, inert 16.4 | 0.3 | 0.5 | 1–10
grapefruit-zest | citrus | 0.9 | grated 0.4 | water 76, sucrose 1.5, glucose 1.8, fructose 1.8, citric 0.4, minerals 0.7, inert 17.8 | 0.3 | 0.5 | 1–10
mandarin-zest | citrus | 0.9 | grated 0.4 | water 74, sucrose 2, glucose 2, fructose 2, citric 0.3, minerals 0.8, inert 18.9 | 0.3 | 0.5 | 1–10
oolong-tea | tea | 1 | dried 0.25 | water 6, minerals 5, inert 89 | 0.2 | 3 | 4–12
white-tea | tea | 1 | dried 0.12 | water 7, minerals 5, inert 88 | 0.2 | 3 | 4–12
ripe-puerh | tea | 1 | dried 0.45 | water 8, minerals 5, inert 87 | 0.2 | 3 | 3–12
yerba-mate | tea | 1 | dried 0.3 | water 7, minerals 6, inert 87 | 0.2 | 3 | 4–20
earl-grey | tea | 1 | dried 0.4 | water 6, minerals 5, inert 89 | 0.2 | 3 | 4–10
honeybush | tea | 1 | dried 0.3 | water 7, minerals 2, inert 91 | 0.2 | 3 | 4–15
peppermint-tea | tea | 1 | dried 0.12 | water 9, minerals 9, inert 82 | 0.2 | 3 | 2–10
lapacho-bark | tea | 1 | dried 0.2 | water 9, minerals 6, inert 85 | 0.2 | 3 | 3–15
basil | herb | 0.9 | chopped 0.1 | water 92, minerals 1.5, inert 6.5 | 0.2 | 1 | 3–20
rosemary | herb | 0.9 | chopped 0.12 | water 68, minerals 2.4, inert 29.6 | 0.2 | 1 | 1–8
lavender | herb | 0.9 | chopped 0.1 | water 70, minerals 2, inert 28 | 0.2 | 1 | 0.5–6
lemon-balm | herb | 0.9 | chopped 0.1 | water 82, minerals 2, inert 16 | 0.2 | 1 | 3–20
lemon-verbena | herb | 0.9 | chopped 0.08 | water 75, minerals 2, inert 23 | 0.2 | 1 | 1–12
lemongrass | herb | 0.9 | chopped 0.28 | water 71, minerals 1.8, inert 27.2 | 0.2 | 1 | 5–40
tarragon | herb | 0.9 | chopped 0.1 | water 78, minerals 2.5, inert 19.5 | 0.2 | 1 | 1–10
coriander | herb | 0.9 | chopped 0.1 | water 92, minerals 1.5, inert 6.5 | 0.2 | 1 | 2–15
parsley | herb | 0.9 | chopped 0.25 | water 88, minerals 2.2, inert 9.8 | 0.2 | 1 | 2–15
marjoram | herb | 0.9 | chopped 0.1 | water 75, minerals 2.2, inert 22.8 | 0.2 | 1 | 1–8
oregano | herb | 0.9 | chopped 0.1 | water 75, minerals 2.3, inert 22.7 | 0.2 | 1 | 1–8
hops-cone | herb | 1 | chopped 0.06 | water 10, minerals 6, inert 84 | 0.2 | 1 | 0.5–6
spruce-tips | herb | 0.9 | chopped 0.2 | water 65, minerals 1.5, inert 33.5 | 0.2 | 1 | 5–50
pine-needles | herb | 0.9 | chopped 0.2 | water 55, minerals 1.5, inert 43.5 | 0.2 | 1 | 5–50
woodruff | herb | 0.9 | chopped 0.08 | water 75, minerals 2, inert 23 | 0.2 | 1 | 1–5
meadowsweet | herb | 0.9 | chopped 0.06 | water 75, minerals 2, inert 23 | 0.2 | 1 | 2–20
yarrow | herb | 0.9 | chopped 0.08 | water 75, minerals 2.2, inert 22.8 | 0.2 | 1 | 1–10
mugwort | herb | 0.9 | chopped 0.08 | water 75, minerals 2.2, inert 22.8 | 0.2 | 1 | 0.5–5
hyssop | herb | 0.9 | chopped 0.1 | water 70, minerals 2, inert 28 | 0.2 | 1 | 1–8
anise-hyssop | herb | 0.9 | chopped 0.08 | water 78, minerals 2, inert 20 | 0.2 | 1 | 2–15
shiso | herb | 0.9 | chopped 0.08 | water 86, minerals 2.4, inert 11.6 | 0.2 | 1 | 2–15
pandan | herb | 0.9 | chopped 0.1 | water 82, minerals 1.5, inert 16.5 | 0.2 | 1 | 2–15
blackcurrant-leaf | herb | 0.9 | chopped 0.08 | water 70, minerals 2.5, inert 27.5 | 0.2 | 1 | 2–15
raspberry-leaf | herb | 0.9 | chopped 0.08 | water 70, minerals 2.5, inert 27.5 | 0.2 | 1 | 2–15
oak-leaf | herb | 0.9 | chopped 0.08 | water 60, minerals 2.5, inert 37.5 | 0.2 | 1 | 1–8
curry-leaf | herb | 0.9 | chopped 0.1 | water 66, minerals 3, inert 31 | 0.2 | 1 | 0.5–6
sorrel | herb | 0.9 | chopped 0.15 | water 93, minerals 1.2, inert 5.8 | 0.2 | 1 | 5–40
fennel-frond | herb | 0.9 | chopped 0.08 | water 88, minerals 1.8, inert 10.2 | 0.2 | 1 | 2–15
borage | herb | 0.9 | chopped 0.1 | water 93, minerals 1.4, inert 5.6 | 0.2 | 1 | 3–20
wild-garlic | herb | 0.9 | chopped 0.15 | water 90, minerals 1.2, inert 8.8 | 0.2 | 1 | 1–10
rose-petal | flower | 0.9 | whole 0.06 | water 85, glucose 0.8, fructose 0.8, minerals 0.8, inert 12.6 | 0.4 | 1.5 | 5–40
chamomile | flower | 1 | whole 0.1 | water 9, glucose 0.8, fructose 0.8, minerals 8, inert 81.4 | 0.4 | 1.5 | 1–10
linden | flower | 0.9 | whole 0.04 | water 75, glucose 0.8, fructose 0.8, minerals 1.5, inert 21.9 | 0.4 | 1.5 | 3–25
calendula | flower | 0.9 | whole 0.05 | water 85, glucose 0.8, fructose 0.8, minerals 1.2, inert 12.2 | 0.4 | 1.5 | 3–25
violet | flower | 0.9 | whole 0.06 | water 85, glucose 0.8, fructose 0.8, minerals 1.2, inert 12.2 | 0.4 | 1.5 | 5–40
hawthorn-blossom | flower | 0.9 | whole 0.06 | water 78, glucose 0.8, fructose 0.8, minerals 1.2, inert 19.2 | 0.4 | 1.5 | 5–40
jasmine | flower | 0.9 | whole 0.05 | water 82, glucose 0.8, fructose 0.8, minerals 1, inert 15.4 | 0.4 | 1.5 | 2–20
honeysuckle | flower | 0.9 | whole 0.06 | water 82, glucose 0.8, fructose 0.8, minerals 1, inert 15.4 | 0.4 | 1.5 | 5–40
orange-blossom | flower | 0.9 | whole 0.06 | water 80, glucose 0.8, fructose 0.8, minerals 1, inert 17.4 | 0.4 | 1.5 | 2–20
heather | flower | 0.9 | whole 0.08 | water 60, glucose 0.8, fructose 0.8, minerals 2, inert 36.4 | 0.4 | 1.5 | 5–50
clover | flower | 0.9 | whole 0.06 | water 78, glucose 0.8, fructose 0.8, minerals 1.5, inert 18.9 | 0.4 | 1.5 | 5–50
acacia | flower | 0.9 | whole 0.06 | water 82, glucose 0.8, fructose 0.8, minerals 1, inert 15.4 | 0.4 | 1.5 | 10–60
cherry-blossom | flower | 0.9 | whole 0.06 | water 80, glucose 0.8, fructose 0.8, minerals 1, inert 17.4 | 0.4 | 1.5 | 5–40
butterfly-pea | flower | 1 | whole 0.06 | water 9, glucose 0.8, fructose 0.8, minerals 6, inert 83.4 | 0.4 | 1.5 | 0.5–6
gorse | flower | 0.9 | whole 0.06 | water 80, glucose 0.8, fructose 0.8, minerals 1.2, inert 17.2 | 0.4 | 1.5 | 10–80
cowslip | flower | 0.9 | whole 0.06 | water 84, glucose 0.8, fructose 0.8, minerals 1.2, inert 13.2 | 0.4 | 1.5 | 5–40
nasturtium | flower | 0.9 | whole 0.06 | water 89, glucose 0.8, fructose 0.8, minerals 1.3, inert 8.1 | 0.4 | 1.5 | 2–20
star-anise | spice | 1 | whole 0.3 | water 10, glucose 1, fructose 1, minerals 3, inert 85 | 0.1 | 1.5 | 0.3–4
allspice | spice | 1 | whole 0.45 | water 8, glucose 1, fructose 1, minerals 4.5, inert 85.5 | 0.1 | 1.5 | 0.2–3
vanilla | spice | 1 | whole 0.5 | water 30, glucose 1, fructose 1, minerals 3, inert 65 | 0.1 | 1.5 | 0.2–3
nutmeg | spice | 1 | whole 0.47 | water 6, glucose 1, fructose 1, minerals 2.3, inert 89.7 | 0.1 | 1.5 | 0.1–1
mace | spice | 1 | whole 0.36 | water 8, glucose 1, fructose 1, minerals 2.2, inert 87.8 | 0.1 | 1.5 | 0.1–1
coriander-seed | spice | 1 | whole 0.34 | water 9, glucose 1, fructose 1, minerals 6, inert 83 | 0.1 | 1.5 | 0.5–8
caraway | spice | 1 | whole 0.45 | water 10, glucose 1, fructose 1, minerals 6, inert 82 | 0.1 | 1.5 | 0.3–5
cumin | spice | 1 | whole 0.41 | water 8, glucose 1, fructose 1, minerals 7.6, inert 82.4 | 0.1 | 1.5 | 0.2–4
anise-seed | spice | 1 | whole 0.45 | water 10, glucose 1, fructose 1, minerals 7, inert 81 | 0.1 | 1.5 | 0.3–5
dill-seed | spice | 1 | whole 0.44 | water 8, glucose 1, fructose 1, minerals 6.7, inert 83.3 | 0.1 | 1.5 | 0.3–5
celery-seed | spice | 1 | whole 0.44 | water 6, glucose 1, fructose 1, minerals 9, inert 83 | 0.1 | 1.5 | 0.2–3
mustard-seed | spice | 1 | whole 0.7 | water 5, glucose 1, fructose 1, minerals 4.5, inert 88.5 | 0.1 | 1.5 | 0.2–3
fenugreek | spice | 1 | whole 0.75 | water 9, glucose 1, fructose 1, minerals 3.4, inert 85.6 | 0.1 | 1.5 | 0.2–4
saffron | spice | 1 | whole 0.14 | water 12, glucose 1, fructose 1, minerals 5.4, inert 80.6 | 0.1 | 1.5 | 0.02–0.3
pink-pepper | spice | 1 | whole 0.4 | water 12, glucose 1, fructose 1, minerals 4, inert 82 | 0.1 | 1.5 | 0.2–3
sichuan-pepper | spice | 1 | whole 0.25 | water 11, glucose 1, fructose 1, minerals 5, inert 82 | 0.1 | 1.5 | 0.2–3
white-pepper | spice | 1 | whole 0.5 | water 11, glucose 1, fructose 1, minerals 1.6, inert 85.4 | 0.1 | 1.5 | 0.2–3
sumac | spice | 1 | whole 0.5 | water 10, glucose 1, fructose 1, minerals 4, inert 84 | 0.1 | 1.5 | 2–15
ground-cinnamon | spice | 1 | whole 0.53 | water 11, glucose 1, fructose 1, minerals 3.6, inert 83.4 | 0.1 | 1.5 | 0.3–4
ground-turmeric | spice | 1 | whole 0.62 | water 11, glucose 1, fructose 1, minerals 6, inert 81 | 0.1 | 1.5 | 0.5–5
chilli-flakes | spice | 1 | whole 0.36 | water 9, glucose 1, fructose 1, minerals 6, inert 83 | 0.1 | 1.5 | 0.1–2
cayenne | spice | 1 | whole 0.36 | water 8, glucose 1, fructose 1, minerals 6, inert 84 | 0.1 | 1.5 | 0.05–1
paprika | spice | 1 | whole 0.46 | water 11, glucose 1, fructose 1, minerals 7, inert 80 | 0.1 | 1.5 | 0.2–3
liquorice | spice | 1 | whole 0.4 | water 8, glucose 1, fructose 1, minerals 5, inert 85 | 0.1 | 1.5 | 0.5–8
sarsaparilla | spice | 1 | whole 0.35 | water 9, glucose 1, fructose 1, minerals 5, inert 84 | 0.1 | 1.5 | 2–20
burdock-root | spice | 1 | whole 0.4 | water 9, glucose 1, fructose 1, minerals 4, inert 85 | 0.1 | 1.5 | 2–20
dandelion-root | spice | 1 | whole 0.4 | water 6, glucose 1, fructose 1, minerals 6, inert 86 | 0.1 | 1.5 | 2–20
chicory-root | spice | 1 | whole 0.4 | water 5, glucose 1, fructose 1, minerals 5, inert 88 | 0.1 | 1.5 | 2–20
birch-bark | spice | 1 | whole 0.2 | water 10, glucose 1, fructose 1, minerals 2, inert 86 | 0.1 | 1.5 | 2–20
gentian | spice | 1 | whole 0.4 | water 9, glucose 1, fructose 1, minerals 4, inert 85 | 0.1 | 1.5 | 0.1–1
angelica-root | spice | 1 | whole 0.35 | water 9, glucose 1, fructose 1, minerals 5, inert 84 | 0.1 | 1.5 | 0.2–3
cherry-bark | spice | 1 | whole 0.25 | water 10, glucose 1, fructose 1, minerals 3, inert 85 | 0.1 | 1.5 | 1–8
cacao-nibs | spice | 1 | whole 0.55 | water 4, glucose 1, fructose 1, minerals 3, inert 91 | 0.1 | 1.5 | 2–25
coffee | spice | 1 | whole 0.36 | water 4, glucose 1, fructose 1, minerals 4.5, inert 89.5 | 0.1 | 1.5 | 10–70
horseradish | spice | 0.9 | whole 0.6 | water 85, glucose 1, fructose 1, minerals 1.4, inert 11.6 | 0.1 | 1.5 | 0.5–8
wintergreen-leaf | spice | 1 | whole 0.12 | water 9, glucose 1, fructose 1, minerals 4, inert 85 | 0.1 | 1.5 | 0.3–4
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

/** What a fruit is pressed or pulped to is worked out of it. */
const isWorkedOut = ({ source }: Ingredient) => source.startsWith('worked out from');
const ofTable = Object.values(ingredients).filter((each) => !isWorkedOut(each));

test.each(ofTable.map((ingredient) => [ingredient.id, ingredient] as const))(
  '%s holds the figures that were checked',
  (id, ingredient) => expect(row(ingredient)).toBe(rows.get(id)),
);

test.each(
  Object.values(ingredients)
    .filter(isWorkedOut)
    .map((each) => [each.id, each] as const),
)('%s has what its fruit has dissolved, in the same proportions', (id, pressed) => {
  const fruit = ingredientOf(id.replace(/-(juice|puree|concentrate)$/, ''));
  const dissolved = (of: Ingredient) => 1 - of.composition.water - of.composition.inert;
  const share = dissolved(pressed) / dissolved(fruit);
  for (const key of ['sucrose', 'glucose', 'fructose', 'citric', 'malic', 'minerals'] as const)
    expect(pressed.composition[key]).toBeCloseTo(fruit.composition[key] * share, 9);
  if (id.endsWith('-puree')) return expect(pressed.composition).toEqual(fruit.composition);
  expect(pressed.composition.inert).toBe(0);
  return id.endsWith('-concentrate')
    ? expect(dissolved(pressed)).toBeCloseTo(0.65, 9)
    : expect(pressed.composition.water / fruit.composition.water).toBeCloseTo(share, 9);
});

test('no ingredient went missing, and each is found by its id', () => {
  expect(ofTable.map(({ id }) => id).sort()).toEqual([...rows.keys()].sort());
  // Fig: 79 g of water, 17.1 g dissolved: of 96.1 g of juice 8.4 are glucose.
  expect(ingredientOf('fig-juice').composition.glucose).toBeCloseTo(8.4 / 96.1, 6);
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
