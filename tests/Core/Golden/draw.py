"""Draws 500 inputs over the valid range and writes what the model's prototype answers, once, for DrawnTest.php.

python3 tests/Core/Golden/draw.py DIRECTORY_OF_THE_PROTOTYPE > tests/Core/Golden/drawn.json

The prototype rounds its trial values of equivalent flour to 0.001 g/l to remember them; here it does not, so that six digits can be met.
"""
import json
import random
import sys

sys.path.insert(0, sys.argv[1])
import reference as m  # noqa: E402

random.seed(20261125)
U = random.uniform


def log_uniform(low, high):
    return low * (high / low) ** random.random()


def ref_eta10(flour):
    return m.eta(m.rheo(m.white_sauce(flour), 60), 10)


def equivalent_flour(eta10):
    return m.solve(lambda flour: m.log(ref_eta10(flour)) - m.log(max(eta10, 1e-9)), 0, 200, 80)


m.ref_eta10 = ref_eta10
LIQUIDS = ['milk_whole', 'milk_semi', 'milk_skim', 'stock_white', 'stock_brown', 'stock_fish', 'broth_packed', 'water', 'tomato_puree']
EXTRAS = ['cream_35', 'cream_48', 'sour_cream', 'wine_dry', 'wine_fort', 'tomato_paste', 'tomato_crushed', 'lemon_juice', 'cheese_hard', 'cheese_semi', 'cheese_soft', 'egg_yolk', 'salt']


def drawn_sauce():
    """A recipe as plain data, and the prototype's state of it."""
    litres = log_uniform(0.1, 200)
    recipe = dict(flour=random.choice(list(m.THICK)), flour_g=litres * U(5, 150), strength=m.thick_power(U(0, 3.2)), raw=U(0, 1), g=U(0, 1),
                  fat=random.choice(list(m.FATS)), fat_g=0.0, liquid=random.choice(LIQUIDS), liquid_g=litres * U(700, 1000), extra=random.choice(EXTRAS), extra_g=litres * U(0, 80))
    recipe['fat_g'] = recipe['flour_g'] * U(0.5, 2.5)
    S = m.new_sauce()
    m.add_thick(S, recipe['flour'], recipe['flour_g'], recipe['strength'], recipe['raw'], recipe['g'])
    m.add_fat(S, recipe['fat'], recipe['fat_g'])
    m.add_liq(S, recipe['liquid'], recipe['liquid_g'])
    m.add_liq(S, recipe['extra'], recipe['extra_g'])
    return recipe, S, litres


def flow():
    recipe, S, _ = drawn_sauce()
    T, cold = U(4, 99), random.choice([0, 0, U(0, 14)])
    r = m.rheo(S, T, cold)
    seconds = m.funnel_s(r)
    return dict(recipe=recipe, celsius=T, cold_h=cold), dict(
        **r, mass=m.mass_of(S), volume=m.vol_of(S), pH=m.pH_of(S), free_fat=m.film_fat(S), eta10=m.eta(r, 10), flour=equivalent_flour(m.eta(m.rheo(S, 60), 10)),
        film=m.film_mm(r), spread=m.line_spread_cm(r), funnel=None if seconds == m.INF else seconds)


def simmer():
    recipe, S, litres = drawn_sauce()
    asked = dict(recipe=recipe, minutes=U(1, 120), diameter=max(6.0, (8000 * litres / 3.14159) ** (1 / 3)) * U(0.9, 1.2), level=random.choice(list(m.EVAP)), lid=random.choice(list(m.LID)))
    Q = m.simmer(S, asked['minutes'], asked['diameter'], asked['level'], asked['lid'])
    return asked, dict(water=Q['water'], alcohol=Q['alc'], g=Q['g'], acid_left=Q['fac'], raw=Q['raw'], yolk_set=Q['gyolk'], eta10=m.eta(m.rheo(Q, 60), 10))


def roux():
    asked = dict(flour=random.choice(list(m.THICK)), flour_g=log_uniform(5, 5000), ratio=U(0.3, 4), fat=random.choice(list(m.FATS)), diameter=U(14, 60), pan_kg=U(0.4, 6), heat=random.choice(list(m.HEAT)), minutes=int(U(0, 60)))
    x = m.roux_run(asked['flour_g'], asked['fat'], asked['flour_g'] * asked['ratio'], asked['diameter'], asked['pan_kg'], asked['heat'], asked['minutes'], flour_kind=asked['flour'])[-1]
    return asked, {k: x[k] for k in ('T', 'E', 'raw', 'water', 't_pre')}


