package potmellow.core.feeding;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import potmellow.core.book.Product;
import potmellow.core.measure.Area;
import potmellow.core.measure.Volume;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.DayWeather.Origin;
import potmellow.core.weather.Weather;

/** Gardens by chance: plantings with a past, bottles, weather and an hour; the same for the same seed. */
final class Gardens {
    private static final LocalDate TODAY = LocalDate.ofInstant(Feeding.MORNING, Feeding.ZONE);
    private static final List<Product> POURED = Feeding.BOOK.products().stream()
            .filter(product -> product.find(Target.SOIL).isPresent())
            .toList();

    private final Random random;

    Gardens(long seed) {
        this.random = new Random(seed);
    }

    <T> T one(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    private <T> T one(T[] all) {
        return all[random.nextInt(all.length)];
    }

    int upTo(int most) {
        return random.nextInt(most + 1);
    }

    Recipient planting(String name) {
        return new Recipient(name, plants(name), history());
    }

    List<Recipient> plantings(int count) {
        return IntStream.range(0, count)
                .mapToObj(number -> planting("Bed " + number))
                .toList();
    }

    Plants plants(String name) {
        Need size = random.nextBoolean()
                ? new Need.OfArea(Area.ofSquareMetres(1 + random.nextInt(9)))
                : new Need.OfPots(1 + random.nextInt(8), Volume.ofLitres(3 + random.nextInt(30)));
        Optional<LocalDate> picked =
                random.nextInt(3) == 0 ? Optional.empty() : Optional.of(TODAY.plusDays(random.nextInt(240) - 20));
        return new Plants(
                name,
                one(GrowthStage.values()),
                one(Appetite.values()),
                one(SoilKind.values()),
                size,
                one(Eaten.values()),
                random.nextBoolean(),
                random.nextInt(4) == 0,
                random.nextInt(4) == 0,
                random.nextInt(4) == 0,
                picked);
    }

    History history() {
        List<History.Fed> feeds = new ArrayList<>();
        for (int i = 0; i < random.nextInt(6); i++) {
            Product product = random.nextInt(3) == 0 ? Feeding.product("long-keeper") : one(POURED);
            feeds.add(new History.Fed(
                    daysAgo(),
                    Target.SOIL,
                    List.of(new History.Given(
                            product.id(), product.name(), Ratio.oneTo(one(List.of(20, 30, 50, 75, 100, 500, 1000)))))));
        }
        List<History.Looked> looks = new ArrayList<>();
        for (int i = 0; i < random.nextInt(7); i++) {
            looks.add(new History.Looked(daysAgo(), one(Look.values()), random.nextBoolean()));
        }
        List<Instant> waterings = new ArrayList<>();
        for (int i = 0; i < random.nextInt(3); i++) {
            waterings.add(daysAgo());
        }
        return new History(feeds, looks, waterings, Feeding.ZONE);
    }

    /** Some hour of the last forty days, so that several meet on a day. */
    Instant daysAgo() {
        return Feeding.MORNING.minus(Duration.ofHours(1 + random.nextInt(40 * 24)));
    }

    History.Looked scorched() {
        return new History.Looked(daysAgo(), Look.SCORCHED, random.nextBoolean());
    }

    List<InStore> store(int most) {
        return IntStream.range(0, 1 + random.nextInt(most))
                .mapToObj(this::bottle)
                .toList();
    }

    InStore bottle(int number) {
        return new InStore(
                "P" + number,
                one(POURED),
                new Stock(
                        Volume.ofMillilitres(50 + random.nextInt(8000)),
                        random.nextInt(8) == 0,
                        random.nextInt(12) == 0,
                        Optional.of(Feeding.MORNING.minus(Duration.ofHours(random.nextInt(600)))),
                        OptionalDouble.empty(),
                        OptionalDouble.empty()),
                TODAY.plusDays(random.nextInt(120) - 5),
                OptionalDouble.of(10 + random.nextInt(150)));
    }

    /** Each day's weather by chance, the same whenever it is asked. */
    Weather weather() {
        long seed = random.nextLong();
        return day -> {
            Random of = new Random(seed + day.toEpochDay() * 31);
            double low = of.nextInt(18) - 4;
            return new DayWeather(
                    day,
                    low,
                    low + 2 + of.nextInt(16),
                    of.nextInt(3) == 0 ? of.nextInt(20) : 0,
                    of.nextInt(7),
                    Origin.TYPED);
        };
    }

    Conditions morning() {
        return Feeding.conditions(Feeding.MORNING, weather());
    }

    List<History.Looked> shuffledByDay(History history) {
        List<History.Looked> looks = new ArrayList<>(history.looks());
        for (int i = 0; i < looks.size(); i++) {
            int other = random.nextInt(looks.size());
            if (sameDay(history, looks.get(i), looks.get(other))) {
                History.Looked one = looks.get(i);
                History.Looked two = looks.get(other);
                looks.set(i, new History.Looked(one.at(), two.look(), two.dry()));
                looks.set(other, new History.Looked(two.at(), one.look(), one.dry()));
            }
        }
        return looks;
    }

    /** On one day, and no feed between them. */
    private static boolean sameDay(History history, History.Looked one, History.Looked other) {
        return LocalDate.ofInstant(one.at(), Feeding.ZONE).equals(LocalDate.ofInstant(other.at(), Feeding.ZONE))
                && history.feeds().stream()
                        .noneMatch(
                                fed -> fed.at().isBefore(one.at()) != fed.at().isBefore(other.at()));
    }

    /** Many looks of few days. */
    History crowded() {
        History base = history();
        for (int i = 0; i < 6; i++) {
            Instant day = Feeding.MORNING.minus(Duration.ofDays(1 + random.nextInt(3)));
            base = base.and(new History.Looked(
                    day.plus(Duration.ofMinutes(random.nextInt(600))), one(Look.values()), random.nextBoolean()));
        }
        return base;
    }
}
