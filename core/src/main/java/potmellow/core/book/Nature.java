package potmellow.core.book;

import java.util.Set;

/**
 * What a brew is by its nature, as far as that decides what it may meet in a tank and which plants it may meet.
 *
 * @param kinds what it brings into a tank
 * @param never plants that it must not be given to
 * @param fromFlowering whether it is of little use before the first flower
 */
public record Nature(Set<Kind> kinds, Set<Never> never, boolean fromFlowering) {
    public Nature {
        kinds = kinds == null ? Set.of() : Set.copyOf(kinds);
        never = never == null ? Set.of() : Set.copyOf(never);
    }

    /** Nothing that matters. */
    public static Nature plain() {
        return new Nature(Set.of(), Set.of(), false);
    }

    public boolean is(Kind kind) {
        return kinds.contains(kind);
    }

    /** What a brew brings into a tank. */
    public enum Kind {
        LIVE("live"),
        CALCIUM("calcium"),
        GERM_KILLER("garlic or cinnamon"),
        FISH("fish"),
        HUMIC("humic"),
        ANAEROBIC("anaerobic"),
        MANURE("manure"),
        LEACHATE("leachate"),
        ASH("ash or lime"),
        SALT("salt");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Plants that a brew must never be given to. */
    public enum Never {
        FROM_BUDDING("plants from budding on: they grow leaves instead of fruit"),
        IRON_SENSITIVE("iron-sensitive plants"),
        EATEN_RAW("what is eaten raw");

        private final String words;

        Never(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
