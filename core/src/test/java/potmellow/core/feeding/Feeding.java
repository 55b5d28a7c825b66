package potmellow.core.feeding;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.measure.Area;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.moment.Clockface;
import potmellow.core.moment.WallClock;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;
import potmellow.core.rule.Finding;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.sun.Sun;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.DayWeather.Origin;
import potmellow.core.weather.Outdoors;
import potmellow.core.weather.Weather;

/** Plants, histories, weather and mixes for the tests of feeding: everything usual, with one thing changed at a time. */
final class Feeding {
    static final Book BOOK = Book.load();
    static final ZoneId ZONE = ZoneId.of("Europe/London");
    static final Instant MORNING = Instant.parse("2026-05-20T06:30:00Z");
    static final Instant NOON = Instant.parse("2026-05-20T11:30:00Z");
    static final Stock FULL = new Stock(Volume.ofLitres(20), false);
    static final Need FIVE_LITRES = new Need.OfVolume(Volume.ofLitres(5));

    private Feeding() {}

    static Product product(String id) {
        return BOOK.product(id);
    }

    /** A leafy bed of medium appetite, in loam, eaten raw, not touched, out in the open. */
    static Plants plants(GrowthStage stage) {
        return new Plants(
                "Beds",
                stage,
                Appetite.MEDIUM,
                SoilKind.LOAM,
                new Need.OfArea(Area.ofSquareMetres(5)),
                Eaten.COOKED,
                true,
                false,
                false,
                false,
                Optional.empty());
    }

    static Plants plants(GrowthStage stage, Appetite appetite, SoilKind soil) {
        Plants usual = plants(stage);
        return new Plants(
                usual.name(),
                stage,
                appetite,
                soil,
                usual.size(),
                usual.eaten(),
                usual.touched(),
                false,
                false,
                false,
                Optional.empty());
    }

    static Plants sensitive(boolean iron, boolean salt) {
        Plants usual = plants(GrowthStage.LEAFY);
        return new Plants(
                usual.name(),
                usual.stage(),
                usual.appetite(),
                usual.soil(),
                usual.size(),
                usual.eaten(),
                usual.touched(),
                iron,
                salt,
                false,
                Optional.empty());
    }

    static Plants picked(GrowthStage stage, Eaten eaten, boolean touched, int inDays) {
        Plants usual = plants(stage);
        return new Plants(
                usual.name(),
                stage,
                usual.appetite(),
                usual.soil(),
                usual.size(),
                eaten,
                touched,
                false,
                false,
                false,
                Optional.of(LocalDate.ofInstant(MORNING, ZONE).plusDays(inDays)));
    }

    static Plants potted(GrowthStage stage) {
        Plants usual = plants(stage);
        return new Plants(
                "Tubs",
                stage,
                usual.appetite(),
                SoilKind.POTTING_MIX,
                new Need.OfPots(4, Volume.ofLitres(10)),
                usual.eaten(),
                usual.touched(),
                false,
                false,
                false,
                Optional.empty());
    }

    static Instant daysAgo(double days) {
        return MORNING.minusMillis(Math.round(days * 86_400_000));
    }

    static History.Fed fed(String product, double water, double daysAgo) {
        return new History.Fed(
                daysAgo(daysAgo), Target.SOIL, List.of(new History.Given(product, product, Ratio.oneTo(water))));
    }

    static History.Looked looked(Look look, double daysAgo) {
        return new History.Looked(daysAgo(daysAgo), look, false);
    }

    static History history(List<History.Fed> feeds, History.Looked... looks) {
        return new History(feeds, Arrays.asList(looks), List.of(), ZONE);
    }

    /** A calm, mild, dry day after a little rain. */
    static DayWeather fair(LocalDate day) {
        return new DayWeather(day, 9, 17, 0, 2, Origin.TYPED);
    }

    static Conditions conditions(Instant now, Weather weather) {
        return new Conditions(now, new WallClock(ZONE, Clockface.HOURS_24), new Outdoors(weather, ZONE), new Sun(52));
    }

    static StrengthAdvice advice(String product, Target target, Plants plants, History history) {
        return StrengthAdvice.of(product(product), target, OptionalDouble.empty(), Optional.of(plants), history);
    }

    /** A bottle of it that keeps for long, of no known age. */
    static InStore bottle(String product, Stock stock) {
        return new InStore("P1", product(product), stock, LocalDate.MAX, OptionalDouble.empty());
    }

    static Recipient to(Plants plants, History history) {
        return new Recipient(plants.name(), plants, history);
    }

    static Wish wish(String product) {
        return wish(product, FULL, Optional.empty());
    }

    static Wish wish(String product, Stock stock, Optional<Ratio> asked) {
        return new Wish(bottle(product, stock), asked);
    }

    /** A mix for plants at a moment. */
    static Mix mix(String product, Target target, Plants plants, History history, Conditions hour) {
        return mix(List.of(wish(product)), target, plants, history, hour);
    }

    static Mix mix(List<Wish> wishes, Target target, Plants plants, History history, Conditions hour) {
        return mix(wishes, target, List.of(to(plants, history)), hour);
    }

    static Mix mix(List<Wish> wishes, Target target, List<Recipient> recipients, Conditions hour) {
        return Mix.of(
                wishes, target, FIVE_LITRES, Volume.ofLitres(10), recipients, Optional.of(hour), UnitSystem.METRIC);
    }

    /** A mix of several brews for nothing in particular, at no particular hour. */
    static Mix tank(Target target, Wish... wishes) {
        return Mix.of(
                Arrays.asList(wishes),
                target,
                FIVE_LITRES,
                Volume.ofLitres(10),
                List.of(),
                Optional.empty(),
                UnitSystem.METRIC);
    }

    static Finding finding(Mix mix, String rule) {
        return mix.findings().stream()
                .filter(found -> found.rule().equals(rule))
                .findFirst()
                .orElseThrow(() -> new AssertionError("No finding " + rule + " among "
                        + mix.findings().stream().map(Finding::rule).toList()));
    }
}
