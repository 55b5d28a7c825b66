package potmellow.app.licence;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import potmellow.app.ApplicationTest;

class LicenceControllerTest extends ApplicationTest {
    private List<JsonNode> shipped(String where) throws Exception {
        return Stream.of(read("/api/licences").get(where))
                .flatMap(JsonNode::valueStream)
                .toList();
    }

    @Test
    void namesTheLicenceOfEverythingThatOthersMade() throws Exception {
        assertThat(Stream.concat(shipped("browser").stream(), shipped("program").stream()))
                .hasSizeGreaterThan(60)
                .allSatisfy(one -> {
                    assertThat(one.get("version").asText()).isNotBlank();
                    assertThat(one.get("identifier").asText())
                            .as("licence of " + one.get("name").asText())
                            .isNotBlank()
                            .doesNotContainIgnoringCase("unknown");
                });
    }

    @Test
    void bringsTheWholeTextOfWhatTheBrowserFetches() throws Exception {
        assertThat(shipped("browser"))
                .allSatisfy(one -> assertThat(one.get("text").asText()).hasSizeGreaterThan(300));
        assertThat(shipped("browser"))
                .filteredOn(one -> one.get("name").asText().contains("fontsource"))
                .hasSize(2)
                .allSatisfy(one -> assertThat(one.get("text").asText()).contains("SIL OPEN FONT LICENSE"));
    }

    /** Every library that the application itself asks for in its build is on the list. */
    @Test
    void listsTheLibrariesOfTheProgram() throws Exception {
        String build = Files.readString(Path.of("pom.xml"));
        assertThat(build).contains("mariadb-java-client");
        assertThat(shipped("program"))
                .extracting(one -> one.get("name").asText())
                .contains(
                        "org.mariadb.jdbc:mariadb-java-client",
                        "org.springframework:spring-webmvc",
                        "com.github.ben-manes.caffeine:caffeine")
                .noneMatch(name -> name.startsWith("potmellow:") || name.contains("junit"));
    }
}
