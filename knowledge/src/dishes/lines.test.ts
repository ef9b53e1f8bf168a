import { describe, expect } from 'vitest';
import { published } from '@rose/core/testing/published';
import { ingredient, wayOfCooking } from '../pairing/index';
import { readLine } from './read-line';

type Row = readonly [line: string, has: string, cooked?: string | undefined, hasNot?: string];
/** Lines as menus have them, with parts they name; "part: way" says how a part is cooked. Common practice. */
const lines: readonly Row[] = [
  ['Pan-fried sea bass, fennel, lemon butter', 'white-fish fennel-bulb lemon-butter', 'white-fish: pan-fried'],
  ['Grilled lamb chops with mint sauce and new potatoes', 'lamb mint-sauce potatoes', 'lamb: grilled'],
  ['Roast chicken, mash, gravy', 'chicken mash roast-gravy', 'chicken: roasted'],
  ['Fillet steak, chips and béarnaise', 'beef-lean chips bearnaise'],
  ['Ribeye with peppercorn sauce', 'beef-steak pepper-cream'],
  ['Duck breast, cherries, red cabbage', 'duck cherries red-cabbage'],
  ['Confit duck leg, white beans', 'duck-leg white-beans'],
  ['Braised beef cheeks with mash', 'beef-brisket mash', 'beef-brisket: braised'],
  ['Slow-roasted pork belly, apple sauce', 'pork-belly apple-sauce', 'pork-belly: slow-roasted'],
  ['Pork chop, mustard sauce, cabbage', 'pork mustard-sauce cabbage'],
  ['Venison loin with juniper and blackberries', 'venison juniper dark-berries'],
  ['Roast pheasant, bread sauce', 'pheasant'],
  ['Rabbit stewed with white wine and mushrooms', 'rabbit white-wine-cooked mushrooms', 'rabbit: stewed'],
  ['Veal escalope, lemon, capers', 'veal lemon-juice capers'],
  ['Calf’s liver with onions', 'liver onions'],
  ['Sausages and mash, onion gravy', 'sausage mash onion-gravy'],
  ['Black pudding, apples', 'blood-sausage apples'],
  ['Cheeseburger with fries', 'burger chips'],
  ['Spare ribs, barbecue sauce, coleslaw', 'pork-ribs barbecue slaw'],
  ['Chilli con carne and rice', 'black-beans rice'],
  ['Steak pie', 'beef-steak'],
  ['Shepherd’s pie', 'mash'],
  ['Oysters with shallot vinegar', 'oysters shallot-vinegar'],
  ['Mussels in cider and cream', 'mussels white-wine-cooked cream'],
  ['Seared scallops, pea purée, black pudding', 'scallops peas blood-sausage', 'scallops: seared'],
  ['Crab on toast with mayonnaise', 'crab bread mayonnaise'],
  ['Half lobster, garlic butter, fries', 'lobster garlic-butter chips'],
  ['Prawn cocktail', 'prawns'],
  ['Salt and pepper squid', 'squid sea-salt black-pepper'],
  ['Grilled octopus, potatoes, smoked paprika', 'octopus potatoes', 'octopus: grilled'],
  ['Fried whitebait, aioli', 'sardines garlic-mayonnaise', 'sardines: pan-fried'],
  ['Smoked mackerel, beetroot, horseradish', 'smoked-fish beetroot wasabi'],
  ['Poached salmon with hollandaise and asparagus', 'salmon hollandaise asparagus', 'salmon: poached'],
  ['Miso cod with pak choi', 'cod miso chinese-greens'],
  ['Cod in beer batter with mushy peas', 'cod flour peas'],
  ['Halibut, beurre blanc, spinach', 'firm-fish lemon-butter spinach'],
  ['Simmered cod, tomato, saffron', 'cod tomatoes saffron', 'cod: stewed'],
  ['Steak, greens', 'beef-steak kale'],
  ['Chicken with green olives and green apple', 'chicken olives apples'],
  ['Monkfish curry', 'monkfish curry-sauce'],
  ['Trout with almonds', 'trout toasted-nuts'],
  ['Tuna tataki, ponzu', 'tuna ponzu', 'tuna: seared'],
  ['Raw salmon, soy, wasabi', 'salmon soy wasabi', 'salmon: raw'],
  ['Sea bream ceviche, lime, coriander', 'white-fish lime-juice coriander-leaf', 'white-fish: marinated'],
  ['Spaghetti with tomato sauce and basil', 'pasta tomato-sauce basil-leaves'],
  ['Penne arrabbiata', 'pasta arrabbiata'],
  ['Linguine with pesto', 'pasta pesto'],
  ['Tagliatelle, wild mushrooms, cream', 'egg-pasta wild-mushrooms cream'],
  ['Gnocchi with gorgonzola', 'gnocchi'],
  ['Ravioli, sage butter', 'egg-pasta sage butter'],
  ['Risotto with asparagus and parmesan', 'risotto asparagus hard-cheese'],
  ['Pizza with mozzarella and ham', 'pizza-dough mozzarella cooked-ham'],
  ['Cauliflower cheese', 'cauliflower'],
  ['Aubergine, tahini, pomegranate', 'aubergine tahini pomegranate'],
  ['Burrata, tomatoes, basil', 'burrata tomatoes basil-leaves'],
  ['Beetroot salad with feta and walnuts', 'beetroot feta toasted-nuts', undefined, 'green-salad'],
  ['Grilled halloumi, peppers, harissa', 'halloumi peppers harissa', 'halloumi: grilled'],
  ['Goat’s cheese, figs, honey', 'fresh-cheese honey-spoon'],
  ['Lentils with spinach and yoghurt', 'lentils spinach yoghurt'],
  ['Falafel, hummus, pickles', 'falafel hummus pickles'],
  ['Tofu in black bean sauce', 'tofu black-bean'],
  ['Tempeh satay', 'tempeh peanut-sauce'],
  ['Roasted squash, sage, brown butter', 'pumpkin sage brown-butter', 'pumpkin: roasted'],
  ['Mushroom stroganoff with rice', 'mushrooms rice'],
  ['Chicken korma, pilau rice', 'chicken korma pilaf'],
  ['Lamb vindaloo', 'lamb hot-curry'],
  ['Tandoori prawns, raita', 'prawns yoghurt-garlic', 'prawns: clay-oven'],
  ['Saag with paneer', 'paneer'],
  ['Red curry of beef', 'red-curry beef-lean'],
  ['Massaman of lamb', 'massaman lamb'],
  ['Prawn laksa', 'prawns coconut-curry'],
  ['Stir-fried beef, oyster sauce, broccoli', 'beef-lean oyster-sauce broccoli', 'beef-lean: stir-fried'],
  ['Sweet and sour pork', 'pork'],
  ['Steamed bass, ginger, spring onion', 'white-fish ginger spring-onions', 'white-fish: steamed'],
  ['Teriyaki chicken', 'sweet-soy chicken'],
  ['Pork gyoza', 'dim-sum'],
  ['Ramen noodles, pork belly, soft egg', 'noodles pork-belly soft-egg'],
  ['Kimchi fried rice', 'kimchi rice'],
  ['Beef tacos, guacamole, salsa', 'beef-lean tortilla guacamole tomato-salsa'],
  ['Jerk pork, rice and peas', 'jerk pork rice peas'],
  ['Lamb kofta, tzatziki, flatbread', 'mince yoghurt-garlic bread'],
  ['Chicken shawarma with garlic sauce', 'chicken garlic'],
  ['Lamb tagine with prunes', 'lamb dried-figs'],
  ['Couscous with merguez', 'couscous sausage'],
  ['Choucroute with smoked sausage', 'sauerkraut'],
  ['Goulash with dumplings', 'dumplings'],
  ['Apple tart, vanilla ice cream', 'apples ice-cream'],
  ['Lemon posset', 'set-cream'],
  ['Chocolate mousse with raspberries', 'dark-chocolate berries'],
  ['Panna cotta, strawberries', 'set-cream strawberries'],
  ['Rhubarb crumble with custard', 'rhubarb'],
  ['Cheesecake, passion fruit', 'cheesecake passion-fruit'],
  ['Treacle tart', 'maple-syrup'],
  ['Pear poached in red wine', 'pears wine-cooked', 'pears: poached'],
  ['Stilton with port', 'stilton sweet-wine-cooked'],
  ['Comté and walnuts', 'alpine'],
  ['Roquefort, pears, rye bread', 'roquefort pears rye-bread'],
  ['Cod and chips without vinegar', 'cod chips', undefined, 'vinegar-spoon'],
  ['Carbonara, no cheese', 'pasta eggs', undefined, 'mild-cheese'],
  ['Steak, no chips', 'beef-steak', undefined, 'chips'],
  ['Gegrillter Lachs mit Dill', 'dill'],
  ['Pollo asado con patatas', 'chicken potatoes'],
  ['Prosciutto e melone', 'ham'],
];

describe('lines of menus', () => {
  for (const [line, has, cooked, hasNot] of lines)
    published('common practice', line, () => {
      const { parts } = readLine(line);
      const ids = parts.map(({ part }) => part);
      const wanted = has.split(' ');
      expect(
        wanted.filter((id) => ingredient(id) === undefined),
        'a part of the row is not in the tables',
      ).toEqual([]);
      expect(
        wanted.filter((id) => !ids.includes(id)),
        `read as ${ids.join(', ')}`,
      ).toEqual([]);
      if (cooked !== undefined) {
        const [part, way] = cooked.split(': ');
        expect(wayOfCooking(way!), way).toBeDefined();
        expect(parts.find((one) => one.part === part)?.cooked ?? [], line).toContain(way);
      }
      if (hasNot !== undefined) expect(ids).not.toContain(hasNot);
    });
});
