package potmellow.app.practice;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Sense;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;
import potmellow.core.lesson.Chapter;
import potmellow.core.lesson.Costs;
import potmellow.core.lesson.Ending;
import potmellow.core.lesson.Lesson;
import potmellow.core.lesson.Noted;
import potmellow.core.lesson.Play;
import potmellow.core.lesson.Setting;
import potmellow.core.lesson.Story;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.practice.Accident;
import potmellow.core.practice.BedSight;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Dose;
import potmellow.core.practice.Happening;
import potmellow.core.practice.Sight;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.VesselKind;

/** Practice pots as the browser is told of them. */
final class PracticeViews {
    private static final double[] WARMTHS = {8, 12, 16, 20, 24, 28, 32};
    private static final double USUAL = 20;
    private static final double[] PARTS = {0, 5, 10, 20, 50, 100, 200, 500, 1000, 5000};

    private PracticeViews() {}

    static PracticeView practice(List<Lesson> lessons, Map<String, Ending> endings, Book book, UnitSystem units) {
        return new PracticeView(
                lessons.stream().map(lesson -> lesson(lesson, endings, book)).toList(),
                Arrays.stream(Brew.values())
                        .map(brew -> new BrewView(
                                brew.methodId(),
                                method(brew, book).title() + ", "
                                        + method(brew, book).school().name()))
                        .toList(),
                Arrays.stream(Accident.values())
                        .filter(Accident::ofThePot)
                        .map(accident -> new AccidentView(accident.name(), accident.words()))
                        .toList(),
                DoubleStream.of(WARMTHS)
                        .mapToObj(celsius -> new WarmthView(
                                celsius,
                                AmountText.temperature(Temperature.ofCelsius(celsius), units),
                                celsius == USUAL))
                        .toList());
    }

    private static LessonView lesson(Lesson lesson, Map<String, Ending> endings, Book book) {
        Optional<Ending> ending = Optional.ofNullable(endings.get(lesson.id()));
        return new LessonView(
                lesson.id(),
                lesson.title(),
                lesson.about(),
                lesson.pots().stream()
                        .map(pot -> method(pot.brew(), book).title())
                        .distinct()
                        .collect(Collectors.joining(", ")),
                lesson.days(),
                ending.isPresent(),
                ending.filter(Ending::well).isPresent());
    }

    private static Method method(Brew brew, Book book) {
        return book.method(brew.methodId()).orElseThrow();
    }

    static SceneView scene(Play play, Play.Scene scene, Book book, UnitSystem units) {
        Lesson lesson = play.lesson();
        return new SceneView(
                lesson.title(),
                lesson.about(),
                lesson.days(),
                lesson.hours(),
                lesson.when(scene.hour()),
                lesson.steps().stream()
                        .map(step -> new WindView(step.hours(), step.words()))
                        .toList(),
                scene.pots().stream().map(pot -> pot(lesson, pot, book, units)).toList(),
                scene.bed().map(sight -> new PlayedBedView(sight, sight.words(), doses(), ways())),
                scene.next().map(Happening::hour),
                scene.over());
    }

    private static List<DoseView> doses() {
        return DoubleStream.of(PARTS)
                .mapToObj(parts -> new DoseView(parts, new Dose(parts, Dose.Way.LEAF).ratio()))
                .toList();
    }

    private static List<WayView> ways() {
        return Arrays.stream(Dose.Way.values())
                .map(way -> new WayView(way, way.words()))
                .toList();
    }

    private static PlayedPotView pot(Lesson lesson, Play.PotScene pot, Book book, UnitSystem units) {
        Setting setting = pot.setting();
        Method method = method(setting.brew(), book);
        return new PlayedPotView(
                setting.name(),
                method.title(),
                method.family(),
                method.vessel().kinds().get(0),
                pot.sight(),
                pot.ended().or(() -> pot.sight().map(Sight::words)).orElse("not set yet"),
                known(lesson, pot, method, book, units),
                pot.works(),
                pot.canBeSet(),
                pot.canBePoured(),
                setting.brew().taking().todo(),
                Act.of(method.family()).stream()
                        .filter(act -> act != Act.LOOKED)
                        .map(act -> new HandView(act, act.todo()))
                        .toList());
    }

    /** What was noticed and noted, the latest first. */
    private static List<KnownView> known(Lesson lesson, Play.PotScene pot, Method method, Book book, UnitSystem units) {
        Stream<KnownView> noticed = pot.noticed().stream()
                .map(happening -> new KnownView(
                        happening.hour(),
                        lesson.when(happening.hour()),
                        happening.what().words()));
        Stream<KnownView> noted = pot.noted().stream()
                .map(one -> new KnownView(one.hour(), lesson.when(one.hour()), noted(one, method, book, units)));
        return Stream.concat(noticed, noted)
                .sorted((one, other) -> Double.compare(other.hour(), one.hour()))
                .toList();
    }

