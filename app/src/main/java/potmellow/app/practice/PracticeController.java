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
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
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
import potmellow.core.lesson.Doing;
import potmellow.core.lesson.Lesson;
import potmellow.core.lesson.Lessons;
import potmellow.core.lesson.Play;
import potmellow.core.measure.InvalidInput;
import potmellow.core.practice.Accident;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Dose;

/** Practice pots. Each is worked out anew from what was done to it; only how a lesson ended is kept. */
@RestController
@ForAtLeast(Role.LOOKER)
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
        return PracticeViews.practice(
                practice.lessons().all(), practice.endings(garden), books.shipped(), garden.units());
    }

    /** What a lesson's pots are like at an hour. */
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

    /** Reads a lesson that somebody shared, and gives it back as it was understood. */
    @PostMapping("/files")
    @NoAct
    LessonFile read(@RequestBody LessonFile file) {
        return new LessonFile(Lessons.write(taking("yaml", () -> Lessons.read(file.yaml()))));
    }

    /** A pot of one's own choice, as a lesson. */
    @PostMapping("/free")
    @NoAct
    LessonFile free(@RequestBody FreeRequest asked) {
        return new LessonFile(Lessons.write(taking("methodId", asked::lesson)));
    }

    private Play play(LessonAsked asked, List<DoingAsked> doings) {
        Lesson lesson = asked.yaml().isEmpty() ? known(asked.id()) : taking("lesson", () -> Lessons.read(asked.yaml()));
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
     * A lesson that there is, by its id; or one of one's own, by its file.
     *
     * @param id its id
     * @param yaml its file; empty for one that there is
     */
    record LessonAsked(String id, String yaml) {
        LessonAsked {
            id = id == null ? "" : id;
            yaml = yaml == null ? "" : yaml;
        }
    }

    /**
     * A pot of one's own choice.
     *
     * @param methodId what is made
     * @param celsius how warm it stands
     * @param accidents what goes wrong with it
     * @param seed which of many such pots
     */
    record FreeRequest(String methodId, double celsius, Set<String> accidents, long seed) {
        FreeRequest {
            methodId = methodId == null ? "" : methodId;
            accidents = accidents == null ? Set.of() : Set.copyOf(accidents);
        }

        Lesson lesson() {
            Brew brew = Brew.of(methodId)
                    .orElseThrow(
                            () -> new IllegalArgumentException("There is no such practice pot: “" + methodId + "”."));
            Set<Accident> wrong = accidents.stream().map(Accident::named).collect(Collectors.toSet());
            return Lesson.free(brew, seed, celsius, wrong);
        }
    }

    /**
     * Something done.
     *
     * @param hour since the lesson began
     * @param pot to which of its pots, from 0
     * @param kind what kind of thing
     * @param act what hands do; only where the kind is HANDS
     * @param parts how many parts of water one part goes into; only where the kind is POUR
     * @param way onto what it is poured; only where the kind is POUR
     */
    record DoingAsked(
            double hour, int pot, Doing.Kind kind, Optional<Act> act, Optional<Double> parts, Optional<Dose.Way> way) {
        DoingAsked {
            act = act == null ? Optional.empty() : act;
            parts = parts == null ? Optional.empty() : parts;
            way = way == null ? Optional.empty() : way;
        }

        Doing doing() {
            if (kind == null) {
                throw new IllegalArgumentException(
                        "Say what is done: one of " + Arrays.toString(Doing.Kind.values()) + ".");
            }
            return new Doing(hour, pot, kind, act, way.flatMap(onto -> parts.map(thin -> new Dose(thin, onto))));
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
        return lesson == null ? new LessonAsked("", "") : lesson;
    }
}
