package potmellow.app.once;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.Collection;
import java.util.HexFormat;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.problem.Conflict;

/**
 * Every act has a key, and counts once under it. Beside the key stands a fingerprint of what was asked, so that a repeat is told
 * from something else that was sent under the same key. Both are written in the transaction of the act itself: what fails leaves
 * its key free, and a repeat that comes while the first is under way waits for it.
 */
@Component
public class Acts {
    private final ActRepository acts;
    private final ObjectMapper canonical;

    Acts(ActRepository acts, ObjectMapper json) {
        this.acts = acts;
        this.canonical = json.copy()
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .setDefaultPropertyInclusion(JsonInclude.Include.NON_EMPTY);
    }

    /**
     * Takes an act under its key. To be asked first of all, within the transaction that then does it.
     *
     * @param key what the browser gave it
     * @param asked everything that the act consists of: what kind it is, of what, and what was entered
     * @return whether it is to be done; false where it was done already, word for word
     * @throws Conflict where something else was done under this key
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean first(Garden garden, UUID key, Object... asked) {
        String fingerprint = fingerprint(asked);
        if (acts.insert(garden.id(), key, fingerprint)) {
            return true;
        }
        boolean other = acts.fingerprint(garden.id(), key)
                .filter(before -> !before.equals(fingerprint))
                .isPresent();
        if (other) {
            throw new Conflict(
                    "something-else",
                    "This was sent before with something else in it, and that is what counts. Look at the page again, then"
                            + " enter the change as a new one.");
        }
        return false;
    }

    /** Those of some keys under which an act was done already. */
    @Transactional(readOnly = true)
    public Set<UUID> done(Garden garden, Collection<UUID> keys) {
        return keys.isEmpty() ? Set.of() : acts.done(garden.id(), keys);
    }

    private String fingerprint(Object... asked) {
        try {
            byte[] text = canonical.writeValueAsString(Arrays.asList(asked)).getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text));
        } catch (JsonProcessingException | NoSuchAlgorithmException e) {
            throw new IllegalStateException("No fingerprint can be taken of " + Arrays.toString(asked) + ".", e);
        }
    }
}
