package potmellow.app.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.junit.jupiter.api.Test;

class GuardianTest {
    private final Health health = new Health();
    private final List<String> lost = new ArrayList<>();
    private final List<Duration> pauses = new ArrayList<>();
    private final Deque<DatabaseTrouble> failures = new ArrayDeque<>();
    private long now;
    private int starts;

    private final Guardian guardian = new Guardian(
            () -> {
                starts++;
                if (!failures.isEmpty()) {
                    throw failures.poll();
                }
            },
            health,
            lost::add,
            span -> {
                pauses.add(span);
                now += span.toNanos();
            },
            () -> now);

    private void fails(int times, String why, boolean passing) {
        for (int i = 0; i < times; i++) {
            failures.add(new DatabaseTrouble(why, passing, null));
        }
    }

    @Test
    void startsItAgainAtOnce() {
        guardian.revive();
        assertThat(pauses).containsExactly(Duration.ZERO);
        assertThat(health.ailment()).isEmpty();
        assertThat(lost).isEmpty();
    }

    @Test
    void waitsLongerFromTryToTry() {
        fails(5, "no", false);
        guardian.revive();
        assertThat(pauses)
                .isSorted()
                .doesNotHaveDuplicates()
                .startsWith(Duration.ZERO)
                .hasSize(6);
        assertThat(health.ailment()).isEmpty();
    }

    @Test
    void endsWithTheReasonWhereItCannotLive() {
        fails(Guardian.MOST_TRIES, "Its files belong to another user.", false);
        guardian.revive();
        assertThat(lost).containsExactly("Its files belong to another user.");
        assertThat(starts).isEqualTo(Guardian.MOST_TRIES);
        assertThat(health.ailment()).contains("Its files belong to another user.");
    }

    @Test
    void goesOnTryingForAsLongAsTheDiskIsFull() {
        fails(500, "The disk is full.", true);
        guardian.revive();
        assertThat(lost).isEmpty();
        assertThat(pauses).hasSize(501).isSorted();
        assertThat(health.ailment()).isEmpty();
    }

    @Test
    void givesUpOneThatComesUpAndDiesAgainAndAgain() {
        for (int death = 0; death < Guardian.MOST_TRIES + 1; death++) {
            guardian.revive();
        }
        assertThat(lost).hasSize(1);
    }

    @Test
    void forgetsEarlierDeathsOnceItHasLivedForAWhile() {
        for (int death = 0; death < 50; death++) {
            guardian.revive();
            now += Duration.ofHours(1).toNanos();
        }
        assertThat(lost).isEmpty();
        assertThat(pauses).containsOnly(Duration.ZERO);
    }
}
