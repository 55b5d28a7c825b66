package potmellow.core.book;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * One thing to do.
 *
 * @param words the step; {part}, {vessel}, {lid} and {place} stand for the recipe's own
 * @param when where on the way it belongs
 * @param minutes how long hands are busy with it
 * @param waitHours how long it then rests before the next step
 * @param hour the hour of day that it belongs to; any where it is left out
 * @param withinHours within how many hours of the step before it must be done; 0 where there is no hurry
 */
public record Instruction(String words, When when, Hour hour, double minutes, double waitHours, double withinHours) {
    /** What a step takes where nobody said it. */
    private static final double USUAL_MINUTES = 5;

    public Instruction {
        if (words == null || words.isBlank()) {
            throw new IllegalArgumentException("A step needs words.");
        }
        if (!(minutes >= 0 && waitHours >= 0 && withinHours >= 0)) {
            throw new IllegalArgumentException("The times of a step can't be less than nothing.");
        }
    }

    @JsonCreator(mode = JsonCreator.Mode.PROPERTIES)
    static Instruction read(
            @JsonProperty("words") String words,
            @JsonProperty("when") When when,
            @JsonProperty("hour") Hour hour,
            @JsonProperty("minutes") Double minutes,
            @JsonProperty("waitHours") double waitHours,
            @JsonProperty("withinHours") double withinHours) {
        return new Instruction(
                words,
                when == null ? When.NOW : when,
                hour == null ? Hour.ANY : hour,
                minutes == null ? USUAL_MINUTES : minutes,
                waitHours,
                withinHours);
    }

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    static Instruction of(String words) {
        return new Instruction(words, When.NOW, Hour.ANY, USUAL_MINUTES, 0, 0);
    }

    /** The hour of day that a step belongs to. */
    public enum Hour {
        ANY,
        /** So that it is done when the sun rises. */
        BEFORE_SUNRISE
    }

    /** Where on the way a step belongs. */
    public enum When {
        /** In order, up to the moment the pot is set. */
        NOW,
        /** While it works. */
        WORKING,
        /** When it is ready. */
        READY
    }
}
