/*
 * The second-by-second loop of a simulated pot in C, for bin/two-hours.php to hold the same loop in PHP against.
 *
 * Reads segments between two acts from standard input, runs all of them so often as the first argument says, looks at what moves
 * slowly every so many seconds as the second says, prints ms for one run and the state at the end of each segment. A stock-based pot: no milk, spirit or yolk. Laws and constants: docs/model.md, B to E.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

#define MOST 64
#define FIELDS 24

static const double STEAM = 2257.0, WATER = 4.18, LOSS = 14.0 * 2.5e-4, AMBIENT = 20.0, KELVIN = 273.15, GAS = 8.314;

static long refresh = 5;

static double arrhenius(double energy, double celsius, double reference)
{
    return exp(-energy / GAS * (1.0 / (celsius + KELVIN) - 1.0 / (reference + KELVIN)));
}

static double sigmoid(double x) { return 1.0 / (1.0 + exp(-x)); }

/* seconds, hob (0 off), flux, held, dry heat, area, browns, °C, fat water, flour water, dose, decay */
static void paste(const double *f, double *end)
{
    double celsius = f[8], fat = f[9], flour = f[10], dose = f[11], decay = f[12];
    double slope = f[3] / 20.0, area = f[6];
    for (long i = 0; i < (long) f[1]; i++) {
        double lost = LOSS * (celsius - AMBIENT), in = f[2] > 0.0 ? slope * (f[4] - celsius) + lost : 0.0;
        in = in < 0.0 ? 0.0 : in > f[3] ? f[3] : in;
        double watts = area * (in - lost), capacity = f[5] + WATER * (fat + flour), after = celsius + watts / capacity;
        if (celsius > 100.0 || after > 100.0) {
            double boiling = STEAM * (0.002 * fat + 0.0006 * flour);
            after = (capacity * celsius + watts + boiling * 100.0) / (capacity + boiling);
            if (after > 100.0) {
                fat *= exp(0.002 * (100.0 - after));
                flour *= exp(0.0006 * (100.0 - after));
            }
        }
        celsius = after;
        if (f[7] > 0.0) {
            dose += arrhenius(85e3, celsius, 160.0) / 60.0;
            decay += decay < 40.0 ? 0.40 * arrhenius(60e3, celsius, 110.0) / 60.0 : 0.0;
        }
    }
    end[0] = celsius, end[1] = fat + flour, end[2] = dose;
}

static double apparent(double thickening, double fat, double gelatin, double warmth, double solvent)
{
    double x = thickening / 66.0, sixth = x / 6.0 * (x / 6.0);
    x *= exp(log1p(sixth * sixth * sixth) / -6.0);
    double thins = 1.0 - fat, factor = 1.0 / (thins * thins * sqrt(thins)), power = log(x);
    double index = 0.38 + 0.62 * exp(-x * 66.0 / 37.0);
    return factor * warmth * exp(0.24 * gelatin) * (1.55 / 10.0 * exp(3.5 * power) + 0.235 * exp(3.4 * power + (1.0 - index) * log(5.0)))
        + solvent * exp(0.32 * gelatin) * factor;
}

/* seconds, power, level g/s, target, area, fixed heat, driest, pH, °C, water, solids, fat, free fat, gelatin, other, dry starch,
   strength, long loss, swells at, gelatinised, acid left, simmered, raw */
