package potmellow.app.openapi;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import potmellow.app.ApplicationTest;

/** The browser's types are generated from the committed description, so it must be true. */
class DescriptionTest extends ApplicationTest {
    private static final Path COMMITTED = Path.of("src/main/openapi/potmellow.json");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping addresses;

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

    /** It names what is sent by its simple name: of two with the same one, only one would be described. */
    @Test
    void givesNoTwoThingsOneName() {
        Set<Class<?>> sent = new HashSet<>();
        addresses.getHandlerMethods().values().forEach(handler -> {
            collect(handler.getMethod().getGenericReturnType(), sent);
            Stream.of(handler.getMethod().getGenericParameterTypes()).forEach(type -> collect(type, sent));
        });
        assertThat(sent).hasSizeGreaterThan(200);
        Map<String, List<Class<?>>> byName = sent.stream().collect(Collectors.groupingBy(Class::getSimpleName));
        byName.values().removeIf(alike -> alike.size() == 1);
        assertThat(byName).isEmpty();
    }

    private static void collect(Type type, Set<Class<?>> sent) {
        if (type instanceof ParameterizedType generic) {
            Stream.of(generic.getActualTypeArguments()).forEach(inner -> collect(inner, sent));
            collect(generic.getRawType(), sent);
        } else if (type instanceof Class<?> one && one.isRecord() && sent.add(one)) {
            Stream.of(one.getRecordComponents()).forEach(part -> collect(part.getGenericType(), sent));
        }
    }
}
