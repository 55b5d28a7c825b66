package potmellow.core.judged;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Predicate;
import potmellow.core.book.Book;
import potmellow.core.book.Stage;
import potmellow.core.judged.Trial.Outcome;
import potmellow.core.judgement.Verdict;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Condition;

/**
 * How well a number of pots was judged. Times are in days, shares from 0 to 1.
 *
 * @param outcomes of the pots
 */
record Score(Book book, List<Outcome> outcomes) {
    private static final double HOURS_A_DAY = 24;
    private static final double SHORT_DAYS = 14;
    private static final double LONG_SHARE = 0.15;
    private static final double DOUBLING_KELVIN = 10;
    private static final double THUMB_CELSIUS = 20;

    /** Pots that truly got ripe before they spoilt. */
    List<Outcome> ripened() {
        return outcomes.stream()
                .filter(one -> one.ripe().isPresent())
                .filter(one -> one.spoilt().isEmpty()
                        || one.spoilt().getAsDouble() > one.ripe().getAsDouble())
                .toList();
    }

    double withinAtSetting() {
        return share(ripened(), one -> within(one, one.likely()));
    }

    double withinAtHalf() {
        return share(
                ripened(),
                one -> within(one, one.likelyAtHalf().map(OptionalDouble::of).orElseGet(OptionalDouble::empty)));
    }

    /** The share of pots that ripened between the earliest and the latest that was told at setting. */
    double inBand() {
        return share(
                ripened(),
                one -> one.early().isPresent()
                        && one.late().isPresent()
                        && one.ripe().getAsDouble() >= one.early().getAsDouble()
                        && one.ripe().getAsDouble() <= one.late().getAsDouble());
    }

    double errorAtSetting() {
        return error(one -> one.likely());
    }

    double withinIdeal() {
        return share(ripened(), one -> within(one, one.ideal()));
    }

    double errorOfIdeal() {
        return error(Outcome::ideal);
    }

    double errorAtHalf() {
        return error(one -> one.likelyAtHalf().map(OptionalDouble::of).orElseGet(OptionalDouble::empty));
    }

    /** (a): how far outside of the window of the book. */
    double errorOfWindow() {
        return ripened().stream()
                .mapToDouble(one -> {
                    double days = one.ripe().getAsDouble() / HOURS_A_DAY;
                    Stage stage = stage(one.brew());
                    return Math.max(
                            0,
                            Math.max(
                                    stage.window().fromDays() - days,
                                    days - stage.window().toDays()));
                })
                .average()
                .orElse(0);
    }

    /** (b): from the middle of the window. */
    double errorOfMiddle() {
        return error(one ->
                OptionalDouble.of(HOURS_A_DAY * stage(one.brew()).window().likelyDays()));
    }

    /** (c): an old hand's rule of thumb: the middle of the window, twice as long for each 10 K below 20 °C, half above. */
    double errorOfThumb() {
        return error(one -> {
            double middle = HOURS_A_DAY * stage(one.brew()).window().likelyDays();
            double felt = Math.round(one.usualCelsius() / 5) * 5;
            return OptionalDouble.of(middle * Math.pow(2, (THUMB_CELSIUS - felt) / DOUBLING_KELVIN));
        });
    }

    /** Pots that were called ready although they had spoilt. */
    long spoiltCalledReady() {
        return outcomes.stream()
                .filter(one -> ended(one, Verdict.Kind.READY, Condition.SPOILT))
                .filter(one -> one.ending().orElseThrow().hour() - one.spoilt().orElse(0) > HOURS_A_DAY)
                .count();
    }

    /** Of the pots that hadn't spoilt and didn't within a day, those that were to be thrown away. */
    double goodThrownAway() {
        List<Outcome> good = outcomes.stream()
                .filter(one -> one.ending().isPresent())
                .filter(one -> one.spoilt().orElse(Double.MAX_VALUE)
                        > one.ending().orElseThrow().hour() + HOURS_A_DAY)
                .toList();
        return share(good, one -> one.ending().orElseThrow().verdict() == Verdict.Kind.THROW_AWAY);
    }

    /** Of those called ready, those that were so by over a day, or 15 %, too early. */
    double calledEarly() {
        List<Outcome> ready = outcomes.stream()
                .filter(one -> one.ending()
                        .filter(ending -> ending.verdict() == Verdict.Kind.READY)
                        .isPresent())
                .toList();
        return share(
                ready,
                one -> one.ending().orElseThrow().hour() < one.ripe().orElse(Double.MAX_VALUE)
                        && !within(
                                one,
                                OptionalDouble.of(one.ending().orElseThrow().hour())));
    }

    long dangers() {
        return outcomes.stream().filter(this::metDanger).count();
    }

    double dangersTold() {
        return share(outcomes.stream().filter(this::metDanger).toList(), Outcome::told);
    }

    double visits() {
        return outcomes.stream().mapToInt(Outcome::visits).average().orElse(0);
    }

    private boolean metDanger(Outcome one) {
        double end = one.ending().map(Trial.Ending::hour).orElse(Double.MAX_VALUE);
        return one.dangerous().isPresent() && one.dangerous().getAsDouble() <= end;
    }

    private static boolean ended(Outcome one, Verdict.Kind verdict, Condition truth) {
        return one.ending()
                .filter(ending -> ending.verdict() == verdict && ending.truth() == truth)
                .isPresent();
    }

    /** Within a day; for what takes longer than two weeks, within 15 %. */
    private boolean within(Outcome one, OptionalDouble told) {
        double days = one.ripe().orElse(Double.MAX_VALUE) / HOURS_A_DAY;
        Stage stage = stage(one.brew());
        double allowed = stage.window().toDays() <= SHORT_DAYS ? 1 : LONG_SHARE * days;
        return told.isPresent() && Math.abs(told.getAsDouble() / HOURS_A_DAY - days) <= allowed;
    }

    private double error(Function<Outcome, OptionalDouble> told) {
        return ripened().stream()
                .filter(one -> told.apply(one).isPresent())
                .mapToDouble(one ->
                        Math.abs(told.apply(one).getAsDouble() - one.ripe().getAsDouble()) / HOURS_A_DAY)
                .average()
                .orElse(0);
    }

    private Stage stage(Brew brew) {
        return book.method(brew.methodId()).orElseThrow().stages().get(0);
    }

    private static double share(List<Outcome> of, Predicate<Outcome> which) {
        return of.isEmpty() ? Double.NaN : of.stream().filter(which).count() / (double) of.size();
    }
}
