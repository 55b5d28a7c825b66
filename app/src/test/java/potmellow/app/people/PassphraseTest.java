package potmellow.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.measure.InvalidInput;

/** NIST SP 800-63B, 5.1.1.2: length and common ones, no rules about kinds of characters. */
class PassphraseTest {
    @ParameterizedTest
    @CsvSource({
        "teapot wren,too short",
        "Password12345!,everybody tries first",
        "my qwertz 1q2w3e thing,everybody tries first",
        "zzzzzz on the roof,times in a row",
        "wilma drums at noon,Your name"
    })
    void refusesWhatIsEasilyFoundAndSaysWhy(String typed, String why) {
        assertThatThrownBy(() -> Passphrase.of(typed, "Wilma"))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining(why)
                .hasMessageNotContaining(typed);
    }

    @ParameterizedTest
    @ValueSource(strings = {"purple teapot seven drums", "süße Möhren im Regen", "w x y z q w r t"})
    void takesWordsOfAnyKind(String typed) {
        String hash = Passphrase.of(typed, "Wilma").hash();
        assertThat(hash).startsWith("$argon2id$").doesNotContain(typed);
        assertThat(Passphrase.matches(typed, hash)).isTrue();
        assertThat(Passphrase.matches(typed + "x", hash)).isFalse();
    }

    @Test
    void hashesTheSameDifferentlyEachTime() {
        Passphrase once = Passphrase.of("purple teapot seven drums", "Wilma");
        assertThat(once.hash()).isNotEqualTo(once.hash());
    }
}
