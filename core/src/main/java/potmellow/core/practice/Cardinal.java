package potmellow.core.practice;

/**
 * How warmth and sourness slow a living thing, as shares of its fastest growth.
 *
 * @param coldest °C below which it doesn't grow
 * @param best °C at which it grows fastest
 * @param hottest °C above which it doesn't grow
 * @param sourest pH below which it doesn't grow
 * @param bestPh pH at which it grows fastest
 * @param leastSour pH above which it doesn't grow
 */
record Cardinal(double coldest, double best, double hottest, double sourest, double bestPh, double leastSour) {
    Cardinal {
        if (!(coldest < best && best < hottest && (coldest + hottest) / 2 <= best)) {
            throw new IllegalArgumentException("Cardinal temperatures rise, with the best nearer to the hottest: "
                    + coldest + ", " + best + ", " + hottest + " °C.");
        }
        if (!(sourest < bestPh && bestPh < leastSour)) {
            throw new IllegalArgumentException(
                    "Cardinal pH values rise: " + sourest + ", " + bestPh + ", " + leastSour + ".");
        }
    }

    /** Rosso, Lobry &amp; Flandrois 1993, J. Theor. Biol. 162:447: cardinal temperature model with inflection. */
    double warmth(double celsius) {
        if (celsius <= coldest || celsius >= hottest) {
            return 0;
        }
        double above = celsius - coldest;
        double rise = best - coldest;
        double bottom = rise * (rise * (celsius - best) - (best - hottest) * (best + coldest - 2 * celsius));
        return (celsius - hottest) * above * above / bottom;
    }

    /** Rosso et al. 1995, Appl. Environ. Microbiol. 61:610: cardinal pH model. */
    double sourness(double ph) {
        if (ph <= sourest || ph >= leastSour) {
            return 0;
        }
        double top = (ph - sourest) * (ph - leastSour);
        return top / (top - (ph - bestPh) * (ph - bestPh));
    }
}
