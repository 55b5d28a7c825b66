package potmellow.core.judgement;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;
import potmellow.core.craft.Act;

/**
 * What is to be thought of a pot now.
 *
 * @param kind the verdict
 * @param headline the verdict in a few words, with what to do
 * @param reasons why, each a sentence, at least one
 * @param urgent what can't wait, whatever the verdict
 * @param advice what would mend or better it
 * @param remedies acts that would mend it, the most pressing first
 * @param limits what the contents may no longer be used for
 * @param disposal how to be rid of it safely; empty unless it is to be thrown away
 * @param rescuable whether what is to be thrown away may, by decision, still go on the soil of nothing edible
 */
public record Verdict(
        Kind kind,
        String headline,
        List<String> reasons,
        List<Danger> urgent,
        List<String> advice,
        List<Act> remedies,
        List<String> limits,
        Optional<String> disposal,
        boolean rescuable) {
    public Verdict {
        requireNonNull(kind, "kind");
        requireNonNull(headline, "headline");
        reasons = List.copyOf(reasons);
        urgent = List.copyOf(urgent);
        advice = List.copyOf(advice);
        remedies = List.copyOf(remedies);
        limits = List.copyOf(limits);
        if (reasons.isEmpty()) {
            throw new IllegalArgumentException("A verdict needs a reason.");
        }
    }

    /** Whether what comes out may go on the soil of growing plants only. */
    public boolean soilOnly() {
        return !limits.isEmpty();
    }

    /** The danger of a brew that is beyond saving; none while it isn't. */
    public Optional<Danger> beyondSaving() {
        return kind == Kind.THROW_AWAY ? Optional.of(Danger.spoilt(reasons, disposal)) : Optional.empty();
    }

    /** The four verdicts. */
    public enum Kind {
        NOT_YET("not yet"),
        READY("ready"),
        PAST_BEST("past its best"),
        THROW_AWAY("throw away");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
