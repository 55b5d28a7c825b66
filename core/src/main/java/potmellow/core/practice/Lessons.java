package potmellow.core.practice;

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
import java.util.Set;
import java.util.stream.Collectors;

/** The lessons that there are, and others that come as a file. */
public final class Lessons {
    private static final String FILE = "/potmellow/practice/lessons.yaml";
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

    /** As it stands in a file. */
    record Written(
            String id,
            String title,
            String about,
            String brew,
            Long seed,
            Double celsius,
            Double swing,
            Set<String> accidents,
            Integer days,
            String take) {
        static Written of(Lesson lesson) {
            return new Written(
                    lesson.id(),
                    lesson.title(),
                    lesson.about(),
                    lesson.brew().methodId(),
                    lesson.seed(),
                    lesson.celsius(),
                    lesson.swing(),
                    lesson.accidents().stream().map(Enum::name).collect(Collectors.toSet()),
                    lesson.days(),
                    lesson.take());
        }

        Lesson lesson() {
            return new Lesson(
                    needed("id", id),
                    needed("title", title),
                    needed("about", about),
                    Brew.of(needed("brew", brew))
                            .orElseThrow(
                                    () -> new IllegalArgumentException("There is no practice pot of " + brew + ".")),
                    needed("seed", seed),
                    needed("celsius", celsius),
                    swing == null ? 0 : swing,
                    accidents == null
                            ? Set.of()
                            : accidents.stream().map(Accident::named).collect(Collectors.toSet()),
                    needed("days", days),
                    needed("take", take));
        }

        private static <T> T needed(String field, T value) {
            if (value == null) {
                throw new IllegalArgumentException("A lesson needs its " + field + ".");
            }
            return value;
        }
    }
}
