package potmellow.core.balance;

import java.util.ArrayList;
import java.util.List;
import potmellow.core.book.Output;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;

/**
 * The liquid in a vessel and what of it can be strained off, in mL and g.
 *
 * @param poured what was poured in, as far as it comes off again
 * @param givenUp water that the solids gave up
 * @param dissolved what dissolved in it
 * @param held what the solids hold
 * @param lost what went into the air
 * @param grams the weight of all that is liquid
 */
record Liquor(double poured, double givenUp, double dissolved, double held, double lost, double grams) {
    static final Liquor NONE = new Liquor(0, 0, 0, 0, 0, 0);

    Liquor with(Portion portion, Output.Strained how) {
        double mass = portion.mass().grams();
        if (portion.liquid()) {
            double comesOff = portion.part().gives().map(share -> share.value()).orElse(1.0);
            return new Liquor(
                    poured + portion.bulk().millilitres() * comesOff,
                    givenUp,
                    dissolved,
                    held,
                    lost,
                    grams + mass * comesOff);
        }
        if (portion.material().dissolves()) {
            return new Liquor(poured, givenUp, dissolved + portion.settled().millilitres(), held, lost, grams + mass);
        }
        double gives = portion.part().gives().map(share -> share.value()).orElse(how.givesShare());
        double holds = portion.part().holds().map(litres -> litres.value()).orElse(how.holdsLitresPerKilogram());
        double water = portion.waterMillilitres() * gives;
        return new Liquor(poured, givenUp + water, dissolved, held + holds * mass, lost, grams + water);
    }

    Liquor lessLost(double share) {
        double left = Math.max(0, all() - held);
        return new Liquor(poured, givenUp, dissolved, Math.min(held, all()), left * share, grams);
    }

    private double all() {
        return poured + givenUp + dissolved;
    }

    double out() {
        return Math.max(0, all() - held - lost);
    }

    double outGrams() {
        return all() == 0 ? 0 : grams * out() / all();
    }

    String[] figures(UnitSystem system) {
        List<String> figures = new ArrayList<>();
        tell(figures, "liquid in", poured, system);
        tell(figures, "water given up", givenUp, system);
        tell(figures, "dissolved", dissolved, system);
        tell(figures, "held", held, system);
        tell(figures, "into the air", lost, system);
        return figures.toArray(String[]::new);
    }

    private static void tell(List<String> figures, String name, double millilitres, UnitSystem system) {
        if (millilitres > 0) {
            figures.add(name);
            figures.add(AmountText.volume(Volume.ofMillilitres(millilitres), system));
        }
    }
}
