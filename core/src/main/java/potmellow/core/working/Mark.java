package potmellow.core.working;

import com.fasterxml.jackson.annotation.JsonCreator;

/** How far a number can be trusted, strongest first. A derived number carries the weakest mark of its inputs. */
public enum Mark {
    /** Printed in a named source. */
    PUBLISHED("P", "published"),
    /** Measured on the gardener's own batches. */
    OWN_BATCHES("Y", "your own batches"),
    /** Told alike by many gardeners, printed nowhere that was checked. */
    COMMON_PRACTICE("C", "common practice"),
    /** Remembered and not checked. */
    FROM_MEMORY("M", "from memory");

    private final String code;
    private final String words;

    Mark(String code, String words) {
        this.code = code;
        this.words = words;
    }

    /** The one-letter code of the method files. */
    public String code() {
        return code;
    }

    /** The words shown beside a number, such as "common practice". */
    public String words() {
        return words;
    }

    /** The one of the two that deserves less trust. */
    public Mark weaker(Mark other) {
        return compareTo(other) >= 0 ? this : other;
    }

    /**
     * Reads the one-letter code of the method files.
     *
     * @param code P, Y, C or M
     * @throws IllegalArgumentException for any other code
     */
    @JsonCreator
    public static Mark ofCode(String code) {
        for (Mark mark : values()) {
            if (mark.code.equals(code)) {
                return mark;
            }
        }
        throw new IllegalArgumentException("The mark (" + code + ") must be one of P, Y, C, M.");
    }
}
