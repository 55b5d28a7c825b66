package potmellow.app.people;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Codes that let one device in, once, within two minutes. They are kept nowhere: whoever starts the program anew makes a new one. */
@Component
class OneTimeCodes {
    static final Duration LASTS = Duration.ofMinutes(2);
    private static final int MOST = 20;
    /** Without those that look alike; 8 of 28 are 38 bits, for two minutes and a few tries. */
    private static final String LETTERS = "BCDFGHJKLMNPQRSTVWXZ23456789";

    private static final int LENGTH = 8;
    private static final SecureRandom DICE = new SecureRandom();

    private final Clock clock;
    private final List<Code> open = new ArrayList<>();

    OneTimeCodes(Clock clock) {
        this.clock = clock;
    }

    /** Makes one for a person; an earlier one of theirs no longer counts. */
    synchronized Code make(UUID person) {
        forget(person);
        if (open.size() >= MOST) {
            open.remove(0);
        }
        String text = DICE.ints(LENGTH, 0, LETTERS.length())
                .mapToObj(letter -> String.valueOf(LETTERS.charAt(letter)))
                .collect(Collectors.joining());
        Code made = new Code(text, person, clock.instant().plus(LASTS));
        open.add(made);
        return made;
    }

    /** Whose code that is, which is used up with this; empty for none that counts. */
    synchronized Optional<UUID> use(String typed) {
        Instant now = clock.instant();
        String text = typed.toUpperCase(Locale.ROOT).replaceAll("[\\s-]", "");
        open.removeIf(code -> !now.isBefore(code.until()));
        Optional<Code> found =
                open.stream().filter(code -> code.text().equals(text)).findFirst();
        found.ifPresent(open::remove);
        return found.map(Code::person);
    }

    /** No code of theirs counts any longer. */
    synchronized void forget(UUID person) {
        open.removeIf(code -> code.person().equals(person));
    }

    /**
     * A code.
     *
     * @param until when it no longer counts
     */
    record Code(String text, UUID person, Instant until) {}
}
