package potmellow.core.feeding;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.feeding.Proposal.Kind;
import potmellow.core.feeding.Proposal.PassedOver;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.planting.GrowthStage;
import potmellow.core.rule.Finding;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * What a planting gets in the coming weeks: for each day on which it is due, the most wanted brew in store whose dose is judged to need
 * no decision at any good hour of that day. It knows no rule of its own but what is wanted and how often.
 */
public final class FeedingPlan {
    private static final int MOST_STEPS = 20;
    private static final int HEAVY_GAP = 7;
    private static final int MEDIUM_GAP = 14;
    private static final int LIGHT_GAP = 21;
    private static final int BREWS_TO_MAKE = 4;

    private final Book book;
    private final List<InStore> store;
    private final Conditions now;
    private final UnitSystem system;
    private final Map<String, Volume> left = new HashMap<>();
    /** Bottles that nothing but a change of the planting would let through, with what stands in the way. */
    private final Map<String, String> never = new HashMap<>();

    private Recipient recipient;

    private FeedingPlan(Book book, Recipient recipient, List<InStore> store, Conditions now, UnitSystem system) {
        this.book = book;
        this.recipient = recipient;
        this.store = store.stream()
                .sorted(Comparator.comparing(InStore::useBy).thenComparing(InStore::code))
                .toList();
        this.now = now;
        this.system = system;
        store.forEach(bottle -> left.put(bottle.code(), bottle.stock().left()));
    }

    /**
     * Proposes what comes next.
     *
     * @param now the present moment, with the weather to come
     * @param days how far to look ahead
     * @return in the order of days; never empty
     */
    public static List<Proposal> of(
            Book book, Recipient recipient, List<InStore> store, Conditions now, int days, UnitSystem system) {
        return new FeedingPlan(book, recipient, store, now, system).propose(days);
    }

    private List<Proposal> propose(int days) {
        LocalDate today = now.today();
        LocalDate end = today.plusDays(days);
        List<Proposal> proposals = new ArrayList<>();
        look(today, end).ifPresent(proposals::add);
        LocalDate due = dueFrom(today);
        if (thirst()) {
            proposals.add(water(today, "What they showed asks for plain water before any feed."));
            recipient = recipient.with(recipient.history().watered(now.now()));
            due = due.isAfter(today) ? due : today.plusDays(1);
        }
        feeds(due, end, proposals);
        return proposals.stream().sorted(Comparator.comparing(Proposal::day)).toList();
    }

    private void feeds(LocalDate from, LocalDate end, List<Proposal> proposals) {
        LocalDate due = from;
        while (!due.isAfter(end) && proposals.size() < MOST_STEPS) {
            if (flushed()) {
                proposals.add(water(due, "Every fourth time plain water: pots are flushed."));
                recipient =
                        recipient.with(recipient.history().watered(hours(due).get(0)));
                due = due.plusDays(Response.LEAST_APART.toDays());
                continue;
            }
            List<Proposal> next = next(due, end);
            proposals.addAll(next);
            Proposal last = next.get(next.size() - 1);
            if (last.feed().isEmpty()) {
                break;
            }
            fed(last.feed().get(), last.day());
            due = dueFrom(last.day().plusDays(1));
        }
    }

    private boolean flushed() {
        return recipient.plants().inPots() && recipient.history().feedsSinceWater() >= RhythmRules.FEEDS_TO_A_FLUSH - 1;
    }

    /** The next feed on the first day that lets one through, with a plain watering before where one is owed; else why there is none. */
    private List<Proposal> next(LocalDate due, LocalDate end) {
        Optional<String> heldUp = Optional.empty();
        for (LocalDate day = due; !day.isAfter(end); day = day.plusDays(1)) {
            Search search = new Search(day);
            Optional<Proposal> feed = search.feed(heldUp);
            if (feed.isPresent()) {
                return List.of(feed.get());
            }
            if (search.thirsty) {
                Proposal water = water(day, "One plain watering between two of them.");
                recipient =
                        recipient.with(recipient.history().watered(hours(day).get(0)));
                List<Proposal> both = new ArrayList<>(List.of(water));
                both.addAll(day.equals(end) ? List.of(search.nothing()) : next(day.plusDays(1), end));
                return both;
            }
            heldUp = heldUp.or(() -> search.waits);
            if (day.equals(end)) {
                return List.of(new Search(due).nothing());
            }
        }
        throw new IllegalStateException("A feed can't be due after the last day looked at.");
    }

    /** Good hours of a day; early where all of them are over. */
    private List<Instant> hours(LocalDate day) {
        return GoodHours.of(day, now);
    }

