package potmellow.app.pot;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.core.book.Book;
import potmellow.core.book.Method;

/** What stands and has stood in a vessel. */
@Service
public class VesselHistory {
    private static final int MOST = 60;

    private final BatchRepository batches;
    private final BookService books;

    VesselHistory(BatchRepository batches, BookService books) {
        this.batches = batches;
        this.books = books;
    }

    /** Everything that a vessel held, the last set on top. */
    @Transactional(readOnly = true)
    public List<HeldPot> of(Garden garden, UUID vessel) {
        Book book = books.of(garden);
        return batches.inVessel(garden.id(), vessel, MOST).stream()
                .map(batch -> new HeldPot(
                        batch.id(),
                        batch.name(),
                        book.method(batch.methodId()).map(Method::title).orElse(batch.name()),
                        batch.setAt(),
                        batch.isWorking()
                                ? Optional.empty()
                                : Optional.of(batch.state().since()),
                        batch.isWorking() ? "works" : batch.state().reason()))
                .toList();
    }

    /**
     * Something that a vessel holds or held.
     *
     * @param title the brew
     * @param endedAt when it was emptied; absent while it works
     * @param how "works", or how it ended
     */
    public record HeldPot(UUID id, String name, String title, Instant setAt, Optional<Instant> endedAt, String how) {
        /** Whether it was in there at some moment of a span of time. */
        public boolean during(Instant startInclusive, Instant endExclusive) {
            return setAt.isBefore(endExclusive)
                    && endedAt.map(end -> end.isAfter(startInclusive)).orElse(true);
        }
    }
}
