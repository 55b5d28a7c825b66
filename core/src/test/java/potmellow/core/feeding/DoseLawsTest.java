package potmellow.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import potmellow.core.book.Product;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.planting.Eaten;
import potmellow.core.rule.Finding;
import potmellow.core.strength.Target;

/** Laws that hold for whatever garden: the judgement of a dose depends on nothing but the dose, that planting's past and the hour. */
class DoseLawsTest {
    private static final int GARDENS = 300;

    private static Can can(List<InStore> bottles, List<Recipient> recipients, Conditions hour) {
        return Can.of(
                bottles.stream().limit(1).map(bottle -> Wish.of((Brew) bottle)).toList(),
                Target.SOIL,
                recipients,
                Optional.of(hour));
    }

    @Test
    void theOrderOfPlantingsChangesNothing() {
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            List<Recipient> plantings = gardens.plantings(2 + gardens.upTo(3));
            List<InStore> store = gardens.store(1);
            Conditions hour = gardens.morning();
            Can there = can(store, plantings, hour);
            List<Recipient> shuffled = new ArrayList<>(plantings);
            Collections.shuffle(shuffled, new Random(seed));
            assertThat(can(store, shuffled, hour)).as("garden %d", seed).isEqualTo(there);
        }
    }

    @Test
    void aPlantingIsJudgedInCompanyAsItIsJudgedAlone() {
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            List<Recipient> plantings = gardens.plantings(3);
            InStore bottle = gardens.store(1).get(0);
            Conditions hour = gardens.morning();
            Can all = can(List.of(bottle), plantings, hour);
            for (Recipient planting : plantings) {
                Can alone = Can.of(
                        List.of(new Wish(
                                bottle, Optional.of(all.portions().get(0).strength()))),
                        Target.SOIL,
                        List.of(planting),
                        Optional.of(hour));
                assertThat(all.judged())
                        .as("garden %d", seed)
                        .contains(alone.judged().get(0));
            }
        }
    }

    @Test
    void everyFindingOfOneStandsInTheUnion() {
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            Can can = can(gardens.store(1), gardens.plantings(4), gardens.morning());
            long refusing = can.judged().stream().filter(Judged::refused).count();
            assertThat(can.findings().stream().anyMatch(Finding::refuses)).isEqualTo(refusing > 0);
            if (refusing > 0 && refusing < can.judged().size()) {
                assertThat(can.toLeaveOut()).as("garden %d", seed).hasSize((int) refusing);
            }
        }
    }

    @Test
    void theOrderOfLooksOfOneDayChangesNothing() {
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            Plants plants = gardens.plants("Bed");
            History history = gardens.crowded();
            History shuffled =
                    new History(history.feeds(), gardens.shuffledByDay(history), history.waterings(), history.zone());
            for (Product product : List.of(
                    Feeding.product("long-keeper"), gardens.store(1).get(0).product())) {
                assertThat(advice(product, plants, shuffled))
                        .as("garden %d", seed)
                        .isEqualTo(advice(product, plants, history));
            }
        }
    }

    private static StrengthAdvice advice(Product product, Plants plants, History history) {
        return StrengthAdvice.of(product, Target.SOIL, OptionalDouble.of(40), Optional.of(plants), history);
    }

    @Test
    void moreHarmNeverLeadsToAStrongerDose() {
        for (int seed = 0; seed < 4 * GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            Plants plants = gardens.plants("Bed");
            History history = gardens.crowded();
            History harmed = history.and(gardens.scorched());
            for (Product product : List.of(
                    Feeding.product("long-keeper"), gardens.store(1).get(0).product())) {
                StrengthAdvice before = advice(product, plants, history);
                StrengthAdvice after = advice(product, plants, harmed);
                assertThat(after.strength()
                                .value()
                                .strongerThan(before.strength().value()))
                        .as(
                                "garden %d: %s became %s",
                                seed,
                                before.strength().value(),
                                after.strength().value())
                        .isFalse();
                assertThat(after.intervalDays().value())
                        .as("garden %d", seed)
                        .isGreaterThanOrEqualTo(before.intervalDays().value() - 1e-9);
                boolean stopped =
                        before.climb().filter(climb -> climb.stand().stopped()).isPresent();
                assertThat(stopped
                                && after.climb()
                                        .filter(climb -> climb.stand().stopped())
                                        .isEmpty())
                        .as("garden %d", seed)
                        .isFalse();
            }
        }
    }

    @Test
    void theFirstFeedIsTheWeakestRungWhateverWasSeen() {
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            History history = gardens.crowded();
            History unfed = new History(List.of(), history.looks(), history.waterings(), history.zone());
            StrengthAdvice advice = advice(Feeding.product("long-keeper"), gardens.plants("Bed"), unfed);
            assertThat(advice.strength().value().water()).as("garden %d", seed).isGreaterThanOrEqualTo(100);
        }
    }

    @Test
    void aRungGoesUpOnlyAfterItWasPouredLookedAtAndFoundWanting() {
        for (int seed = 0; seed < 2 * GARDENS; seed++) {
            History history = new Gardens(seed).crowded();
            Climb climb = advice(Feeding.product("long-keeper"), new Gardens(seed).plants("Bed"), history)
                    .climb()
                    .orElseThrow();
            Optional<History.Fed> last = history.lastFeed("long-keeper");
            if (last.isEmpty()) {
                assertThat(climb.stand().rung()).isZero();
                continue;
            }
            int up = climb.stand().rung() - climb.poured().orElseThrow().rung();
            assertThat(up).isLessThanOrEqualTo(1);
            if (up == 1) {
                assertThat(history.looks())
                        .as("garden %d", seed)
                        .anyMatch(look -> (look.look() == Look.UNCHANGED || look.look() == Look.PALE)
                                && !look.at().isBefore(last.get().at().plusSeconds(86_400L * Climb.WAIT_DAYS)));
                assertThat(history.looks())
                        .noneMatch(look -> look.look() == Look.SCORCHED
                                && look.at().isAfter(last.get().at()));
            }
        }
    }

    @Test
    void whatThePlanProposesForADayMixAcceptsOnThatDay() {
        int proposed = 0;
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            Recipient planting = gardens.planting("Bed");
            Conditions now = gardens.morning();
            List<Proposal> plan = FeedingPlan.of(Feeding.BOOK, planting, gardens.store(8), now, 28, UnitSystem.METRIC);
            for (Proposal proposal : plan) {
                if (proposal.kind() == Proposal.Kind.WATER) {
                    planting = planting.with(planting.history().watered(first(proposal.day(), now)));
                }
                if (proposal.feed().isPresent()) {
                    proposed++;
                    accepted(seed, proposal, planting, now);
                    Proposal.Feed feed = proposal.feed().get();
                    Product product = feed.bottle().product();
                    planting = planting.with(planting.history()
                            .and(new History.Fed(
                                    first(proposal.day(), now),
                                    feed.target(),
                                    List.of(new History.Given(
                                            product.id(),
                                            product.name(),
                                            feed.strength().value())))));
                }
            }
        }
        assertThat(proposed).isGreaterThan(GARDENS / 3);
    }

    private static Instant first(LocalDate day, Conditions now) {
        return GoodHours.of(day, now).get(0);
    }

    private static void accepted(int seed, Proposal proposal, Recipient planting, Conditions now) {
        Proposal.Feed feed = proposal.feed().orElseThrow();
        for (Instant hour : GoodHours.of(proposal.day(), now)) {
            Mix mix = Mix.of(
                    List.of(Wish.of(feed.bottle())),
                    feed.target(),
                    planting.plants().size(),
                    Volume.ofLitres(10),
                    List.of(planting),
                    Optional.of(now.at(hour)),
                    UnitSystem.METRIC);
            assertThat(mix.refusals())
                    .as("garden %d, %s", seed, proposal.words())
                    .isEmpty();
            assertThat(mix.confirmations())
                    .as("garden %d, %s", seed, proposal.words())
                    .isEmpty();
            assertThat(mix.brews().get(0).strength().value())
                    .isEqualTo(feed.strength().value());
            assertThat(mix.need().value().millilitres()).isCloseTo(feed.mix().millilitres(), within(1e-6));
        }
    }

    @Test
    void everyBottlePassedOverHasItsReason() {
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            FeedingPlan.of(
                            Feeding.BOOK,
                            gardens.planting("Bed"),
                            gardens.store(8),
                            gardens.morning(),
                            28,
                            UnitSystem.METRIC)
                    .forEach(proposal -> assertThat(proposal.passedOver())
                            .allSatisfy(over -> assertThat(over.reason()).matches("(?s)[\\p{L}0-9].*[.?]")));
        }
    }

    @Test
    void aPickingDayThatIsPastOrDrawsNearerNeverLiftsARefusal() {
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            Plants plants = gardens.plants("Bed");
            InStore bottle = gardens.store(1).get(0);
            Conditions now = gardens.morning();
            boolean refused = false;
            for (int days = 0; days < 260; days += 5) {
                Conditions then = now.at(now.now().plusSeconds(86_400L * days));
                boolean refuses = wait(bottle, plants, then).refuses();
                assertThat(refused && !refuses)
                        .as("garden %d, day %d", seed, days)
                        .isFalse();
                refused = refuses;
            }
        }
    }

    @Test
    void aLaterPickingDayOfOneNeverLiftsTheRefusalOfAnother() {
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            List<Recipient> plantings = gardens.plantings(2);
            InStore bottle = gardens.store(1).get(0);
            Conditions hour = gardens.morning();
            boolean alone = can(List.of(bottle), plantings.subList(0, 1), hour)
                    .judged()
                    .get(0)
                    .refused();
            Recipient late = new Recipient(
                    "late",
                    picked(plantings.get(1).plants(), 400),
                    plantings.get(1).history());
            boolean together = can(List.of(bottle), List.of(late, plantings.get(0)), hour).findings().stream()
                    .anyMatch(Finding::refuses);
            boolean weaker = !alone || together || weakened(bottle, plantings.get(0), late, hour);
            assertThat(weaker).as("garden %d", seed).isTrue();
        }
    }

    /** A refusal for being too strong may fall away where the other wants it weaker; that is no matter of picking. */
    private static boolean weakened(InStore bottle, Recipient one, Recipient other, Conditions hour) {
        return can(List.of(bottle), List.of(one), hour)
                .portions()
                .get(0)
                .strength()
                .strongerThan(can(List.of(bottle), List.of(one, other), hour)
                        .portions()
                        .get(0)
                        .strength());
    }

    private static Plants picked(Plants plants, int inDays) {
        return new Plants(
                plants.name(),
                plants.stage(),
                plants.appetite(),
                plants.soil(),
                plants.size(),
                Eaten.RAW,
                plants.touched(),
                plants.ironSensitive(),
                plants.saltSensitive(),
                plants.sheltered(),
                Optional.of(LocalDate.ofInstant(Feeding.MORNING, Feeding.ZONE).plusDays(inDays)));
    }

    private static Finding wait(InStore bottle, Plants plants, Conditions hour) {
        return HarvestWait.of(
                Dose.advised(bottle, Target.SOIL, new Recipient("Bed", plants, History.none()), Optional.of(hour)),
                plants);
    }

    @Test
    void takingABottleAwayNeverMakesAnotherDoseStronger() {
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            List<Recipient> plantings = gardens.plantings(2);
            List<InStore> store = gardens.store(8);
            Conditions hour = gardens.morning();
            List<Offer> all = Offer.of(Feeding.BOOK, store, plantings, Target.SOIL, hour, UnitSystem.METRIC);
            List<InStore> fewer = store.subList(1, store.size());
            for (Offer offer : Offer.of(Feeding.BOOK, fewer, plantings, Target.SOIL, hour, UnitSystem.METRIC)) {
                assertThat(all).as("garden %d", seed).contains(offer);
            }
            plantings.forEach(planting -> fedNoStronger(planting, store, fewer, hour));
        }
    }

    /** The first dose of a bottle in the plan: later ones may follow on other feeds. */
    private static void fedNoStronger(Recipient planting, List<InStore> store, List<InStore> fewer, Conditions hour) {
        List<Proposal> all = FeedingPlan.of(Feeding.BOOK, planting, store, hour, 28, UnitSystem.METRIC);
        List<Proposal> some = FeedingPlan.of(Feeding.BOOK, planting, fewer, hour, 28, UnitSystem.METRIC);
        all.stream()
                .flatMap(proposal -> proposal.feed().stream())
                .forEach(feed -> some.stream()
                        .flatMap(proposal -> proposal.feed().stream())
                        .filter(other -> other.bottle().equals(feed.bottle()))
                        .limit(1)
                        .forEach(other -> assertThat(other.strength()
                                        .value()
                                        .strongerThan(feed.strength().value()))
                                .isFalse()));
    }

    @Test
    void theBestOfferIsWhatThePlanPoursToday() {
        for (int seed = 0; seed < GARDENS; seed++) {
            Gardens gardens = new Gardens(seed);
            Recipient planting = gardens.planting("Bed");
            List<InStore> store = gardens.store(8);
            Conditions now = gardens.morning();
            Target target = planting.plants().stage().target();
            List<Offer> offers = Offer.of(Feeding.BOOK, store, List.of(planting), target, now, UnitSystem.METRIC);
            FeedingPlan.of(Feeding.BOOK, planting, store, now, 28, UnitSystem.METRIC).stream()
                    .filter(proposal -> proposal.day().equals(now.today()))
                    .flatMap(proposal -> proposal.feed().stream())
                    .forEach(feed -> assertThat(offers.stream()
                                    .filter(offer -> offer.bottle().equals(feed.bottle()))
                                    .findFirst()
                                    .orElseThrow()
                                    .fit())
                            .isEqualTo(Offer.Fit.FIT));
        }
    }
}
