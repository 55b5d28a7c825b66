package potmellow.app.pot;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.app.recipe.Residues;
import potmellow.core.measure.Mass;
import potmellow.core.scaling.ShellBalance;
import potmellow.core.working.Working;

/** What is left in the vessels of pots that ended. */
@Component
class LeftInVessels implements Residues {
    private final BatchRepository batches;
    private final BookService books;

    LeftInVessels(BatchRepository batches, BookService books) {
        this.batches = batches;
        this.books = books;
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Working<Mass>> shells(Garden garden, UUID pot) {
        return batches.find(garden.id(), pot)
                .flatMap(batch -> ShellBalance.left(
                        batch.contents().materials(books.of(garden)),
                        batch.contents().amounts(),
                        garden.units()));
    }
}
