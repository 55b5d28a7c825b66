package potmellow.core.pot;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.craft.Act;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.place.PlaceModel;
import potmellow.core.place.Whereabouts;
import potmellow.core.rule.Severity;
import potmellow.core.scaling.Anchor;
import potmellow.core.scaling.Recipe;
import potmellow.core.scaling.Scaling;
import potmellow.core.scaling.Setting;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.water.Tap;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.Outdoors;

/** Pots that came from one, on whose shelf anything may happen; everything that happened is written down beside them. */
final class Shelves {
    static final Instant SET = Instant.parse("2026-05-01T08:00:00Z");
    private static final Book BOOK = Book.load();
    private static final Volume TWENTY = Volume.ofLitres(20);

    final Around around = new Around(
            new Outdoors(day -> new DayWeather(day, 10, 20, 0, 3, DayWeather.Origin.TYPED), ZoneOffset.UTC),
            new OwnHistory(List.of()),
            UnitSystem.METRIC);
    final List<Kept> pots = new ArrayList<>();
    final List<Left> taken = new ArrayList<>();
    final RandomGenerator random;
    /** What was filled in again, mL. */
    double refilled;

    private Instant now = SET;

    Shelves(Method method, RandomGenerator random) {
        this.random = random;
        Setting here = setting(vessel(method), method.vessel().lids().get(0), 18);
        Recipe recipe = new Scaling(BOOK, method, Map.of(), UnitSystem.METRIC).recipe(new Anchor.FillVessel(), here);
        Contents put = new Contents(recipe.parts().stream()
                .map(part -> new Ingredient(part.id(), part.material().id(), part.measured()))
                .toList());
        boolean stands = random.nextBoolean();
        State state = new State(0, stands ? State.Kind.WATER_STANDING : State.Kind.WORKING, 0, SET, "");
        Pot set = Pot.set(
                new Making(BOOK, method, method.title(), here.vessel(), SET, SET),
                put,
                state,
                here.lid(),
                new Whereabouts(List.of(stay(SET, 18))));
        pots.add(new Kept(set, here));
    }

    private static Vessel vessel(Method method) {
        return Vessel.of("G1", method.vessel().kinds().get(0), TWENTY);
    }

    static Whereabouts.Stay stay(Instant from, double celsius) {
        return new Whereabouts.Stay(from, new PlaceModel.Steady(Temperature.ofCelsius(celsius)));
    }

    static Setting setting(Vessel vessel, Lid lid, double celsius) {
        Temperature warmth = Temperature.ofCelsius(celsius);
        Setting.Spot shed = new Setting.Spot(
                "Shed", Light.SHADE, warmth, true, Optional.empty(), warmth, Optional.empty(), Optional.empty());
        return new Setting(vessel, false, lid, shed, Mass.ofKilograms(200), Tap.NONE, Optional.empty());
    }

    PotNow look(Kept kept) {
        return PotNow.of(kept.pot, around, now);
    }

    /** Some hours pass. */
    void wait(int most) {
        now = now.plus(Duration.ofMinutes(30L + random.nextInt(60 * most)));
    }

    Instant now() {
        return now;
    }

    Kept any() {
        return pots.get(random.nextInt(pots.size()));
    }

    /** @return whether it was done; what is refused changes nothing */
    boolean act(Kept kept) {
        try {
            return switch (random.nextInt(14)) {
                case 0, 1, 2 -> looked(kept);
                case 3 -> measured(kept);
                case 4 -> done(kept, look(kept).acts().fill());
                case 5 -> done(kept, look(kept).acts().goOn(true));
                case 6 -> done(kept, look(kept).acts().hold());
                case 7, 8 -> drawn(kept);
                case 9, 10 -> split(kept);
                case 11 -> moved(kept);
                case 12 -> emptied(kept);
                default -> ended(kept);
            };
        } catch (OutOfTurn | InvalidInput refused) {
            return false;
        }
    }

    private boolean looked(Kept kept) {
        Map<String, String> signs = BOOK.signs().senses(kept.pot.making().method(), kept.pot.lid()).stream()
                .filter(row -> random.nextInt(3) == 0)
                .collect(Collectors.toMap(
                        row -> row.sense(),
                        row -> row.signs()
                                .get(random.nextInt(row.signs().size()))
                                .id()));
        // One in three is told afterwards.
        Instant when = random.nextInt(3) == 0 ? now.minus(Duration.ofHours(random.nextInt(100))) : now;
        kept.happened(new Happening.Visited(new Visit(when, Act.LOOKED, signs, Optional.empty())));
        return true;
    }

    private boolean measured(Kept kept) {
        kept.happened(new Happening.Measured(new Reading(Meter.PH, 3 + 4 * random.nextDouble(), now)));
        return true;
    }

    private boolean drawn(Kept kept) {
        PotNow is = look(kept);
        Volume wanted = Volume.ofMillilitres(20 + random.nextInt(6000));
        boolean again = random.nextBoolean();
        boolean drew = done(kept, is.acts().draw(most -> fill(is, wanted), true, again));
        refilled += drew && again ? wanted.millilitres() : 0;
        return drew;
    }

    Fill fill(PotNow is, Volume volume) {
        return new Fill(volume, is.product().keeps().get(0));
    }

    private boolean split(Kept kept) {
        double share = 0.05 + 0.9 * random.nextDouble();
        Vessel other = new Vessel(
                "G" + (pots.size() + 1),
                kept.here.vessel().kind(),
                kept.here.vessel().material(),
                TWENTY);
        Pot part = kept.pot.part(share, other);
        boolean went = done(kept, look(kept).acts().split(share, kept.here, other, false));
        if (went) {
            pots.add(new Kept(part, kept.here.in(other)));
        }
        return went;
    }

    private boolean moved(Kept kept) {
        double celsius = 5 + random.nextInt(30);
        Lid lid = Lid.values()[random.nextInt(Lid.values().length)];
        Setting there = setting(kept.here.vessel(), lid, celsius);
        boolean went = done(kept, look(kept).acts().move(kept.here, there, Optional.of(stay(now, celsius))));
        kept.here = went ? there : kept.here;
        return went;
    }

    private boolean emptied(Kept kept) {
        PotNow is = look(kept);
        Volume some = is.most().value().times(0.2 + random.nextDouble());
        boolean rescue = random.nextInt(4) == 0;
        return done(kept, is.acts().empty(most -> List.of(fill(is, some)), new Emptying(true, false, rescue, false)));
    }

    private boolean ended(Kept kept) {
        Acts acts = look(kept).acts();
        return done(kept, random.nextInt(4) == 0 ? acts.throwAway("tried") : acts.useUp(true, true));
    }

    private boolean done(Kept kept, Change change) {
        boolean refused = change.against().stream()
                .anyMatch(finding ->
                        finding.severity() == Severity.REFUSE || finding.rule().equals("not-ready"));
        if (refused) {
            return false;
        }
        change.taken().forEach(one -> taken.add(new Left(kept, now, one)));
        change.happenings().forEach(kept::happened);
        return true;
    }

    /** A pot beside everything that happened to it. */
    static final class Kept {
        final Pot start;
        final List<Happening> happenings = new ArrayList<>();
        Pot pot;
        Setting here;

        Kept(Pot start, Setting here) {
            this.start = start;
            this.pot = start;
            this.here = here;
        }

        void happened(Happening happening) {
            happenings.add(happening);
            pot = pot.after(happening);
        }

        boolean stands() {
            return pot.state().kind().stands();
        }
    }

    /** What left a pot, and when. */
    record Left(Kept from, Instant at, Taken taken) {}
}
