package potmellow.core.lesson;

import java.util.List;
import java.util.Optional;

/**
 * How a lesson ended as a whole.
 *
 * @param ending the first thing that wasn't well; else as the last of it ended
 * @param headline that in a sentence
 */
record Whole(Ending ending, String headline) {
    static Whole of(Lesson lesson, List<Chapter> chapters, Shelf shelf) {
        Optional<Chapter> ill =
                chapters.stream().filter(chapter -> !chapter.ending().well()).findFirst();
        Chapter told = ill.orElse(chapters.get(chapters.size() - 1));
        if (lesson.by().isPresent()) {
            Standing last = shelf.pots().get(shelf.pots().size() - 1);
            if (!last.isStrained()) {
                return new Whole(Ending.LATE, "The day came, and there was nothing.");
            }
            if (ill.isEmpty()) {
                return onTime(Setting.HOURS_A_DAY * lesson.by().get(), last);
            }
        }
        if (lesson.pots().size() > 1 && lesson.by().isEmpty() && !lesson.bed()) {
            long well =
                    chapters.stream().filter(chapter -> chapter.ending().well()).count();
            return new Whole(told.ending(), well + " of " + chapters.size() + " pots ended well.");
        }
        return new Whole(told.ending(), told.headline());
    }

    private static Whole onTime(double needed, Standing last) {
        double late = (last.ended().orElseThrow().hour() - needed) / Setting.HOURS_A_DAY;
        if (late > 0) {
            return new Whole(Ending.LATE, "It was ready " + PotChapter.days(late) + " after the day.");
        }
        return new Whole(
                Ending.READY,
                late > -1 ? "It was ready on the day." : "It was ready " + PotChapter.days(-late) + " before the day.");
    }
}
