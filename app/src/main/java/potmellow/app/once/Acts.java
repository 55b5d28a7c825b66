package potmellow.app.once;

import java.util.Arrays;
import java.util.Collection;
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
    private final Fingerprint fingerprints;

    Acts(ActRepository acts, Fingerprint fingerprints) {
        this.acts = acts;
        this.fingerprints = fingerprints;
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
        String fingerprint = fingerprints.of(Arrays.asList(asked));
        if (acts.insert(garden.id(), key, fingerprint)) {
            return true;
        }
        boolean other = acts.fingerprint(garden.id(), key)
                .filter(before -> !before.equals(fingerprint))
                .isPresent();
        if (other) {
            throw Conflict.somethingElse();
        }
        return false;
    }

    /** Those of some keys under which an act was done already. */
    @Transactional(readOnly = true)
    public Set<UUID> done(Garden garden, Collection<UUID> keys) {
        return keys.isEmpty() ? Set.of() : acts.done(garden.id(), keys);
    }
}
