package potmellow.app.problem;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.InvalidNullException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.UUID;
import java.util.stream.Collectors;
import potmellow.app.problem.BoundedText.TooLong;

/**
 * What is wrong with something that could not be read: where, what was given, what is allowed.
 *
 * @param field where; empty where it is the whole
 * @param given what was given; empty where that can't be shown
 * @param words a sentence or two
 */
record Unreadable(String field, String given, String words) {
    private static final int LONGEST_GIVEN = 60;

    /** Of a body, by where its reader stopped. */
    static Unreadable body(Throwable cause) {
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return unknown(unknown);
        }
        if (cause instanceof MismatchedInputException mismatch) {
            return mismatch(mismatch);
        }
        if (cause instanceof TooLong tooLong) {
            return new Unreadable(
                    path(tooLong),
                    shortened(tooLong.given()),
                    "“" + path(tooLong) + "” has " + tooLong.getOriginalMessage() + ".");
        }
        if (constraint(cause)) {
            return new Unreadable("", "", "The request is too large, or too deep, to be read: at most 4 MB are taken.");
        }
        if (cause instanceof JsonMappingException mapping) {
            return new Unreadable(path(mapping), "", "“" + path(mapping) + "” can't be used as it is.");
        }
        if (cause instanceof JsonProcessingException broken) {
            JsonLocation at = broken.getLocation();
            String where = at == null ? "" : " from line " + at.getLineNr() + ", column " + at.getColumnNr() + " on";
            return new Unreadable(
                    "", "", "The request is no JSON" + where + ". It must be JSON as the interface describes it.");
        }
        return new Unreadable("", "", "The request can't be read. It must be JSON as the interface describes it.");
    }

    private static boolean constraint(Throwable cause) {
        return cause instanceof StreamConstraintsException
                || cause instanceof JsonMappingException && cause.getCause() instanceof StreamConstraintsException;
    }

    private static Unreadable unknown(UnrecognizedPropertyException unknown) {
        String known = unknown.getKnownPropertyIds() == null
                ? ""
                : unknown.getKnownPropertyIds().stream()
                        .map(String::valueOf)
                        .sorted()
                        .collect(Collectors.joining(", "));
        return new Unreadable(
                path(unknown),
                "",
                "There is no “" + shortened(unknown.getPropertyName()) + "” here. Known are: " + known + ".");
    }

    private static Unreadable mismatch(MismatchedInputException mismatch) {
        String field = path(mismatch);
        String name = field.isEmpty() ? "The request" : "“" + field + "”";
        String given =
                mismatch instanceof InvalidFormatException format ? shortened(String.valueOf(format.getValue())) : "";
        String allowed = allowed(mismatch.getTargetType());
        if (mismatch instanceof InvalidNullException) {
            return new Unreadable(field, "", name + " must be told: " + allowed + ".");
        }
        String with = given.isEmpty() ? "" : " (" + given + ")";
        return new Unreadable(field, given, name + with + " can't be used. It must be " + allowed + ".");
    }

    /** Of a part of an address. */
    static Unreadable part(String field, Object given, Class<?> type) {
        String shown = shortened(String.valueOf(given));
        return new Unreadable(
                field, shown, "“" + field + "” (" + shown + ") can't be used. It must be " + allowed(type) + ".");
    }

    private static String allowed(Class<?> type) {
        if (type == null) {
            return "told as the interface describes it";
        }
        if (type.isEnum()) {
            return "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "));
        }
        if (type == UUID.class) {
            return "an id";
        }
        if (type == LocalDate.class) {
            return "a day such as 2026-05-20";
        }
        if (type == Instant.class) {
            return "a moment such as 2026-05-20T08:00:00Z";
        }
        if (type == String.class) {
            return "a text";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
            return "a number";
        }
        return Collection.class.isAssignableFrom(type)
                ? "a list"
                : "told with its fields, as the interface describes it";
    }

    private static String path(JsonMappingException failure) {
        StringBuilder path = new StringBuilder();
        for (JsonMappingException.Reference step : failure.getPath()) {
            if (step.getFieldName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getFieldName());
            }
        }
        return shortened(path.toString());
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST_GIVEN ? text : text.substring(0, LONGEST_GIVEN) + "…";
    }
}