    private boolean thirst() {
        History history = recipient.history();
        return Response.to(history, Optional.empty()).waterFirst()
                && history.answerToLastFeed()
                        .filter(look -> !history.wateredSince(look.at()))
                        .isPresent();
    }

    /** The first day on which anything may be fed again. */
    private LocalDate dueFrom(LocalDate from) {
        Optional<History.Fed> last = recipient.history().lastFeed();
        if (last.isEmpty()) {
            return from;
        }
        LocalDate fed = LocalDate.ofInstant(last.get().at(), now.zone());
        double factor = Response.to(recipient.history(), Optional.empty()).intervalFactor();
        LocalDate due = fed.plusDays(Math.max(Response.LEAST_APART.toDays(), Math.round(gapDays() * factor)));
        return due.isBefore(from) ? from : due;
    }

    /** Days between any two feeds by appetite; plants in flower or fruit get calcium and potassium by turns (from memory). */
    private int gapDays() {
        GrowthStage stage = recipient.plants().stage();
        boolean fruiting = stage == GrowthStage.FLOWERING || stage == GrowthStage.FRUITING;
        return switch (recipient.plants().appetite()) {
            case HEAVY -> HEAVY_GAP;
            case MEDIUM -> fruiting ? HEAVY_GAP : MEDIUM_GAP;
            case LIGHT -> fruiting ? MEDIUM_GAP : LIGHT_GAP;
        };
    }

    private Optional<Proposal> look(LocalDate today, LocalDate end) {
        History history = recipient.history();
        if (history.lastFeed().isEmpty() || history.answerToLastFeed().isPresent()) {
            return Optional.empty();
        }
        LocalDate fed = LocalDate.ofInstant(history.lastFeed().get().at(), now.zone());
        LocalDate from = fed.plusDays(Climb.WAIT_DAYS);
        LocalDate day = from.isBefore(today) ? today : from;
        return day.isAfter(end)
                ? Optional.empty()
                : Optional.of(Proposal.of(
                        Kind.LOOK,
                        day,
                        "look at them",
                        Working.of(
                                "What did the feed of " + fed.getDayOfMonth() + "." + fed.getMonthValue() + ". do?",
                                Step.of(
                                        "Look 7 to 10 days after a feed, before anything is changed.",
                                        "from day " + Climb.WAIT_DAYS,
                                        Evidence.commonPractice()))));
    }

    private static Proposal water(LocalDate day, String why) {
        return Proposal.of(
                Kind.WATER, day, "plain water", Working.of(why, Step.of(why, "plain water", Evidence.fromMemory())));
    }

    private Target target() {
        return recipient.plants().stage().target();
    }

    private void fed(Proposal.Feed feed, LocalDate day) {
        left.merge(feed.bottle().code(), feed.brew(), Volume::less);
        Product product = feed.bottle().product();
        recipient = recipient.with(recipient
                .history()
                .and(new History.Fed(
                        hours(day).get(0),
                        feed.target(),
                        List.of(new History.Given(
                                product.id(), product.name(), feed.strength().value())))));
    }

    /** One day's search through the store. */
    private final class Search {
        private final LocalDate day;
        private final List<Wants.Want> wants;
        private final List<PassedOver> passedOver = new ArrayList<>();
        private Optional<String> waits = Optional.empty();
        private boolean thirsty;

        Search(LocalDate day) {
            this.day = day;
            this.wants = new Wants(book, recipient).at(hours(day).get(0));
        }

        Optional<Proposal> feed(Optional<String> heldUp) {
            for (Wants.Want want : wants) {
                for (InStore bottle : store) {
                    if (!want.metBy(bottle.product())
                            || passedOver.stream()
                                    .anyMatch(other -> other.bottle().code().equals(bottle.code()))) {
                        continue;
                    }
                    Optional<String> obstacle = obstacle(bottle);
                    if (obstacle.isEmpty()) {
                        return Optional.of(proposal(bottle, want, heldUp));
                    }
                    passedOver.add(new PassedOver(bottle, obstacle.get()));
                }
            }
            return Optional.empty();
        }

        /** Why a bottle is not for this day; empty where it is. */
        private Optional<String> obstacle(InStore bottle) {
            Optional<String> spent =
                    Optional.ofNullable(never.get(bottle.code())).or(() -> spent(bottle));
            if (spent.isPresent()) {
                return spent;
            }
            Dose dose = Dose.advised(bottle, target(), recipient, Optional.empty());
            for (Instant hour : hours(day)) {
                Judged judged = Judged.of(dose.at(now.at(hour)));
                if (!judged.free()) {
                    return Optional.of(heldBack(bottle, judged));
                }
            }
            Volume brew = brew(dose);
            Volume there = left.get(bottle.code());
            return there.asGoodAs(brew)
                    ? Optional.empty()
                    : Optional.of("It holds " + MeasuredVolume.dose(there, system) + ", and this takes "
                            + MeasuredVolume.dose(brew, system) + ".");
        }

