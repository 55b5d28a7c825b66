package potmellow.core.feeding;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Book;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/**
 * A bottle for some plantings at an hour: how it suits, and why.
 *
 * @param bottle which
 * @param fit whether it may be poured
 * @param why what speaks for it; where it is not fit, what stands in the way
 * @param strength how strong it would be; empty where nobody has told of it there
 * @param mix the mix that they take
 * @param brew how much of it that takes; empty where nobody has told of it there
 */
public record Offer(InStore bottle, Fit fit, String why, Optional<Ratio> strength, Volume mix, Optional<Volume> brew) {
    private static final int UNWANTED = 100;

    /** Whether it may be poured, the best first. */
    public enum Fit {
        FIT,
        /** Only by decision. */
        DECIDE,
        NO
    }

    /** Whether the bottle holds what they take. */
    public boolean enough() {
        return brew.filter(taken -> bottle.stock().left().asGoodAs(taken)).isPresent();
    }

    /** Where plantings are fed if nobody says otherwise: seedlings as seedlings, all others on soil. */
    public static Target usualTarget(List<Recipient> recipients) {
        List<Target> targets = recipients.stream()
                .map(recipient -> recipient.plants().stage().target())
                .distinct()
                .toList();
        return targets.size() == 1 ? targets.get(0) : Target.SOIL;
    }

    /** Every bottle in store, the fittest first; of equals what they want most, then the one to use first. */
    public static List<Offer> of(
            Book book,
            List<InStore> store,
            List<Recipient> recipients,
            Target target,
            Conditions hour,
            UnitSystem system) {
        Volume mix = recipients.stream()
                .map(recipient ->
                        recipient.plants().size().volume(target, system).value())
                .reduce(Volume.ofMillilitres(0), Volume::plus);
        List<List<Wants.Want>> wants = recipients.stream()
                .sorted(Recipient.IN_ORDER)
                .map(recipient -> new Wants(book, recipient).at(hour.now()))
                .toList();
        return store.stream()
                .map(bottle -> new Ranked(of(bottle, recipients, wants, target, hour, mix), rank(bottle, wants)))
                .sorted(Comparator.comparing((Ranked ranked) -> ranked.offer().fit())
                        .thenComparing(ranked -> !ranked.offer().enough())
                        .thenComparing(Ranked::rank)
                        .thenComparing(ranked -> ranked.offer().bottle().useBy())
                        .thenComparing(ranked -> ranked.offer().bottle().code()))
                .map(Ranked::offer)
                .toList();
    }

    private static Offer of(
            InStore bottle,
            List<Recipient> recipients,
            List<List<Wants.Want>> wants,
            Target target,
            Conditions hour,
            Volume mix) {
        if (bottle.product().find(target).isEmpty()) {
            return new Offer(
                    bottle,
                    Fit.NO,
                    "No known strength for it on " + target.words() + ".",
                    Optional.empty(),
                    mix,
                    Optional.empty());
        }
        Can can = Can.of(List.of(Wish.of(bottle)), target, recipients, Optional.of(hour));
        Optional<Finding> gravest = can.findings().stream()
                .filter(finding -> finding.severity().compareTo(Severity.CONFIRM) >= 0)
                .max(Comparator.comparing(Finding::severity));
        Ratio strength = can.portions().get(0).strength();
        return new Offer(
                bottle,
                gravest.map(Offer::fit).orElse(Fit.FIT),
                gravest.map(Finding::words).orElseGet(() -> wanted(bottle, wants)),
                Optional.of(strength),
                mix,
                Optional.of(strength.brewIn(mix)));
    }

    private static Fit fit(Finding gravest) {
        return gravest.refuses() ? Fit.NO : Fit.DECIDE;
    }

    private static String wanted(InStore bottle, List<List<Wants.Want>> wants) {
        return wants.stream()
                .flatMap(List::stream)
                .filter(want -> want.metBy(bottle.product()))
                .map(Wants.Want::why)
                .findFirst()
                .orElse("It does no harm, but it is not what they want most now.");
    }

    private static int rank(InStore bottle, List<List<Wants.Want>> wants) {
        return wants.stream().mapToInt(own -> rankOfOne(bottle, own)).sum();
    }

    private static int rankOfOne(InStore bottle, List<Wants.Want> wants) {
        int before = (int)
                wants.stream().takeWhile(want -> !want.metBy(bottle.product())).count();
        return before == wants.size() ? UNWANTED : before;
    }

    private record Ranked(Offer offer, int rank) {}
}
