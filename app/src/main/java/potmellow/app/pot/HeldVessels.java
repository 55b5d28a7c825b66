package potmellow.app.pot;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import potmellow.app.book.BookService;
import potmellow.app.vessel.Occupancy;
import potmellow.core.book.Method;

/** The vessels in which pots work, and what their walls smell of. */
@Component
class HeldVessels implements Occupancy {
    private final BatchRepository batches;
    private final BookService books;

    HeldVessels(BatchRepository batches, BookService books) {
        this.batches = batches;
        this.books = books;
    }

    @Override
    public Map<UUID, String> held(UUID garden) {
        return batches.names(garden);
    }

    @Override
    public Set<UUID> heldAnaerobic(UUID garden) {
        List<String> smelling = books.of(garden).methods().stream()
                .filter(method -> method.vessel().smells())
                .map(Method::id)
                .sorted()
                .toList();
        return Set.copyOf(batches.vesselsThatHeld(garden, smelling));
    }
}