static void sauce(const double *f, double *end)
{
    double celsius = f[9], water = f[10], gelatinised = f[20], acid_left = f[21], simmered = f[22], raw = f[23], area = f[5];
    double refreshed = -INFINITY, slowed = 1.0, quiet = 0.0, swelling = 0.0, rest = 0.0, acid = 1.0, raw_loss = 1.0, warmth = 1.0;
    double solvent = 0.0;
    for (long i = 0; i < (long) f[1]; i++) {
        if (i % refresh == 0 || fabs(celsius - refreshed) > 0.25) {
            if (celsius != refreshed || refresh == 1) {
                double cooking = arrhenius(80e3, celsius, 95.0), floor = sigmoid((58.0 - f[19]) / 4.5);
                double sour = 4.0 - f[8] > 1.5 ? 1.5 : 4.0 - f[8] < -4.0 ? -4.0 : 4.0 - f[8];
                rest = celsius <= 58.0 ? 0.0 : fmin(1.0, fmax(0.0, (sigmoid((celsius - f[19]) / 4.5) - floor) / (1.0 - floor)));
                swelling = 1.0 - exp(-1.2 * cooking / 60.0);
                raw_loss = celsius > 60.0 ? exp(-0.07 * cooking / 60.0) : 1.0;
                acid = exp(-0.03 / 60.0 * pow(10.0, sour) * arrhenius(110e3, celsius, 95.0) / 60.0);
                double vapour = 0.133322 * pow(10.0, 8.07131 - 1730.63 / (233.426 + celsius));
                quiet = 0.005 * log(101.3 / (101.3 - fmin(vapour, 88.0))) * area / 60.0;
                warmth = arrhenius(-17e3, celsius, 60.0);
                solvent = 1e-3 * exp(-3.7188 + 578.919 / (celsius + KELVIN - 137.546));
            }
            double aqueous = water / 0.985 + f[11] / 1.5, grams = water + f[11] - f[16], bound = (f[12] - f[13]) / 0.90;
            double thick = f[17] * gelatinised * (1.0 - f[18] * (1.0 - exp(-simmered / 60.0))) * acid_left;
            slowed = 1.0 + 0.10 * apparent(1000.0 / aqueous * (thick + f[15]), bound / (aqueous + bound), 100.0 * f[14] / grams, warmth,
                solvent);
            refreshed = celsius;
        }
        double capacity = f[6] + WATER * water, steam;
        if (celsius >= f[4] - 1e-9 && celsius <= f[4] + 0.5) {
            celsius = f[4], steam = f[3] / slowed;
        } else {
            double in = celsius > f[4] ? 0.0 : f[2];
            steam = quiet / slowed;
            celsius += (in - LOSS * area * (celsius - AMBIENT) - STEAM * steam) / capacity;
            if (celsius > f[4] && in > 0.0) {
                celsius = f[4];
            } else if (celsius > 100.0) {
                steam += (celsius - 100.0) * capacity / STEAM, celsius = 100.0;
            }
        }
        water = water - steam < f[7] ? fmin(water, f[7]) : water - steam;
        if (celsius > 58.0) {
            gelatinised += rest > gelatinised ? (rest - gelatinised) * swelling : 0.0;
            acid_left *= acid, simmered += 1.0 / 60.0, raw *= raw_loss;
        }
    }
    end[0] = celsius, end[1] = water, end[2] = gelatinised;
}

int main(int argc, char **argv)
{
    static double field[MOST][FIELDS], end[MOST][3];
    long runs = argc > 1 ? atol(argv[1]) : 1, count = 0;
    refresh = argc > 2 ? atol(argv[2]) : refresh;
    for (int width; count < MOST && scanf("%lf %d", &field[count][0], &width) == 2; count++) {
        for (int k = 1; k <= width && k < FIELDS; k++) {
            if (scanf("%lf", &field[count][k]) != 1) return 1;
        }
    }
    struct timespec from, to;
    clock_gettime(CLOCK_MONOTONIC, &from);
    for (long run = 0; run < runs; run++) {
        for (long i = 0; i < count; i++) {
            if (field[i][0] == 0.0) paste(field[i], end[i]); else sauce(field[i], end[i]);
        }
    }
    clock_gettime(CLOCK_MONOTONIC, &to);
    printf("%.6f\n", ((to.tv_sec - from.tv_sec) * 1e3 + (to.tv_nsec - from.tv_nsec) / 1e6) / runs);
    for (long i = 0; i < count; i++) printf("%.9g %.9g %.9g\n", end[i][0], end[i][1], end[i][2]);
    return 0;
}
