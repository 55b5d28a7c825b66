package potmellow.core.naming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PlainNameTest {
    @ParameterizedTest
    @ValueSource(strings = {"Pea-shoot juice", "Kohlrabi & beet", "Löwenzahn ½", "Mrs. O'Leary's 2nd (east)", "よもぎ"})
    void takesNamesAsPeopleGiveThem(String text) {
        assertThat(new PlainName("  " + text + " ").text()).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"<b>juice</b>", "juice\nwater", "{{juice}}", "a\u0000b", "=1+1|cmd", "\u202Ejuice"})
    void rejectsMarkupAndControlCharacters(String text) {
        assertThatThrownBy(() -> new PlainName(text))
                .hasMessageContaining("is not allowed in a name")
                .hasMessageContaining("1 to 60 characters");
    }

    @Test
    void rejectsNothingAndTooMuch() {
        assertThatThrownBy(() -> new PlainName("  ")).hasMessageStartingWith("The name is empty.");
        assertThatThrownBy(() -> new PlainName("x".repeat(10_000)))
                .hasMessage("The name has 10000 characters; at most 60 are kept.");
        assertThat(new PlainName("x".repeat(60)).text()).hasSize(60);
    }
}
