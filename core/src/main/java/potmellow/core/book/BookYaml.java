package potmellow.core.book;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import com.fasterxml.jackson.dataformat.yaml.YAMLGenerator;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import com.fasterxml.jackson.dataformat.yaml.util.StringQuotingChecker;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.core.working.Mark;

/** Reads and writes the book's YAML, strictly: unknown and repeated names are errors that tell their line. */
public final class BookYaml {
    private static final YAMLMapper YAML = YAMLMapper.builder(YAMLFactory.builder()
                    .stringQuotingChecker(new PlainOnlyWhereWords())
                    .build())
            .addModule(new Jdk8Module())
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
            .disable(YAMLGenerator.Feature.WRITE_DOC_START_MARKER)
            .enable(YAMLGenerator.Feature.MINIMIZE_QUOTES)
            .disable(YAMLGenerator.Feature.SPLIT_LINES)
            .defaultPropertyInclusion(
                    JsonInclude.Value.construct(JsonInclude.Include.NON_EMPTY, JsonInclude.Include.NON_EMPTY))
            .addMixIn(Mark.class, MarkAsCode.class)
            .build();

    private BookYaml() {}

    /**
     * Only what can be nothing but words is written without quotes: what begins with a letter and goes on in letters, digits,
     * spaces and simple marks. Whatever a reader might take for a number, a date, an infinity or a sign of YAML stands in quotes.
     */
    private static final class PlainOnlyWhereWords extends StringQuotingChecker.Default {
        private static final long serialVersionUID = 1L;
        private static final Pattern WORDS = Pattern.compile("\\p{L}[\\p{L}\\p{N} ,.'()/+%°½¼¾–—;!?-]*(?<! )");

        @Override
        public boolean needToQuoteValue(String value) {
            return !WORDS.matcher(value).matches() || super.needToQuoteValue(value);
        }
    }

    /** Marks are one letter in the files and a word everywhere else. */
    private abstract static class MarkAsCode {
        @JsonValue
        abstract String code();
    }

    /**
     * Reads a file that is shipped with the core.
     *
     * @throws IllegalStateException for a file that is missing or wrong, naming it
     */
    public static <T> T resource(String path, TypeReference<T> type) {
        try (InputStream in = BookYaml.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException("The book has no file " + path + ".");
            }
            return YAML.readValue(in, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("The book's file " + path + " is wrong: " + e.getMessage(), e);
        } catch (IOException e) {
            throw new UncheckedIOException("The book's file " + path + " can't be read.", e);
        }
    }

    /**
     * Reads a method that somebody wrote.
     *
     * @throws BrokenFile for what can't be read, with the line and the reason
     */
    public static MethodFile read(String text) {
        try {
            MethodFile file = YAML.readValue(text, MethodFile.class);
            if (file == null) {
                throw new BrokenFile(0, "The file is empty.");
            }
            return file;
        } catch (JsonProcessingException e) {
            throw new BrokenFile(line(e.getLocation()), reason(e));
        }
    }

    /**
     * Writes a method as it is read: reading the text back gives the same method.
     *
     * @throws BrokenFile for a method that would not come back as it is
     */
    public static String write(MethodFile file) {
        try {
            String text = YAML.writeValueAsString(file);
            if (!read(text).equals(file)) {
                throw new BrokenFile(0, "It would not be read back as it is written here.");
            }
            return text;
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("The method " + file.method().id() + " can't be written.", e);
        }
    }

    private static int line(JsonLocation location) {
        return location == null ? 0 : Math.max(0, location.getLineNr());
    }

    private static String reason(JsonProcessingException problem) {
        if (problem instanceof UnrecognizedPropertyException unknown) {
            String known = unknown.getKnownPropertyIds().stream()
                    .map(String::valueOf)
                    .sorted()
                    .collect(Collectors.joining(", "));
            return "“" + unknown.getPropertyName() + "” is not known" + where(unknown) + ". Known here: " + known + ".";
        }
        Throwable cause = problem;
        while (cause.getCause() != null && cause.getCause() != cause) {
            cause = cause.getCause();
        }
        if (cause instanceof NullPointerException) {
            return "Something that must be told is missing"
                    + (problem instanceof JsonMappingException mapping ? where(mapping) : "") + ".";
        }
        if (cause instanceof MismatchedInputException mismatch) {
            String given =
                    mismatch instanceof InvalidFormatException format ? "“" + format.getValue() + "” is given; " : "";
            return given + "it wants " + wanted(mismatch.getTargetType()) + where(mismatch) + ".";
        }
        String words = cause instanceof JsonProcessingException inner ? inner.getOriginalMessage() : cause.getMessage();
        String plain =
                words == null ? "it can't be read" : words.lines().findFirst().orElse("it can't be read");
        return plain.replaceAll("potmellow[.a-zA-Z$]*\\.", "").replaceAll("`", "")
                + (problem instanceof JsonMappingException mapping ? where(mapping) : "");
    }

    /** What a field takes, in words instead of the names of types. */
    private static String wanted(Class<?> type) {
        if (type == null) {
            return "something else";
        }
        if (type.isEnum()) {
            return "one of: "
                    + Stream.of(type.getEnumConstants())
                            .map(one -> ((Enum<?>) one).name().toLowerCase(Locale.ROOT))
                            .collect(Collectors.joining(", "));
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
            return "a number";
        }
        if (Collection.class.isAssignableFrom(type)) {
            return "a list";
        }
        return type == String.class ? "words" : "a group of fields";
    }

    private static String where(JsonMappingException problem) {
        String path = problem.getPath().stream()
                .map(step -> step.getFieldName() == null ? "no. " + (step.getIndex() + 1) : step.getFieldName())
                .collect(Collectors.joining(" › "));
        return path.isEmpty() ? "" : " (at " + path + ")";
    }

    /** A file that can't be read. */
    public static final class BrokenFile extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final int line;

        public BrokenFile(int line, String reason) {
            super((line > 0 ? "Line " + line + ": " : "") + reason);
            this.line = line;
        }

        /** The line, counted from 1; 0 where it is not known. */
        public int line() {
            return line;
        }
    }
}
