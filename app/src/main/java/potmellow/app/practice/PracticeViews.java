package potmellow.app.practice;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Sense;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.practice.Accident;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Doing;
import potmellow.core.practice.Happening;
import potmellow.core.practice.Inside;
import potmellow.core.practice.Lesson;
import potmellow.core.practice.Play;
import potmellow.core.practice.Sight;
import potmellow.core.practice.Story;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.VesselKind;

/** Practice pots as the browser is told of them. */
final class PracticeViews {
    private static final double HOURS_A_DAY = 24;

    private PracticeViews() {}

    static PracticeView practice(List<Lesson> lessons, Map<String, Story.Ending> endings, Book book) {
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
                        .toList());
    }

    private static LessonView lesson(Lesson lesson, Map<String, Story.Ending> endings, Book book) {
        Optional<Story.Ending> ending = Optional.ofNullable(endings.get(lesson.id()));
        return new LessonView(
                lesson.id(),
                lesson.title(),
                lesson.about(),
                method(lesson.brew(), book).title(),
                lesson.days(),
                ending.isPresent(),
                ending.filter(Story.Ending::well).isPresent());
    }

    private static Method method(Brew brew, Book book) {
        return book.method(brew.methodId()).orElseThrow();
    }

    static Set<String> names(Set<Accident> accidents) {
        return accidents.stream().map(Enum::name).collect(Collectors.toSet());
    }

    static SceneView scene(Play play, Play.Scene scene, Book book, UnitSystem units) {
        Lesson lesson = play.lesson();
        Method method = method(lesson.brew(), book);
        return new SceneView(
                lesson.title(),
                lesson.about(),
                method.title(),
                method.family(),
                vessel(method),
                lesson.days(),
                scene.hour(),
                scene.sight(),
                scene.sight().words(),
                scene.noted().stream()
                        .map(noted -> noted(noted, method, book, units))
                        .toList(),
                scene.noticed().stream().map(PracticeViews::noticed).toList(),
                scene.next().map(Happening::hour),
                scene.over(),
                Act.of(method.family()).stream()
                        .filter(act -> act != Act.LOOKED)
                        .map(act -> new HandView(act, act.todo()))
                        .toList());
    }

    private static VesselKind vessel(Method method) {
        return method.vessel().kinds().get(0);
    }

    private static NoticedView noticed(Happening happening) {
        return new NoticedView(happening.hour(), happening.what().words());
    }

    private static NotedView noted(Play.Noted noted, Method method, Book book, UnitSystem units) {
        List<String> words = book.signs().senses(method, Lid.AIRLOCK).stream()
                .flatMap(sense -> said(sense, noted).stream())
                .toList();
        return new NotedView(
                noted.hour(),
                words,
                noted.ph().map(ph -> "pH " + AmountText.number(ph, 2)),
                noted.celsius().map(celsius -> AmountText.temperature(Temperature.ofCelsius(celsius), units)));
    }

    private static Optional<String> said(Sense sense, Play.Noted noted) {
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
                story.what(),
                story.curves(),
                story.doings().stream().map(PracticeViews::done).toList(),
                story.oldHand().stream()
                        .filter(doing -> doing.kind().ends())
                        .map(PracticeViews::done)
                        .findFirst(),
                story.readyFrom(),
                story.costs().stream()
                        .map(cost -> new CostView(amount(cost, units), cost.words()))
                        .toList(),
                story.take());
    }

    private static String amount(Story.Cost cost, UnitSystem units) {
        return switch (cost.kind()) {
            case DAYS -> AmountText.number(cost.amount(), 1) + (cost.amount() == 1 ? " day" : " days");
            case LITRES -> AmountText.volume(Volume.ofLitres(cost.amount()), units);
            case MINUTES -> AmountText.number(cost.amount(), 0) + " min";
        };
    }

    private static DoneView done(Doing doing) {
        return new DoneView(
                doing.hour() / HOURS_A_DAY, doing.words(), doing.kind().ends());
    }

    /**
     * @param lessons in their order
     * @param brews what can be practised with
     * @param accidents what can go wrong
     */
    record PracticeView(List<LessonView> lessons, List<BrewView> brews, List<AccidentView> accidents) {}

    /**
     * @param done whether whoever asks has ended it
     * @param well whether an old hand would have nodded the last time
     */
    record LessonView(String id, String title, String about, String method, int days, boolean done, boolean well) {}

    /** @param title with its school */
    record BrewView(String methodId, String title) {}

    record AccidentView(String id, String words) {}

    /**
     * @param vessel what it is drawn in
     * @param seen what can be seen, in words
     * @param nextHour when something will be noticed if nothing is done; empty where nothing will
     */
    record SceneView(
            String title,
            String about,
            String method,
            Family family,
            VesselKind vessel,
            int days,
            double hour,
            Sight sight,
            String seen,
            List<NotedView> noted,
            List<NoticedView> noticed,
            Optional<Double> nextHour,
            boolean over,
            List<HandView> hands) {}

    record HandView(Act act, String todo) {}

    record NoticedView(double hour, String words) {}

    record NotedView(double hour, List<String> words, Optional<String> ph, Optional<String> warmth) {}

    record DoneView(double day, String words, boolean ends) {}

    record CostView(String amount, String words) {}

    /**
     * @param oldHandEnds when an old hand would have ended it, and how; empty where they wouldn't have
     * @param readyFrom the day from which it was ready, as an old hand kept it
     */
    record StoryView(
            Story.Ending ending,
            boolean well,
            String headline,
            List<String> what,
            List<Inside> curves,
            List<DoneView> doings,
            Optional<DoneView> oldHandEnds,
            Optional<Double> readyFrom,
            List<CostView> costs,
            String take) {}

    /** @param yaml the lesson as a file */
    record LessonFile(String yaml) {
        LessonFile {
            yaml = yaml == null ? "" : yaml;
        }
    }
}
