package potmellow.core.feeding;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.book.Product.Leaning;
import potmellow.core.book.Use;
import potmellow.core.craft.Stated;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * What a planting gets in the coming weeks, from its stage, its appetite, the brews in store and what it showed: nitrogen stops at
 * budding, calcium from the first flower, soil builders monthly, plain waterings counted, one change at a time.
 */
public final class FeedingPlan {
    private static final int SOIL_BUILDER_DAYS = 30;
    private static final LocalTime MORNING = LocalTime.of(8, 0);
    private static final int MOST_STEPS = 20;
    private static final int HEAVY_GAP = 7;
    private static final int MEDIUM_GAP = 14;
    private static final int LIGHT_GAP = 21;

    private final Book book;
    private final Plants plants;
    private final UnitSystem system;
    private final ZoneId zone;
    private final List<InStore> store;
    private final Map<String, Volume> left = new HashMap<>();
    private History history;

    private FeedingPlan(Book book, Recipient recipient, List<InStore> store, ZoneId zone, UnitSystem system) {
        this.book = book;
        this.plants = recipient.plants();
        this.history = recipient.history();
        this.store = List.copyOf(store);
        this.zone = zone;
        this.system = system;
        store.forEach(bottle -> left.put(bottle.code(), bottle.stock().left()));
    }

    /**
     * Proposes what comes next.
     *
     * @param days how far to look ahead
     * @return in the order of days; never empty
     */
    public static List<Proposal> of(
            Book book,
            Recipient recipient,
            List<InStore> store,
            Instant now,
            ZoneId zone,
            int days,
            UnitSystem system) {
        return new FeedingPlan(book, recipient, store, zone, system).propose(now, days);
    }

    private List<Proposal> propose(Instant now, int days) {
        LocalDate today = LocalDate.ofInstant(now, zone);
        LocalDate end = today.plusDays(days);
        List<Proposal> proposals = new ArrayList<>();
        look(today, end).ifPresent(proposals::add);
        LocalDate day = nextFeedDay(today);
        if (thirst(now)) {
            proposals.add(water(
                    today,
                    history.answerToLastFeed().map(look -> look.look().words()).orElse("thirst")
                            + ": plain water before any feed."));
            day = day.isAfter(today) ? day : today.plusDays(1);
        }
        while (!day.isAfter(end) && proposals.size() < MOST_STEPS) {
            if (plants.inPots() && history.feedsSinceWater() >= RhythmRules.FEEDS_TO_A_FLUSH - 1) {
                proposals.add(water(day, "Every fourth time plain water: pots are flushed."));
                history = watered(day);
                day = day.plusDays(Response.LEAST_APART.toDays());
                continue;
            }
            Optional<Proposal> feed = feed(day);
            if (feed.isEmpty()) {
                proposals.add(make(day));
                break;
            }
            proposals.add(feed.get());
            history = fed(feed.get().feed().orElseThrow(), day);
            day = nextFeedDay(day.plusDays(1));
        }
        return proposals.stream().sorted(Comparator.comparing(Proposal::day)).toList();
    }

    private boolean thirst(Instant now) {
        Optional<History.Looked> answer = history.answerToLastFeed();
        return answer.filter(look -> (look.look() == Look.LIMP && look.dry() || look.look() == Look.SCORCHED)
                        && !history.wateredSince(look.at()))
                .isPresent();
    }

    /** The first day on which anything may be fed again. */
    private LocalDate nextFeedDay(LocalDate from) {
        Optional<History.Fed> last = history.lastFeed();
        if (last.isEmpty()) {
            return from;
        }
        LocalDate fed = LocalDate.ofInstant(last.get().at(), zone);
        double factor =
                Response.to(history.answerToLastFeed(), Optional.empty()).intervalFactor();
        LocalDate due = fed.plusDays(Math.max(Response.LEAST_APART.toDays(), Math.round(gapDays() * factor)));
        return due.isBefore(from) ? from : due;
    }

    /** Days between any two feeds by appetite; plants in flower or fruit get calcium and potassium by turns (from memory). */
    private int gapDays() {
        return switch (plants.appetite()) {
            case HEAVY -> HEAVY_GAP;
            case MEDIUM -> fruiting() ? HEAVY_GAP : MEDIUM_GAP;
            case LIGHT -> fruiting() ? MEDIUM_GAP : LIGHT_GAP;
        };
    }

    private Optional<Product> product(String id) {
        return book.products().stream()
                .filter(product -> product.id().equals(id))
                .findFirst();
    }

