package potmellow.core.lesson;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The lessons that there are, and others that come as a file. */
public final class Lessons {
    private static final String FILE = "/potmellow/lesson/lessons.yaml";
    private static final int MOST_CHARACTERS = 4_000;
    private static final ObjectMapper YAML = YAMLMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private final List<Lesson> all;

    private Lessons(List<Lesson> all) {
        this.all = List.copyOf(all);
    }

    /** Those that come with the application. */
    public static Lessons load() {
        try (InputStream file = Lessons.class.getResourceAsStream(FILE)) {
            return new Lessons(Arrays.stream(YAML.readValue(file, Written[].class))
                    .map(Written::lesson)
                    .toList());
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** In the order in which they are told. */
    public List<Lesson> all() {
        return all;
    }

    public Optional<Lesson> lesson(String id) {
        return all.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /**
     * Reads one that comes as a file.
     *
     * @throws IllegalArgumentException for what isn't one, with words for the gardener
     */
    public static Lesson read(String yaml) {
        if (yaml.length() > MOST_CHARACTERS) {
            throw new IllegalArgumentException("A lesson is a small file of up to " + MOST_CHARACTERS + " characters.");
        }
        try {
            return Optional.ofNullable(YAML.readValue(yaml, Written.class))
                    .orElseThrow(() -> new IllegalArgumentException("There is nothing in this file."))
                    .lesson();
        } catch (JsonProcessingException broken) {
            throw new IllegalArgumentException(trouble(broken));
        }
    }

    private static String trouble(JsonProcessingException broken) {
        if (broken instanceof UnrecognizedPropertyException unknown) {
            return "A lesson has no " + unknown.getPropertyName() + ".";
        }
        return "This isn't a lesson: it can't be read"
                + (broken.getLocation() == null
                        ? "."
                        : " from line " + broken.getLocation().getLineNr() + " on.");
    }

    /** A lesson as a file. */
    public static String write(Lesson lesson) {
        try {
            return YAML.writeValueAsString(Written.of(lesson));
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
