package potmellow.app.bottle;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import potmellow.app.answer.DayText;
import potmellow.app.answer.WorkingView;
import potmellow.app.garden.Garden;
import potmellow.core.balance.Sugared;
import potmellow.core.book.Colour;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.judgement.Straining;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Target;
import potmellow.core.working.Working;

/**
 * A bottle as the shelf shows it.
 *
 * @param level what is left
 * @param also the same in the other units
 * @param levelWorking the ledger that it is the sum of
 * @param levelShare what is left of what was bottled, 0 to 1
 * @param useBy the last day it is counted on
 * @param useByWords that day in words
 * @param useByWorking how that day was reached
 * @param freshness how near that day is
 * @param keptWords how it is kept
 * @param labelLine everything that belongs on its label
 * @param soilOnly whether it is limited to soil
 * @param nothingEdible whether it may go only where nothing edible grows
 * @param placeId where it stands; absent where nobody said
 * @param place the name of that place; empty where nobody said
 * @param productId what kind of brew it is
 * @param colour what the brew looks like
 * @param poured whether it is mixed and poured at all, rather than made into other brews
 * @param targets where it is poured, in the order told
 * @param sugar the sugar that belongs into it; absent where none does
 */
public record BottleView(
        UUID id,
        String code,
        String name,
        Optional<UUID> batchId,
        String level,
        String also,
        WorkingView levelWorking,
        double levelShare,
        LocalDate useBy,
        String useByWords,
        WorkingView useByWorking,
        Freshness freshness,
        String keptWords,
        String labelLine,
        boolean soilOnly,
        boolean nothingEdible,
        Optional<UUID> placeId,
        String place,
        String productId,
        Colour colour,
        boolean poured,
        List<TargetView> targets,
        Optional<SugarView> sugar) {
    private static final long SOON_DAYS = 14;

    /** @param words how much sugar goes into how much brew, what that comes to, and the bottle it takes */
    public record SugarView(String words, WorkingView working) {
        /** As it is told in a garden's units, with the bottle that it takes now that it is more. */
        public static SugarView of(Working<Sugared> sugared, Product product, UnitSystem units) {
            Working<Volume> bottle = Straining.bottleFor(sugared.value().volume(), product, units);
            Working<Volume> whole = sugared.then(
                    bottle.value(), bottle.steps().get(bottle.steps().size() - 1));
            return new SugarView(
                    sugared.value().words(units) + " It wants a bottle of " + AmountText.volume(whole.value(), units)
                            + " or more.",
                    WorkingView.of(whole));
        }
    }

    /** Somewhere that it is poured. */
    public record TargetView(Target target, String words) {}

    /** How near the last day is. */
    public enum Freshness {
        EMPTY,
        FRESH,
        SOON,
        PAST
    }

    static BottleView of(
            Bottle bottle, List<BottleEntry> ledger, Product product, String place, Garden garden, LocalDate today) {
        long days = ChronoUnit.DAYS.between(today, bottle.useBy());
        String keptWords = product.keep(bottle.keepId()).words();
        return new BottleView(
                bottle.id(),
                bottle.code(),
                bottle.name(),
                bottle.batchId(),
                product.text(bottle.level(), garden.units()),
                product.text(bottle.level(), garden.units().other()),
                BottleWorkings.level(bottle, ledger, garden),
                bottle.level().millilitres() / bottle.filled().millilitres(),
                bottle.useBy(),
                useByWords(bottle, days),
                BottleWorkings.useBy(bottle, product, garden),
                freshness(bottle, days),
                keptWords,
                labelLine(bottle, product, garden, keptWords),
                bottle.soilOnly(),
                bottle.nothingEdible(),
                bottle.placeId(),
                place,
                bottle.productId(),
                product.colour(),
                !product.uses().isEmpty(),
                product.uses().stream()
                        .map(use -> new TargetView(use.target(), use.target().brief()))
                        .toList(),
                sugar(bottle, product, garden));
    }

    private static Optional<SugarView> sugar(Bottle bottle, Product product, Garden garden) {
        Volume brew = bottle.filled().times(bottle.drawn().brewShare());
        return Sugared.of(product, product.keep(bottle.keepId()), brew, garden.units())
                .map(sugared -> SugarView.of(sugared, product, garden.units()));
    }

    private static Freshness freshness(Bottle bottle, long days) {
        if (bottle.level().millilitres() < 0.01) {
            return Freshness.EMPTY;
        }
        if (days < 0) {
            return Freshness.PAST;
        }
        return days <= SOON_DAYS ? Freshness.SOON : Freshness.FRESH;
    }

    private static String useByWords(Bottle bottle, long days) {
        String day = DayText.withYear(bottle.useBy());
        if (days < 0) {
            return "was to be used by " + day + ": look and smell first";
        }
        if (days == 0) {
            return "to be used today";
        }
        return days <= SOON_DAYS ? days + (days == 1 ? " day left" : " days left") : "keeps to " + day;
    }

    private static String labelLine(Bottle bottle, Product product, Garden garden, String keptWords) {
        String strengths = product.uses().stream()
                .filter(use -> !(bottle.soilOnly() || bottle.nothingEdible()) || use.target() == Target.SOIL)
                .filter(use -> use.status() == Use.Status.ALLOWED)
                .map(use -> use.target().brief() + " " + OwnStrength.of(bottle, product, use.target()))
                .collect(Collectors.joining(", "));
        String use = strengths.isEmpty() ? "made into other brews" : strengths;
        return String.join(
                " · ",
                bottle.code(),
                bottle.name(),
                (bottle.batchId().isPresent() ? "strained " : "filled about ")
                        + DayText.withYear(garden.day(bottle.bottledAt())),
                product.text(bottle.filled(), garden.units()),
                keptWords + " to " + DayText.withYear(bottle.useBy()),
                bottle.nothingEdible() ? use + ", only where nothing you eat grows" : use,
                "not a drink");
    }
}