    private Optional<Proposal> look(LocalDate today, LocalDate end) {
        if (history.lastFeed().isEmpty() || history.answerToLastFeed().isPresent()) {
            return Optional.empty();
        }
        LocalDate fed = LocalDate.ofInstant(history.lastFeed().get().at(), zone);
        LocalDate from = fed.plusDays(Climb.WAIT_DAYS);
        LocalDate day = from.isBefore(today) ? today : from;
        return day.isAfter(end)
                ? Optional.empty()
                : Optional.of(new Proposal(
                        Proposal.Kind.LOOK,
                        day,
                        "look at them",
                        Working.of(
                                "What did the feed of " + fed.getDayOfMonth() + "." + fed.getMonthValue() + ". do?",
                                Step.of(
                                        "Look 7 to 10 days after a feed, before anything is changed.",
                                        "from day " + Climb.WAIT_DAYS,
                                        Evidence.commonPractice())),
                        Optional.empty(),
                        List.of()));
    }

    private Proposal water(LocalDate day, String why) {
        return new Proposal(
                Proposal.Kind.WATER,
                day,
                "plain water",
                Working.of(why, Step.of(why, "plain water", Evidence.fromMemory())),
                Optional.empty(),
                List.of());
    }

    /** What the stage asks for on a day, the most wanted first, with its reason. */
    private List<Want> wants(LocalDate day) {
        List<Want> wants = new ArrayList<>();
        boolean builderDue = plants.stage() != GrowthStage.SEEDLING
                && daysSince(Leaning.SOIL_LIFE, day) >= SOIL_BUILDER_DAYS
                && history.lastFeed().isPresent();
        boolean calciumDue = fruiting() && daysSince(Leaning.CALCIUM, day) >= calciumDays();
        if (calciumDue) {
            wants.add(
                    new Want(Leaning.CALCIUM, capital(plants.stage().words()) + ": calcium from the first flower on."));
        }
        if (builderDue) {
            wants.add(new Want(Leaning.SOIL_LIFE, "A soil builder once a month."));
        }
        switch (plants.stage()) {
            case SEEDLING -> wants.add(new Want(Leaning.GENTLE, "Seedlings: the gentlest."));
            case LEAFY -> wants.add(new Want(Leaning.NITROGEN, "Leafy growth: nitrogen-leaning."));
            case BUDDING, FLOWERING, FRUITING, RIPENING ->
                wants.add(new Want(
                        Leaning.POTASSIUM, capital(plants.stage().words()) + ": potassium-leaning, no more nitrogen."));
            case RESTING -> wants.add(new Want(Leaning.SOIL_LIFE, "At rest: soil builders."));
        }
        if (plants.stage() != GrowthStage.RESTING) {
            wants.add(new Want(Leaning.BROAD, "A bit of everything, as nothing fitter is in store."));
        }
        return wants;
    }

    private boolean fruiting() {
        return plants.stage() == GrowthStage.FLOWERING || plants.stage() == GrowthStage.FRUITING;
    }

    private double calciumDays() {
        return book.products().stream()
                .filter(product -> product.leanings().contains(Leaning.CALCIUM))
                .findFirst()
                .map(product -> StrengthAdvice.of(
                                product, Target.SOIL, OptionalDouble.empty(), Optional.of(plants), history)
                        .intervalDays()
                        .value())
                .orElse(14.0);
    }

    private double daysSince(Leaning leaning, LocalDate day) {
        return history.feeds().stream()
                .filter(fed -> fed.doses().stream()
                        .flatMap(given -> product(given.productId()).stream())
                        .anyMatch(product -> product.leanings().contains(leaning)))
                .reduce((first, second) -> second)
                .map(fed -> fed.daysBefore(noon(day)))
                .orElse(Double.MAX_VALUE);
    }

