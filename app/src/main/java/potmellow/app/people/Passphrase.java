package potmellow.app.people;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.passay.DictionarySubstringRule;
import org.passay.LengthRule;
import org.passay.PasswordData;
import org.passay.RepeatCharacterRegexRule;
import org.passay.Rule;
import org.passay.UsernameRule;
import org.passay.dictionary.ArrayWordList;
import org.passay.dictionary.WordListDictionary;
import org.passay.dictionary.WordLists;
import org.passay.dictionary.sort.ArraysSort;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import potmellow.core.measure.InvalidInput;

/**
 * A passphrase that may be set: long, and none that is tried first (NIST SP 800-63B, 5.1.1.2: length and a list of common ones, no
 * rules about kinds of characters).
 */
public final class Passphrase {
    private static final int SHORTEST = 12;
    private static final int LONGEST = 128;
    private static final int SAME_IN_A_ROW = 5;
    /** Argon2id as RFC 9106 advises it for small memories, hashes of 32 bytes: 16 MB and 2 rounds a sign-in. */
    private static final PasswordEncoder ENCODER = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();

    private static final List<Demand> DEMANDS = List.of(
            new Demand(
                    new LengthRule(SHORTEST, LONGEST),
                    "It is too short or too long.",
                    "Type " + SHORTEST + " to " + LONGEST
                            + " characters: three or four words that don't belong together are good."),
            new Demand(
                    new DictionarySubstringRule(new WordListDictionary(common())),
                    "It holds what everybody tries first, such as “password” or “12345”.",
                    "Take words that don't belong together."),
            new Demand(
                    new RepeatCharacterRegexRule(SAME_IN_A_ROW),
                    "One character stands in it " + SAME_IN_A_ROW + " times in a row.",
                    "Take words instead."),
            new Demand(
                    new UsernameRule(false, true), "Your name stands in it.", "Take words that don't belong to you."));

    private final String text;

    private Passphrase(String text) {
        this.text = text;
    }

    /**
     * Checks one that is to be set.
     *
     * @param name whose it is to be
     * @throws InvalidInput where it is too short, too long or too easily found; the message never holds it
     */
    public static Passphrase of(String text, String name) {
        PasswordData told = new PasswordData(name, text);
        DEMANDS.stream()
                .filter(demand -> !demand.rule().validate(told).isValid())
                .findFirst()
                .ifPresent(unmet -> {
                    throw InvalidInput.notAllowed("The passphrase", "not shown", unmet.why(), unmet.allowed());
                });
        return new Passphrase(text);
    }

    String hash() {
        return ENCODER.encode(text);
    }

    /** What is compared with where nobody has that name or no passphrase, so that it takes as long. */
    static String nobodys() {
        return Nobody.HASH;
    }

    /** Whether somebody typed what was set. */
    static boolean matches(String typed, String hash) {
        String bounded = typed.length() > LONGEST ? typed.substring(0, LONGEST + 1) : typed;
        return ENCODER.matches(bounded, hash);
    }

    private static ArrayWordList common() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Passphrase.class.getResourceAsStream("/people/common-passphrases.txt"), StandardCharsets.UTF_8))) {
            return WordLists.createFromReader(new BufferedReader[] {lines}, false, new ArraysSort());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static final class Nobody {
        static final String HASH = ENCODER.encode("");
    }

    private record Demand(Rule rule, String why, String allowed) {}
}
