package potmellow.app.practice;

import java.time.Clock;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.caller.Caller;
import potmellow.app.garden.Garden;
import potmellow.core.lesson.Ending;
import potmellow.core.lesson.Lesson;
import potmellow.core.lesson.Lessons;
import potmellow.core.lesson.Play;
import potmellow.core.lesson.Story;

/** How far whoever asks has got with the lessons. */
@Service
class PracticeService {
    private final PracticeRepository repository;
    private final Clock clock;
    private final Lessons lessons = Lessons.load();

    PracticeService(PracticeRepository repository, Clock clock) {
        this.repository = repository;
        this.clock = clock;
    }

    Lessons lessons() {
        return lessons;
    }

    /** How each lesson ended last for whoever asks, by its id. */
    @Transactional(readOnly = true)
    Map<String, Ending> endings(Garden garden) {
        return repository.endings(garden.id(), who());
    }

    /** Tells the story of a play, and keeps how it ended where it is one of the lessons. */
    @Transactional
    Story end(Garden garden, Play play) {
        Story story = Story.of(play);
        Lesson lesson = play.lesson();
        if (lessons.lesson(lesson.id()).filter(lesson::equals).isPresent()) {
            repository.keep(garden.id(), who(), lesson.id(), story.ending(), clock.instant());
        }
        return story;
    }

    private static String who() {
        return Caller.current().signed().orElse("");
    }
}