    private static String noted(Noted noted, Method method, Book book, UnitSystem units) {
        Stream<String> senses =
                book.signs().senses(method, Lid.AIRLOCK).stream().flatMap(sense -> said(sense, noted).stream());
        Stream<String> meters = Stream.of(
                        noted.ph().map(ph -> "pH " + AmountText.number(ph, 2)),
                        noted.celsius().map(celsius -> AmountText.temperature(Temperature.ofCelsius(celsius), units)))
                .flatMap(Optional::stream);
        return Stream.concat(senses, meters).collect(Collectors.joining(" · "));
    }

    private static Optional<String> said(Sense sense, Noted noted) {
        return Optional.ofNullable(noted.signs().get(sense.sense()))
                .flatMap(id -> sense.signs().stream()
                        .filter(sign -> sign.id().equals(id))
                        .map(sign -> sense.question() + ": " + sign.words())
                        .findFirst());
    }

    static StoryView story(Story story, UnitSystem units) {
        return new StoryView(
                story.ending(),
                story.ending().well(),
                story.headline(),
                story.chapters().stream()
                        .map(chapter ->
                                new ChapterView(chapter, chapter.ending().well()))
                        .toList(),
                story.costs().stream()
                        .map(cost -> new CostView(amount(cost, units), cost.words()))
                        .toList(),
                story.take());
    }

    private static String amount(Costs.Cost cost, UnitSystem units) {
        return switch (cost.kind()) {
            case DAYS -> AmountText.number(cost.amount(), 1) + (cost.amount() == 1 ? " day" : " days");
            case LITRES -> AmountText.volume(Volume.ofLitres(cost.amount()), units);
            case MINUTES -> AmountText.number(cost.amount(), 0) + " min";
        };
    }

    /**
     * @param lessons in their order
     * @param brews what can be practised with
     * @param accidents what can go wrong
     * @param warmths how warm a pot of one's own choice can stand
     */
    record PracticeView(
            List<LessonView> lessons, List<BrewView> brews, List<AccidentView> accidents, List<WarmthView> warmths) {}

    /**
     * @param method what is made in it
     * @param done whether whoever asks has ended it
     * @param well whether an old hand would have nodded the last time
     */
    record LessonView(String id, String title, String about, String method, int days, boolean done, boolean well) {}

    /** @param title with its school */
    record BrewView(String methodId, String title) {}

    record AccidentView(String id, String words) {}

    record WarmthView(double celsius, String words, boolean usual) {}

    /**
     * @param hours how long it lasts
     * @param when which hour it is, in words
     * @param steps how far time can be wound on at once
     * @param bed the bed beside the pots; empty where there is none
     * @param nextHour when something will be noticed if nothing is done; empty where nothing will
     */
    record SceneView(
            String title,
            String about,
            int days,
            double hours,
            String when,
            List<WindView> steps,
            List<PlayedPotView> pots,
            Optional<PlayedBedView> bed,
            Optional<Double> nextHour,
            boolean over) {}

    record WindView(double hours, String words) {}

    /**
     * @param vessel what it is drawn in
     * @param sight what it looks like; empty while it isn't set
     * @param seen that in words, or how it ended
     * @param known what was noticed and noted, the latest first
     * @param works whether something can be done to it
     * @param takes how one takes it when it is done, in words
     */
    record PlayedPotView(
            String name,
            String method,
            Family family,
            VesselKind vessel,
            Optional<Sight> sight,
            String seen,
            List<KnownView> known,
            boolean works,
            boolean canBeSet,
            boolean canBePoured,
            String takes,
            List<HandView> hands) {}

    record HandView(Act act, String todo) {}

    record KnownView(double hour, String when, String words) {}

    record PlayedBedView(BedSight sight, String seen, List<DoseView> doses, List<WayView> ways) {}

    record DoseView(double parts, String words) {}

    record WayView(Dose.Way way, String words) {}

    record CostView(String amount, String words) {}

    /** @param well whether an old hand would nod */
    record ChapterView(Chapter chapter, boolean well) {}

    record StoryView(
            Ending ending,
            boolean well,
            String headline,
            List<ChapterView> chapters,
            List<CostView> costs,
            String take) {}

    /** @param yaml the lesson as a file */
    record LessonFile(String yaml) {
        LessonFile {
            yaml = yaml == null ? "" : yaml;
        }
    }
}
