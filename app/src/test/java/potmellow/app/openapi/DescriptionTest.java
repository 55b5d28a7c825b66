package potmellow.app.openapi;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import potmellow.app.ApplicationTest;

/** The browser's types are generated from the committed description, so it must be true. */
class DescriptionTest extends ApplicationTest {
    private static final Path COMMITTED = Path.of("src/main/openapi/potmellow.json");

    @Test
    void isTheOneThatIsCommitted() throws Exception {
        String now = json.writerWithDefaultPrettyPrinter().writeValueAsString(read("/v3/api-docs")) + "\n";
        if (Boolean.getBoolean("potmellow.openapi.write")) {
            Files.writeString(COMMITTED, now);
        }
        assertThat(json.readTree(COMMITTED.toFile()))
                .as("Write it anew: mvn -pl app -am test -Dtest=DescriptionTest -Dpotmellow.openapi.write=true"
                        + " -Dsurefire.failIfNoSpecifiedTests=false, then npm run generate in web/api-types")
                .isEqualTo(json.readTree(now));
    }
}
