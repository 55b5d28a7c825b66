package potmellow.core.feeding;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.core.measure.InvalidInput;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Ladder;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;

/**
 * One water for one planting or several: the union of their doses, each judged on its own, in whatever order they are named.
 *
 * @param target where it goes
 * @param wishes what was wanted in it
 * @param portions each brew as it is poured, with the advice for all of them together
 * @param judged one dose for each planting; one dose for nothing in particular where there is none
 */
public record Can(Target target, List<Wish> wishes, List<Portion> portions, List<Judged> judged) {
    /** At most so many brews meet in one water. */
    public static final int MOST_BREWS = 6;

    public Can {
        wishes = List.copyOf(wishes);
        portions = List.copyOf(portions);
        judged = List.copyOf(judged);
    }

    /**
     * Works out how strong each brew is, and judges it for everyone that gets it.
     *
     * @param wishes what goes into the water, one to six; where all their strengths are left to the advice and are too much together,
     *     all are weakened alike
     * @param recipients the plantings that get it; none for a pour that is for nothing in particular
     * @param hour the moment of pouring; empty where it isn't to be judged
     * @throws InvalidInput where several brews can't meet
     */
    public static Can of(List<Wish> wishes, Target target, List<Recipient> recipients, Optional<Conditions> hour) {
        if (wishes.isEmpty() || wishes.size() > MOST_BREWS) {
            throw InvalidInput.outOfRange("The brews in one water", wishes.size(), 1, MOST_BREWS, "brews");
        }
        List<Optional<Recipient>> fed = inOrder(recipients);
        List<List<StrengthAdvice>> advice = wishes.stream()
                .map(wish -> fed.stream()
                        .map(recipient -> wish.brew().advice(target, recipient))
                        .toList())
                .toList();
        List<Portion> portions = portions(wishes, advice);
        List<Judged> judged = new ArrayList<>();
        for (int i = 0; i < fed.size(); i++) {
            List<Portion> own = new ArrayList<>();
            for (int j = 0; j < portions.size(); j++) {
                own.add(new Portion(
                        wishes.get(j).brew(),
                        advice.get(j).get(i),
                        portions.get(j).strength()));
            }
            judged.add(Judged.of(new Dose(own, target, fed.get(i), hour)));
        }
        return new Can(target, wishes, portions, judged);
    }

    /** Always the same order, whoever was named first. */
    private static List<Optional<Recipient>> inOrder(List<Recipient> recipients) {
        return recipients.isEmpty()
                ? List.of(Optional.empty())
                : recipients.stream()
                        .sorted(Recipient.IN_ORDER)
                        .map(Optional::of)
                        .toList();
    }

    private static List<Portion> portions(List<Wish> wishes, List<List<StrengthAdvice>> advice) {
        List<Portion> portions = new ArrayList<>();
        for (int i = 0; i < wishes.size(); i++) {
            StrengthAdvice together = StrengthAdvice.together(advice.get(i));
            portions.add(new Portion(
                    wishes.get(i).brew(),
                    together,
                    wishes.get(i).asked().orElse(together.strength().value())));
        }
        boolean asked = wishes.stream().anyMatch(wish -> wish.asked().isPresent());
        List<Portion> poured = asked ? portions : TankRules.weakened(portions);
        if (poured.size() > 1) {
            poured.stream()
                    .filter(portion -> portion.strength().neat())
                    .findFirst()
                    .ifPresent(neat -> {
                        throw InvalidInput.unreadable(
                                "A tank of several brews",
                                neat.name() + " neat",
                                "Give " + neat.name()
                                        + " a strength from 1:1 on: there must be a water for the others.");
                    });
        }
        return poured;
    }

    /** Who gets it, by name. */
    public List<Recipient> recipients() {
        return judged.stream().flatMap(one -> one.dose().recipient().stream()).toList();
    }

