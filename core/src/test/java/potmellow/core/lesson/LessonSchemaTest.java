package potmellow.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.io.InputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The form of a lesson, as others can check theirs against it. */
class LessonSchemaTest {
    private static final YAMLMapper YAML = new YAMLMapper();

    private static InputStream file(String name) {
        return Lessons.class.getResourceAsStream("/potmellow/lesson/" + name);
    }

    private static JsonSchema schema() throws IOException {
        try (InputStream in = file("lesson.schema.json")) {
            return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                    .getSchema(in);
        }
    }

    private static JsonNode lessons() throws IOException {
        try (InputStream in = file("lessons.yaml")) {
            return YAML.readTree(in);
        }
    }

    @Test
    void eachLessonHasTheFormThatIsDescribed() throws IOException {
        for (JsonNode lesson : lessons()) {
            assertThat(schema().validate(lesson)).as(lesson.get("id").asText()).isEmpty();
        }
    }

    @Test
    void whatIsSharedHasItToo() throws IOException {
        for (Lesson lesson : Lessons.load().all()) {
            assertThat(schema().validate(YAML.readTree(Lessons.write(lesson)))).isEmpty();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"id", "title", "about", "days", "pots", "take"})
    void bothRefuseWhatIsLeftOut(String field) throws IOException {
        ObjectNode lesson = lessons().get(0).deepCopy();
        lesson.remove(field);
        assertThat(schema().validate(lesson)).isNotEmpty();
        assertThat(catchThrowable(() -> Lessons.read(YAML.writeValueAsString(lesson))))
                .hasMessageContaining("needs its " + field);
    }
}
