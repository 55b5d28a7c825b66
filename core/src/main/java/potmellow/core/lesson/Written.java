package potmellow.core.lesson;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import potmellow.core.practice.Accident;
import potmellow.core.practice.Brew;

/** A lesson as it stands in a file, where anything can be missing. */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Written(
        String id,
        String title,
        String about,
        Integer days,
        List<WrittenPot> pots,
        Integer by,
        Boolean bed,
        String take) {
    static Written of(Lesson lesson) {
        return new Written(
                lesson.id(),
                lesson.title(),
                lesson.about(),
                lesson.days(),
                lesson.pots().stream().map(WrittenPot::of).toList(),
                lesson.by().orElse(null),
                lesson.bed() ? true : null,
                lesson.take());
    }

    Lesson lesson() {
        return new Lesson(
                needed("id", id),
                needed("title", title),
                needed("about", about),
                needed("days", days),
                needed("pots", pots).stream()
                        .map(pot -> needed("pot", pot).setting())
                        .toList(),
                Optional.ofNullable(by),
                bed != null && bed,
                needed("take", take));
    }

    private static <T> T needed(String field, T value) {
        if (value == null) {
            throw new IllegalArgumentException("A lesson needs its " + field + ".");
        }
        return value;
    }

    /** One of its pots. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record WrittenPot(
            String name,
            String brew,
            Long seed,
            Double celsius,
            Double swing,
            Set<String> accidents,
            String start,
            Integer from) {
        static WrittenPot of(Setting setting) {
            return new WrittenPot(
                    setting.name(),
                    setting.brew().methodId(),
                    setting.seed(),
                    setting.celsius(),
                    setting.swing(),
                    setting.accidents().stream().map(Enum::name).collect(Collectors.toSet()),
                    setting.start().name(),
                    setting.from().orElse(null));
        }

        Setting setting() {
            return new Setting(
                    name == null ? "The pot" : name,
                    Brew.of(needed("brew", brew))
                            .orElseThrow(
                                    () -> new IllegalArgumentException("There is no practice pot of " + brew + ".")),
                    needed("seed", seed),
                    needed("celsius", celsius),
                    swing == null ? 0 : swing,
                    accidents == null
                            ? Set.of()
                            : accidents.stream().map(Accident::named).collect(Collectors.toSet()),
                    start == null ? Setting.Start.STANDS : begun(start),
                    Optional.ofNullable(from));
        }

        private static Setting.Start begun(String name) {
            return Arrays.stream(Setting.Start.values())
                    .filter(start -> start.name().equals(name))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("No pot is found “" + name + "”: it is one of "
                            + Arrays.toString(Setting.Start.values()) + "."));
        }
    }
}
