package potmellow.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import potmellow.app.MovableClock;

class LettingInTest {
    private final MovableClock clock = new MovableClock();
    private final OneTimeCodes codes = new OneTimeCodes(clock);
    private final Tries tries = new Tries(clock);
    private final UUID wilma = UUID.randomUUID();

    @Test
    void acceptsACodeOnceHoweverItIsTyped() {
        String code = codes.make(wilma).text();
        String typed = code.toLowerCase().substring(0, 4) + " - " + code.substring(4);
        assertThat(codes.use(typed)).contains(wilma);
        assertThat(codes.use(code)).isEmpty();
    }

    @Test
    void acceptsACodeForTwoMinutes() {
        String code = codes.make(wilma).text();
        clock.advance(Duration.ofSeconds(119));
        assertThat(codes.use(code)).contains(wilma);
        String late = codes.make(wilma).text();
        clock.advance(Duration.ofSeconds(120));
        assertThat(codes.use(late)).isEmpty();
    }

    @Test
    void acceptsOnlyTheLastCodeOfAPerson() {
        String first = codes.make(wilma).text();
        String second = codes.make(wilma).text();
        assertThat(codes.use(first)).isEmpty();
        assertThat(codes.use(second)).contains(wilma);
    }

    @Test
    void slowsTriesDownAndNeverEndsThem() {
        int heard = 0;
        for (int i = 0; i < 20; i++) {
            heard += tries.wait("wilma", "192.168.1.9").isZero() ? 1 : 0;
        }
        assertThat(heard).isEqualTo(Tries.AT_ONCE);
        Duration wait = tries.wait("wilma", "192.168.1.9");
        assertThat(wait).isPositive().isLessThanOrEqualTo(Tries.THEN_EVERY);
        clock.advance(wait);
        assertThat(tries.wait("wilma", "192.168.1.9")).isZero();
    }

    @Test
    void slowsAnAccountFromManyAddressesAndAnAddressWithManyAccounts() {
        for (int i = 0; i < Tries.AT_ONCE; i++) {
            assertThat(tries.wait("wilma", "192.168.1." + i)).isZero();
            assertThat(tries.wait("name " + i, "10.0.0.1")).isZero();
        }
        assertThat(tries.wait("wilma", "192.168.1.200")).isPositive();
        assertThat(tries.wait("another name", "10.0.0.1")).isPositive();
        assertThat(tries.wait("another name", "10.0.0.2")).isZero();
    }

    @Test
    void forgetsTriesOnceOneSucceeded() {
        for (int i = 0; i < Tries.AT_ONCE; i++) {
            tries.wait("wilma", "192.168.1.9");
        }
        tries.succeeded("wilma", "192.168.1.9");
        assertThat(tries.wait("wilma", "192.168.1.9")).isZero();
    }
}
