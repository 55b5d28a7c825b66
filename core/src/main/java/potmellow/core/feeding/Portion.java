package potmellow.core.feeding;

import static java.util.Objects.requireNonNull;

import potmellow.core.book.Nature;
import potmellow.core.book.Use;
import potmellow.core.strength.Ratio;

/**
 * One brew of a dose.
 *
 * @param brew what it is
 * @param advice how strong it is to be for those that get it
 * @param strength how strong it is poured
 */
public record Portion(Brew brew, StrengthAdvice advice, Ratio strength) {
    public Portion {
        requireNonNull(brew, "brew");
        requireNonNull(advice, "advice");
        requireNonNull(strength, "strength");
    }

    public String name() {
        return brew.label();
    }

    public Use use() {
        return advice.use();
    }

    Nature nature() {
        return brew.nature();
    }

    Portion at(Ratio ratio) {
        return new Portion(brew, advice, ratio);
    }
}