    /** What is said of the water as a whole, whoever gets it: told once. */
    public List<Finding> common() {
        Set<Said> all = saidOfAll();
        return Stream.concat(
                        judged.get(0).findings().stream().filter(finding -> all.contains(Said.of(finding))),
                        testPlant().stream())
                .toList();
    }

    private Set<Said> saidOfAll() {
        Set<Said> all = new HashSet<>(said(judged.get(0)));
        judged.forEach(one -> all.retainAll(said(one)));
        return all;
    }

    private static Set<Said> said(Judged one) {
        return one.findings().stream().map(Said::of).collect(Collectors.toSet());
    }

    /** What is said of one planting only. */
    public List<Finding> of(Recipient recipient) {
        if (judged.size() == 1) {
            return List.of();
        }
        Set<Said> all = saidOfAll();
        return judged.stream()
                .filter(one -> one.dose().recipient().filter(recipient::equals).isPresent())
                .flatMap(one -> one.findings().stream())
                .filter(finding -> !all.contains(Said.of(finding)))
                .map(finding -> About.planting(recipient, finding))
                .toList();
    }

    /** What makes two findings the same, whatever their workings. */
    private record Said(String rule, Severity severity, String words) {
        static Said of(Finding finding) {
            return new Said(finding.rule(), finding.severity(), finding.words());
        }
    }

    /** Everything that is said, the water first, then each planting. */
    public List<Finding> findings() {
        return Stream.concat(common().stream(), recipients().stream().flatMap(recipient -> of(recipient).stream()))
                .toList();
    }

    /** Whom to leave out so that the others can have it: those that it is refused for, else those that it wants a decision for. */
    public List<Recipient> toLeaveOut() {
        List<Recipient> refused = against(Severity.REFUSE);
        List<Recipient> unwise = against(Severity.CONFIRM);
        List<Recipient> out = refused.isEmpty() ? unwise : refused;
        return out.size() < recipients().size() ? out : List.of();
    }

    private List<Recipient> against(Severity severity) {
        return recipients().stream()
                .filter(recipient -> of(recipient).stream().anyMatch(found -> found.severity() == severity))
                .toList();
    }

    /** Whether everyone may have it without any decision. */
    public boolean free() {
        return judged.stream().allMatch(Judged::free);
    }

    /** Whether nothing of the hour or the day is against it, for anyone. */
    public boolean timely() {
        return judged.stream().allMatch(Judged::timely);
    }

    /** Whether nothing of another hour would be against it, for anyone. */
    boolean timelyAt(Conditions hour) {
        return judged.stream().allMatch(one -> Judged.timely(one.dose().at(hour)));
    }

    /** A stronger rung than any of them has borne goes on one planting first. */
    private Optional<Finding> testPlant() {
        boolean climbing = recipients().size() > 1 && portions.stream().anyMatch(this::unborne);
        return climbing
                ? Optional.of(Finding.of(
                        "test-plant",
                        Severity.CONFIRM,
                        "plantings",
                        "A new rung goes on one plant or bed first; look after 7 to 10 days, then the others.",
                        Step.of(
                                "One test plant before all.",
                                recipients().size() + " plantings",
                                Evidence.commonPractice())))
                : Optional.empty();
    }

    /** Whether a brew with a ladder is stronger than what any of them was fed and answered without harm. */
    private boolean unborne(Portion portion) {
        Optional<Ladder> ladder = portion.advice().climb().map(Climb::ladder);
        return ladder.isPresent()
                && judged.stream()
                        .flatMap(one -> one.dose().portions().stream())
                        .filter(own -> own.brew().equals(portion.brew()))
                        .flatMap(own -> own.advice().climb().stream())
                        .noneMatch(climb -> borne(climb, portion.strength()));
    }

    private static boolean borne(Climb climb, Ratio strength) {
        return !climb.waiting()
                && climb.poured()
                        .filter(rung -> !climb.stand().stopped()
                                && rung.rung() <= climb.stand().rung())
                        .filter(rung -> climb.ladder().at(strength).rung() <= rung.rung())
                        .isPresent();
    }
}
