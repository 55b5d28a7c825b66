package potmellow.core.pot;

import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.judgement.Verdict;

/**
 * When a pot that is left alone wants hands next.
 *
 * @param at when
 * @param todo what for, in two or three words
 */
public record NextVisit(Instant at, String todo) {
    /**
     * The first of its care that comes round, or the earliest it may be ready.
     *
     * @param assessment what is thought of it now
     * @param after the moment until which it is left alone
     * @return empty where nothing is known to come
     */
    public static Optional<NextVisit> of(Assessment assessment, Instant after) {
        Stream<NextVisit> care = assessment.care().stream()
                .map(due -> new NextVisit(due.at(), due.act().todo()));
        Stream<NextVisit> ready = assessment.verdict().value().kind() == Verdict.Kind.NOT_YET
                ? assessment.forecast().value().early().stream().map(early -> new NextVisit(early, "it may be ready"))
                : Stream.empty();
        return Stream.concat(care, ready)
                .filter(visit -> !visit.at().isBefore(after))
                .min(Comparator.comparing(NextVisit::at));
    }
}
