package potmellow.core.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What happened inside, with what was done, and beside it what an old hand would have done.
 *
 * @param ending how the lesson ended
 * @param headline that in a sentence
 * @param chapters what became of each pot, and of the bed where there is one
 * @param costs what the choices cost
 * @param take a sentence to take along
 */
public record Story(Ending ending, String headline, List<Chapter> chapters, List<Costs.Cost> costs, String take) {
    /** The story of a play that has ended, or of one that is given up now. */
    public static Story of(Play play) {
        Lesson lesson = play.lesson();
        Shelf mine = play.played(lesson.hours());
        List<PotChapter> pots = IntStream.range(0, lesson.pots().size())
                .filter(pot -> lesson.pots().get(pot).start() != Setting.Start.READY)
                .mapToObj(pot -> new PotChapter(play, pot, mine.pots().get(pot)))
                .toList();
        boolean bottled = mine.pots().stream().anyMatch(Standing::isStrained);
        List<Costs.Cost> lost =
                pots.stream().flatMap(pot -> pot.lost().stream()).toList();
        OldHand.Done old = OldHand.of(lesson);
        old.shelf().untilTheEnd();
        mine.untilTheEnd();
        List<Chapter> chapters =
                new ArrayList<>(pots.stream().map(pot -> pot.told(old)).toList());
        if (lesson.bed() && bottled) {
            chapters.add(BedChapter.told(play, mine.bed(), old));
        }
        List<Costs.Cost> costs = new ArrayList<>(lost);
        costs.addAll(Costs.beside(old, play, mine));
        Whole whole = Whole.of(lesson, chapters, mine);
        return new Story(whole.ending(), whole.headline(), List.copyOf(chapters), costs, lesson.take());
    }
}
