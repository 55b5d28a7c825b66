package potmellow.app.database;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;

/** Whether the database answers just now, and if not, why not. */
public final class Health {
    private final AtomicReference<Optional<String>> ailing = new AtomicReference<>(Optional.empty());

    void ails(String why) {
        ailing.set(Optional.of(why));
    }

    void answers() {
        ailing.set(Optional.empty());
    }

    /** Why it doesn't answer just now, in a sentence; empty while it does. */
    public Optional<String> ailment() {
        return ailing.get();
    }
}
