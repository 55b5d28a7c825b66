package potmellow.app.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.converter.json.Jackson2ObjectMapperBuilder;

class FiniteNumberTest {
    private static final ObjectMapper JSON = json();

    record Given(double plain, Optional<Double> maybe) {}

    private static ObjectMapper json() {
        Jackson2ObjectMapperBuilder builder = Jackson2ObjectMapperBuilder.json();
        new RequestReading().nothingIsNull().customize(builder);
        return builder.build();
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"NaN\"", "\"Infinity\"", "\"-Infinity\"", "1e999", "-1e999"})
    void isNoNumberThatHasNoEnd(String number) {
        assertThatThrownBy(() -> JSON.readValue("{\"plain\": " + number + "}", Given.class))
                .isInstanceOf(InvalidFormatException.class);
        assertThatThrownBy(() -> JSON.readValue("{\"maybe\": " + number + "}", Given.class))
                .isInstanceOf(InvalidFormatException.class);
    }

    @Test
    void isAnyOtherOneOrNone() throws Exception {
        assertThat(JSON.readValue("{\"plain\": 2.5, \"maybe\": -3}", Given.class))
                .isEqualTo(new Given(2.5, Optional.of(-3.0)));
        assertThat(JSON.readValue("{\"maybe\": null}", Given.class)).isEqualTo(new Given(0, Optional.empty()));
    }
}