        private String heldBack(InStore bottle, Judged judged) {
            Finding gravest = judged.gravest().orElseThrow();
            if (!judged.onlyWaits()) {
                never.put(bottle.code(), gravest.words());
            } else if (judged.onlyThirsts()) {
                thirsty = true;
            } else {
                waits = waits.or(() -> Optional.of(gravest.words()));
            }
            return gravest.words();
        }

        private Optional<String> spent(InStore bottle) {
            Optional<Use> use = bottle.product().find(target());
            if (use.isEmpty()) {
                return Optional.of("No known strength for it on " + target().words() + ".");
            }
            if (bottle.useBy().isBefore(day)) {
                return Optional.of("It is past its date, " + bottle.useBy() + ".");
            }
            return bottle.product().keeps().stream()
                            .allMatch(keep -> keep.hours().isPresent())
                    ? Optional.of("It lives by the hour: mix it when it is ready.")
                    : Optional.empty();
        }

        private Volume brew(Dose dose) {
            return dose.strength().brewIn(mix());
        }

        private Volume mix() {
            return recipient.plants().size().volume(target(), system).value();
        }

        private Proposal proposal(InStore bottle, Wants.Want want, Optional<String> heldUp) {
            Dose dose = Dose.advised(bottle, target(), recipient, Optional.empty());
            StrengthAdvice advice = dose.portions().get(0).advice();
            Volume there = left.get(bottle.code());
            Volume wanted = brew(dose);
            Volume brew = wanted.compareTo(there) > 0 ? there : wanted;
            String words = MeasuredVolume.dose(brew, system) + " "
                    + bottle.product().name() + " from " + bottle.code() + ", "
                    + advice.strength().value().text();
            Proposal.Feed feed = new Proposal.Feed(
                    bottle, target(), advice.strength(), mix(), brew, hours(day).get(0));
            Working<String> why = new Working<>(want.why(), steps(bottle, want, heldUp, advice));
            return new Proposal(Kind.FEED, day, words, why, Optional.of(feed), List.of(), passedOver);
        }

        private List<Step> steps(InStore bottle, Wants.Want want, Optional<String> heldUp, StrengthAdvice advice) {
            List<Step> steps = new ArrayList<>();
            steps.add(Step.of(want.why(), want.leaning().words(), Evidence.commonPractice()));
            passedOver.forEach(other -> steps.add(passedOver(other)));
            steps.add(Step.of("Oldest usable bottle first.", bottle.code(), Evidence.commonPractice())
                    .with("use by", bottle.useBy().toString()));
            heldUp.ifPresent(
                    reason -> steps.add(Step.of("Not sooner: " + reason, day.toString(), Evidence.fromMemory())));
            if (!advice.response().sentence().isEmpty()) {
                steps.add(Step.of(
                        advice.response().sentence(), "", advice.response().evidence()));
            }
            return steps;
        }

        private static Step passedOver(Proposal.PassedOver other) {
            return Step.of(
                    "Passed over: " + other.bottle().code() + " "
                            + other.bottle().product().name() + ".",
                    other.reason(),
                    Evidence.commonPractice());
        }

        /** Why nothing is fed: what is in store has to wait, or nothing in store suits. */
        private Proposal nothing() {
            feed(Optional.empty());
            if (waits.isPresent()) {
                return new Proposal(
                        Kind.WAIT,
                        day,
                        "wait",
                        Working.of(waits.get(), Step.of(waits.get(), "wait", Evidence.fromMemory())),
                        Optional.empty(),
                        List.of(),
                        passedOver);
            }
            String why = wants.get(0).why()
                    + (passedOver.isEmpty() ? " Nothing in store suits." : " Nothing in store may be poured.");
            return new Proposal(
                    Kind.MAKE,
                    day,
                    "nothing in store",
                    Working.of(why, Step.of(why, "make one", Evidence.commonPractice())),
                    Optional.empty(),
                    toMake(),
                    passedOver);
        }

        /** Brews that would do: what is wanted, and judged as if it stood in the store. */
        private List<Product> toMake() {
            Conditions hour = now.at(hours(day).get(0));
            return wants.stream()
                    .flatMap(want -> book.products().stream().filter(want::metBy))
                    .distinct()
                    .filter(product -> product.find(target())
                            .filter(use -> use.status() == Use.Status.ALLOWED)
                            .isPresent())
                    .filter(product -> Judged.of(
                                    Dose.advised(InStore.made(product), target(), recipient, Optional.of(hour)))
                            .onlyWaits())
                    .limit(BREWS_TO_MAKE)
                    .toList();
        }
    }
}
