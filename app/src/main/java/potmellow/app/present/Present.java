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

    /** The rows of a database without the application around it. */
    public static Present over(DataSource database) {
        return new Present(PresentRepository.over(database));
    }

    /** Forgets what is true now. */
    @Transactional
    public void clear() {
        rows.clear();
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

    /**
     * Makes the rows anew where they disagree with the histories.
     *
     * @return a sentence for each that did
     */
    @Transactional
    public List<String> mended() {
        List<String> found = disagreements();
        if (!found.isEmpty()) {
            rebuild();
        }
        return found;
    }
}
