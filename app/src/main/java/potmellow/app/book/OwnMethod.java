package potmellow.app.book;

import java.time.Instant;
import java.util.Optional;

/**
 * A method that the gardener wrote.
 *
 * @param id its id; every new wording gets its own
 * @param title what it is called
 * @param yaml its wording
 * @param writtenAt when it was written
 * @param replacedBy the id of a newer wording; empty for the newest
 * @param retired whether it was put away
 */
record OwnMethod(
        String id, String title, String yaml, Instant writtenAt, Optional<String> replacedBy, boolean retired) {
    boolean current() {
        return replacedBy.isEmpty() && !retired;
    }
}
