package potmellow.app.practice;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;
import potmellow.app.practice.PracticeViews.LessonFile;
import potmellow.app.practice.PracticeViews.PracticeView;
import potmellow.app.practice.PracticeViews.SceneView;
import potmellow.app.practice.PracticeViews.StoryView;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.core.craft.Act;
import potmellow.core.measure.InvalidInput;
import potmellow.core.practice.Accident;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Doing;
import potmellow.core.practice.Lesson;
import potmellow.core.practice.Lessons;
import potmellow.core.practice.Play;

/** Practice pots. Each is worked out anew from what was done to it; only how a lesson ended is kept. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {
    private static final double MOST_HOURS = 24.0 * Lesson.MOST_DAYS;

    private final GardenService gardens;
    private final BookService books;
    private final PracticeService practice;

    PracticeController(GardenService gardens, BookService books, PracticeService practice) {
        this.gardens = gardens;
        this.books = books;
        this.practice = practice;
    }

    /** The lessons, how each ended last, and what there is to practise freely with. */
    @GetMapping
    PracticeView practice() {
        Garden garden = gardens.current();
        return PracticeViews.practice(practice.lessons().all(), practice.endings(garden), books.shipped());
    }

    /** What a practice pot is like at an hour. */
    @PostMapping("/scenes")
    @NoAct
    SceneView scene(@RequestBody SceneRequest request) {
        if (!(request.hour() >= 0 && request.hour() <= MOST_HOURS)) {
            throw new FieldProblem("hour", InvalidInput.outOfRange("The hour", request.hour(), 0, MOST_HOURS, "hours"));
        }
        Play play = play(request.lesson(), request.doings());
        return PracticeViews.scene(
                play,
                play.at(request.hour()),
                books.shipped(),
                gardens.current().units());
    }

    /** What happened inside, once it has ended or is given up; for a lesson that is kept. */
    @PostMapping("/stories")
    @NoAct
    StoryView story(@RequestBody StoryRequest request) {
        Garden garden = gardens.current();
        return PracticeViews.story(practice.end(garden, play(request.lesson(), request.doings())), garden.units());
    }

    /** A lesson as a small file, to share it. */
    @GetMapping("/lessons/{id}/file")
    LessonFile file(@PathVariable String id) {
        Lesson lesson = practice.lessons().lesson(id).orElseThrow(() -> new Missing("lesson"));
        return new LessonFile(Lessons.write(lesson));
    }

    /** Reads a lesson that somebody shared. */
    @PostMapping("/files")
    @NoAct
    LessonAsked read(@RequestBody LessonFile file) {
        return LessonAsked.of(taking("yaml", () -> Lessons.read(file.yaml())));
    }

    private Play play(LessonAsked asked, List<DoingAsked> doings) {
        Lesson lesson = asked.methodId().isEmpty() ? known(asked.id()) : taking("lesson", asked::lesson);
        return taking(
                "doings",
                () -> new Play(lesson, doings.stream().map(DoingAsked::doing).toList()));
    }

    private Lesson known(String id) {
        List<String> ids = practice.lessons().all().stream().map(Lesson::id).toList();
        return practice.lessons()
                .lesson(id)
                .orElseThrow(() -> new FieldProblem("lesson", InvalidInput.notAChoice("The lesson", id, ids)));
    }

    private static <T> T taking(String field, Supplier<T> made) {
        try {
            return made.get();
        } catch (IllegalArgumentException refused) {
            throw new FieldProblem(field, InvalidInput.brokenFile(refused.getMessage(), 0));
        }
    }

    /**
     * A lesson that there is, by its id alone; or one of one's own, by all of it.
     *
     * @param id its id
     * @param methodId what is made; empty for one that there is
     */
    record LessonAsked(
            String id,
            String title,
            String about,
            String methodId,
            long seed,
            double celsius,
            double swing,
            Set<String> accidents,
            int days,
            String take) {
        LessonAsked {
            id = id == null ? "" : id;
            title = title == null ? "" : title;
            about = about == null ? "" : about;
            methodId = methodId == null ? "" : methodId;
            accidents = accidents == null ? Set.of() : Set.copyOf(accidents);
            take = take == null ? "" : take;
        }

        static LessonAsked of(Lesson lesson) {
            return new LessonAsked(
                    lesson.id(),
                    lesson.title(),
                    lesson.about(),
                    lesson.brew().methodId(),
                    lesson.seed(),
                    lesson.celsius(),
                    lesson.swing(),
                    PracticeViews.names(lesson.accidents()),
                    lesson.days(),
                    lesson.take());
        }

        Lesson lesson() {
            Brew brew = Brew.of(methodId)
                    .orElseThrow(
                            () -> new IllegalArgumentException("There is no such practice pot: “" + methodId + "”."));
            Set<Accident> wrong = accidents.stream().map(Accident::named).collect(Collectors.toSet());
            return new Lesson(id, title, about, brew, seed, celsius, swing, wrong, days, take);
        }
    }

    /**
     * Something done to it.
     *
     * @param hour since it was set
     * @param kind what kind of thing
     * @param act what hands do; only where the kind is HANDS
     */
    record DoingAsked(double hour, Doing.Kind kind, Optional<Act> act) {
        DoingAsked {
            act = act == null ? Optional.empty() : act;
        }

        Doing doing() {
            if (kind == null) {
                throw new IllegalArgumentException(
                        "Say what is done: one of " + Arrays.toString(Doing.Kind.values()) + ".");
            }
            return new Doing(hour, kind, act);
        }
    }

    /**
     * @param lesson which
     * @param doings what was done, in order of time
     * @param hour of which it is asked
     */
    record SceneRequest(LessonAsked lesson, List<DoingAsked> doings, double hour) {
        SceneRequest {
            lesson = known(lesson);
            doings = doings == null ? List.of() : List.copyOf(doings);
        }
    }

    /**
     * @param lesson which
     * @param doings what was done, in order of time
     */
    record StoryRequest(LessonAsked lesson, List<DoingAsked> doings) {
        StoryRequest {
            lesson = known(lesson);
            doings = doings == null ? List.of() : List.copyOf(doings);
        }
    }

    private static LessonAsked known(LessonAsked lesson) {
        return lesson == null ? new LessonAsked("", "", "", "", 0, 0, 0, Set.of(), 0, "") : lesson;
    }
}