def oven():
    asked = dict(flour_g=log_uniform(50, 3000), ratio=U(0.5, 2), fat=random.choice(list(m.FATS)), diameter=U(18, 50), pan_kg=U(1, 6), air=U(120, 220), minutes=int(U(5, 90)))
    x = m.roux_run(asked['flour_g'], asked['fat'], asked['flour_g'] * asked['ratio'], asked['diameter'], asked['pan_kg'], minutes=asked['minutes'], oven=asked['air'], cp_pan=.46)[-1]
    return asked, {k: x[k] for k in ('T', 'E', 'raw', 'water')}


def pours():
    asked = dict(school=random.choice(['cold_on_hot', 'hot_on_hot', 'all_at_once', 'roux_into_hot']), roux_g=log_uniform(10, 20000), roux_c=U(15, 190), liquid_c=U(4, 98), tool=random.choice(list(m.WHISK)), cp=U(3.8, 4.2), pan_heat=U(200, 3000), ratio=U(0.4, 2))
    asked['liquid_g'] = asked['roux_g'] * U(2, 14)
    x = m.schedule(asked['roux_g'], asked['liquid_g'], asked['school'], asked['roux_c'], asked['liquid_c'], asked['tool'], asked['cp'], asked['pan_heat'], asked['ratio'])
    return asked, dict(grams=[a[0] for a in x['adds']], celsius=[a[1] for a in x['adds']], risk=x['risk'], steam=x['steam_bound'])


def cooling():
    place = random.choice(list(m.H_EXT))
    asked = dict(place=place, depth=U(0.01, 0.3), width=U(0.08, 0.6), length=random.choice([None, U(0.1, 0.6)]), eta10=log_uniform(0.01, 20))
    stirred, sides = place == 'ice_stirred', 1 if place.startswith('ice') else 2
    ke = m.k_eff(asked['eta10'], stirred)
    tau, j = m.cool_tau(None if asked['length'] else asked['width'], asked['depth'], (asked['length'], asked['width']) if asked['length'] else None, m.H_EXT[place], ke=ke, sides=sides)
    return asked, dict(tau=tau, lag=1.0 if stirred else j)


def correction():
    litres = log_uniform(0.1, 100)
    flour, liquid = U(20, 120), random.choice(['milk_whole', 'stock_white', 'stock_brown', 'stock_fish'])
    S = m.white_sauce(flour, liquid, litres)
    now = equivalent_flour(m.eta(m.rheo(S, 60), 10))
    thin, thick = now * U(0.4, 0.98), min(190, now * U(1.02, 1.6))
    how, kind = random.choice([('white_roux', 'flour_ap'), ('beurre_manie', 'flour_ap'), ('slurry', 'cornstarch'), ('slurry', 'potato_st'), ('slurry', 'arrowroot')])
    volume, _ = m.reduce_to(S, thick)
    return dict(flour=flour, liquid=liquid, litres=litres, thin=thin, thick=thick, how=how, kind=kind), dict(
        now=now, add=m.thin_with(S, liquid, thin), volume=volume, thickener=m.thicken_with(S, thick, how, kind))


def heat():
    recipe, S, litres = drawn_sauce()
    asked = dict(recipe=recipe, celsius=U(60, 99), flux=U(0.1, 3), stirring=U(0, 1), base=random.choice(list(m.BASE)), cream=U(0, 48), grams=litres * 1000, diameter=U(14, 60), watts=U(500, 8000), pan_kg=U(0.5, 8), hold_c=U(40, 94))
    wall, risk = m.scorch(S, asked['celsius'], asked['flux'], asked['stirring'], asked['base'])
    boil = m.time_to_boil(asked['grams'], 4.0, 10, asked['watts'], 1.0, asked['diameter'], asked['pan_kg'])
    return asked, dict(wall=wall, scorch=risk, curdle=m.curdle_risk(S, asked['celsius'], asked['cream']), boil=None if boil == m.INF else boil, steam=m.evap_quiet(asked['hold_c']))


PLAN = [(flow, 150), (simmer, 90), (roux, 70), (oven, 20), (pours, 50), (cooling, 40), (correction, 40), (heat, 40)]
rows = []
for draw, count in PLAN:
    for _ in range(count):
        asked, answered = draw()
        rows.append(dict(law=draw.__name__, asked=asked, answered=answered))
print('[\n' + ',\n'.join(json.dumps(row, separators=(',', ':')) for row in rows) + '\n]')
