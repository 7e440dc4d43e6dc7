/** A cook from the first word to the record: what is typed into a dish, and what must be said again at the pot. */
export interface Journey {
  name: string
  lines: string[]
  fields?: Record<string, string>
  ticks?: string[]
  pot?: string
  /** Too large by its weight; the lid closes over it all the same. */
  triesLid?: boolean
  /** Taken up and put down on its own, before everything else. */
  first?: string
  says?: string[]
  /** Times under the lid. */
  goes?: number
}

export const journeys: Journey[] = [
  {
    name: 'Floured slices in wine',
    lines: ['6 chicken cutlets 700 g, floured', '150 ml white wine', '150 ml stock', '40 g slurry'],
    ticks: ['Brown in batches'],
    fields: { 'Loosen the bits with': 'the wine' },
    says: ['Batch 1 of 2', 'Batch 2 of 2', 'with the wine', '150 ml wine', 'Stir in 40 g starch'],
  },
  {
    name: 'Dice under dumplings',
    lines: ['diced chicken 600 g', '300 g potatoes', '2 carrots', '150 g dumplings', '100 ml cream', '80 g peas'],
    says: ['2 carrots', 'Stir in', 'cream, the heat off'],
  },
  {
    name: 'Bird, then dumplings in its broth',
    lines: ['chicken 1.4 kg', '900 ml stock', '2 carrots', '300 g dumplings'],
    goes: 1,
    says: ['900 ml stock', 'Drop in 300 g dumpling dough', 'the lid laid on loosely'],
  },
  {
    name: 'Strips with cheese and cream',
    lines: ['600 g chicken strips', '1 onion', '150 ml cream', '150 g soft cheese'],
    goes: 1,
    says: ['Stir in', 'cream', 'soft cheese', 'the heat off'],
  },
  {
    name: 'Thighs over rice, greens at the end',
    lines: ['6 boneless thighs 700 g to slice', '300 g rice', '200 g spinach'],
    goes: 1,
    says: ['300 g long-grain white rice, under the liquid', '200 g spinach', 'min'],
  },
  {
    name: 'Roast bird over roots',
    lines: ['chicken 1.6 kg', '700 g small potatoes', '4 carrots', '1 onion'],
    fields: { 'Crisp after, minutes': '8' },
    goes: 1,
    says: ['breast up', 'small whole potatoes', 'Crisp the skin'],
  },
  {
    name: 'Glazed drumsticks',
    lines: ['8 drumsticks 960 g'],
    fields: { 'Sauce or glaze, half of it kept clean': '120 ml plum glaze', 'Crisp after, minutes': '6' },
    says: ['One half onto the meat now', 'Brush on the clean half: 120 ml plum glaze', 'Crisp the skin'],
  },
  {
    name: 'Strips in a thick sauce',
    lines: ['600 g chicken strips', '250 ml thick cheese sauce', '150 ml stock'],
    says: ['cheese sauce, on top last; do not stir'],
  },
  {
    name: 'Carrots first, then frost thighs',
    lines: ['6 frozen thighs 1.2 kg', '270 g wild rice', '3 carrots', '2 bay leaves'],
    first: 'carrots in chunks',
    says: ['carrots in chunks', '270 g wild rice blend, under the liquid', '2 bay leaves'],
  },
  {
    name: 'Bird, then quills and sprouts',
    lines: ['chicken 1.5 kg', '300 g penne', '200 g sprouts', '500 ml water'],
    says: ['breast up, on the rack', 'penne'],
  },
  {
    name: 'Breasts below, potatoes above',
    lines: ['4 chicken breasts 900 g', '500 g small potatoes in a bowl'],
    says: ['in a bowl: 500 g small whole potatoes'],
  },
  { name: 'Bird lifted whole', lines: ['whole chicken 1.8 kg'], says: ['Lift it out with both hands'] },
  {
    name: 'Flat bird under a hot lid',
    lines: ['flattened chicken 1.2 kg'],
    fields: { 'Crisp after, minutes': '10' },
    says: ['Crisp the skin'],
  },
  {
    name: 'Shreds in soup',
    lines: ['4 chicken breasts 800 g to shred in soup', '1 l stock', '2 carrots', '1 onion'],
    says: ['1 l stock', 'Pull apart'],
  },
  {
    name: 'Hill beans, dry',
    lines: ['6 thighs 1.2 kg to fall apart', '250 g dried navy beans'],
    says: ['250 g dry navy beans, under the liquid'],
  },
  {
    name: 'Hill beans, from the can',
    lines: ['6 thighs 1.2 kg', '1 can white beans'],
    says: ['1 can canned white beans'],
  },
  {
    name: 'Thighs, potatoes, tomatoes',
    lines: ['6 thighs 1.1 kg', '500 g potatoes', '1 can chopped tomatoes'],
    fields: { 'For later': 'Freeze 300 ml of the liquid.' },
    says: ['1 can crushed tomatoes, on top', 'Freeze 300 ml of the liquid.'],
  },
  { name: 'Big bird, small pot', lines: ['chicken 1.3 kg no rack'], pot: 'Pip', says: ['into the liquid'] },
  {
    name: 'Two meals of frozen breasts',
    lines: ['6 frozen chicken breasts 1.3 kg'],
    fields: { 'For later': 'Freeze half in a flat box.' },
    says: ['Freeze half in a flat box.'],
  },
  {
    name: 'Dice with white rice',
    lines: ['diced chicken 500 g', '250 g rice'],
    says: ['250 g long-grain white rice, under the liquid'],
  },
  {
    name: 'Frozen bird in soup, then small pasta',
    lines: ['frozen whole chicken 1.3 kg in soup', '800 ml water', '150 g small pasta'],
    says: ['small pasta'],
  },
  { name: 'Crown for Sunday', lines: ['turkey crown 2.2 kg'], says: ['breast up, on the rack'] },
  {
    name: 'Turkey thighs on barley',
    lines: ['2 turkey thighs 1.3 kg to fall apart', '150 g pearl barley'],
    says: ['150 g pearl barley'],
  },
  {
    name: 'Turkey balls in tomato',
    lines: ['20 turkey meatballs 600 g', '1 can chopped tomatoes'],
    says: ['1 can crushed tomatoes, on top'],
  },
  { name: 'Duck legs, crisp', lines: ['4 duck legs 1 kg'], fields: { 'Crisp after, minutes': '8' }, says: ['Crisp'] },
  { name: 'Duck breasts for two', lines: ['2 duck breasts 500 g'], says: ['Carve'] },
  { name: 'Whole duck', lines: ['whole duck 2 kg'], says: ['Lift it out with both hands'] },
]