    private Optional<Proposal> feed(LocalDate day) {
        for (Want want : wants(day)) {
            Optional<Proposal> found = store.stream()
                    .filter(bottle -> bottle.product().leanings().contains(want.leaning()))
                    .filter(bottle -> allowed(bottle, day))
                    .sorted(Comparator.comparing(InStore::useBy).thenComparing(InStore::code))
                    .map(bottle -> proposal(bottle, want, day))
                    .flatMap(Optional::stream)
                    .findFirst();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private Target target() {
        return plants.stage().target();
    }

    private boolean allowed(InStore bottle, LocalDate day) {
        Product product = bottle.product();
        Optional<Use> use = product.find(target());
        if (use.isEmpty()
                || use.get().status() != Use.Status.ALLOWED
                || bottle.useBy().isBefore(day)) {
            return false;
        }
        boolean hours = product.keeps().stream().allMatch(keep -> keep.hours().isPresent());
        boolean limited = bottle.stock().nothingEdible() && plants.eaten() != Eaten.NOT
                || bottle.stock().soilOnly() && target() != Target.SOIL;
        boolean nitrogen = product.leanings().contains(Leaning.NITROGEN)
                && !product.leanings().contains(Leaning.POTASSIUM)
                && PlantRules.fromBudding(plants);
        boolean soon = history.lastFeed(product.id())
                .filter(last -> last.daysBefore(noon(day)) < leastDays(bottle))
                .isPresent();
        return !hours && !limited && !nitrogen && !soon && !never(product) && pickable(bottle, day);
    }

    /** Days between two feeds of one brew, at least. */
    private double leastDays(InStore bottle) {
        StrengthAdvice advice = advice(bottle);
        double never = advice.use().rules().neverSoonerDays().map(Stated::value).orElse(0.0);
        return Math.max(never, RhythmRules.EARLY_BY * advice.intervalDays().value());
    }

    private StrengthAdvice advice(InStore bottle) {
        return StrengthAdvice.of(bottle.product(), target(), bottle.ageDays(), Optional.of(plants), history)
                .thinned(bottle.stock().brewShare());
    }

    private boolean never(Product product) {
        return product.nature().never().stream().anyMatch(never -> switch (never) {
            case FROM_BUDDING -> PlantRules.fromBudding(plants);
            case IRON_SENSITIVE -> plants.ironSensitive();
            case EATEN_RAW -> plants.eaten() == Eaten.RAW;
        });
    }

    private boolean pickable(InStore bottle, LocalDate day) {
        Use use = bottle.product().use(target());
        double wait = plants.touched()
                ? use.harvestWaitDays().value()
                : use.harvestWaitApartDays().orElse(use.harvestWaitDays()).value();
        return plants.eaten() == Eaten.NOT
                || plants.harvest()
                        .map(harvest -> !day.plusDays(Math.round(wait)).isAfter(harvest) || harvest.isBefore(day))
                        .orElse(true);
    }

    private Optional<Proposal> proposal(InStore bottle, Want want, LocalDate day) {
        StrengthAdvice advice = advice(bottle);
        if (advice.climb().filter(climb -> climb.stand().stopped()).isPresent()) {
            return Optional.empty();
        }
        Volume mix = plants.size().volume(target(), system).value();
        Volume brew = advice.strength().value().brewIn(mix);
        if (left.get(bottle.code()).compareTo(brew) < 0) {
            return Optional.empty();
        }
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(want.why(), want.leaning().words(), Evidence.commonPractice()));
        steps.add(Step.of(
                "Oldest usable bottle first.",
                bottle.code(),
                Evidence.commonPractice(),
                "use by",
                bottle.useBy().toString()));
        if (!advice.response().sentence().isEmpty()) {
            steps.add(
                    Step.of(advice.response().sentence(), "", advice.response().evidence()));
        }
        return Optional.of(new Proposal(
                Proposal.Kind.FEED,
                day,
                MeasuredVolume.dose(brew, system)
                        + " " + bottle.product().name() + " from " + bottle.code() + ", "
                        + advice.strength().value().text(),
                new Working<>(want.why(), steps),
                Optional.of(new Proposal.Feed(bottle, target(), advice.strength(), mix, brew)),
                List.of()));
    }

    private Proposal make(LocalDate day) {
        List<Want> wants = wants(day);
        List<Product> products = wants.stream()
                .flatMap(want -> book.products().stream()
                        .filter(product -> product.leanings().contains(want.leaning()))
                        .filter(product -> product.find(target())
                                .filter(use -> use.status() == Use.Status.ALLOWED)
                                .isPresent())
                        .filter(product -> !never(product)))
                .distinct()
                .limit(4)
                .toList();
        String why = wants.get(0).why() + " Nothing in store suits.";
        return new Proposal(
                Proposal.Kind.MAKE,
                day,
                "nothing in store",
                Working.of(why, Step.of(why, "make one", Evidence.commonPractice())),
                Optional.empty(),
                products);
    }

    private History fed(Proposal.Feed feed, LocalDate day) {
        left.merge(feed.bottle().code(), feed.brew(), Volume::less);
        Product product = feed.bottle().product();
        History.Fed next = new History.Fed(
                noon(day),
                feed.target(),
                List.of(new History.Given(
                        product.id(), product.name(), feed.strength().value())));
        return new History(
                Stream.concat(history.feeds().stream(), Stream.of(next)).toList(),
                history.looks(),
                history.waterings());
    }

    private History watered(LocalDate day) {
        return new History(
                history.feeds(),
                history.looks(),
                Stream.concat(history.waterings().stream(), Stream.of(noon(day)))
                        .toList());
    }

    private Instant noon(LocalDate day) {
        return day.atTime(MORNING).atZone(zone).toInstant();
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private record Want(Leaning leaning, String why) {}
}
