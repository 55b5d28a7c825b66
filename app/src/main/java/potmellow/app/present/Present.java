package potmellow.app.present;

import java.util.List;
import javax.sql.DataSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The rows that say what is true now: which state a pot is in, what is left in a bottle. Whoever appends to a history writes them in
 * the same transaction; the histories can make them anew, and are what counts where the two disagree.
 */
@Service
public class Present {
    private final PresentRepository rows;

    Present(PresentRepository rows) {
        this.rows = rows;
    }

    /**
     * Makes the rows of a database anew where they disagree with its histories, whether the application runs beside or not.
     *
     * @return a sentence for each that did
     */
    public static List<String> mended(DataSource database) {
        return PresentRepository.during(database, rows -> {
            List<String> found = rows.disagreements();
            if (!found.isEmpty()) {
                new Present(rows).rebuild();
            }
            return found;
        });
    }

    /** Makes what is true now anew from the histories. */
    @Transactional
    public void rebuild() {
        rows.clear();
        rows.make();
    }

    /**
     * Where what is said to be true now isn't what the histories tell.
     *
     * @return a sentence for each; none where all agree
     */
    @Transactional(readOnly = true)
    public List<String> disagreements() {
        return rows.disagreements();
    }
}
