package potmellow.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.reset;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.bean.override.mockito.MockitoSpyBean;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import potmellow.app.ApplicationTest;

@Transactional
class RememberedPlansTest extends ApplicationTest {
    @MockitoSpyBean
    private RememberedPlans remembered;

    private long made(Looking looking) throws Exception {
        long before = remembered.made();
        looking.look();
        return remembered.made() - before;
    }

    private interface Looking {
        void look() throws Exception;
    }

    private UUID want(String amount) throws Exception {
        UUID id = UUID.randomUUID();
        String by = LocalDate.ofInstant(clock.instant(), ZoneId.of("Europe/London"))
                .plusDays(90)
                .toString();
        send("/api/plan/goals", id, Map.of("product", "plant-juice", "amount", amount, "by", by))
                .andExpect(status().isNoContent());
        return id;
    }

    @Test
    void areWorkedOutOnceHoweverOftenTheyAreLookedAt() throws Exception {
        read("/api/plan");
        assertThat(made(() -> {
                    read("/api/plan");
                    read("/api/round");
                    read("/api/plan");
                }))
                .isZero();
    }

    @Test
    void areWorkedOutAnewAtMostTwiceAfterAChange() throws Exception {
        assertThat(made(() -> {
                    want("1 L");
                    read("/api/plan");
                    read("/api/round");
                    read("/api/plan");
                }))
                .isBetween(1L, 2L);
    }

    @Test
    void areNotWorkedOutAgainWhereAVisitMovesNoDay() throws Exception {
        read("/api/plan");
        String weeds = "/api/pots/" + idOf("/api/pots", "code", "B3");
        assertThat(made(() -> {
                    send(weeds + "/checks", Map.of("act", "STIRRED", "signs", Map.of("bubbles", "few-bubbles")))
                            .andExpect(status().isOk());
                    read("/api/round");
                }))
                .isZero();
    }

    @Test
    void areRememberedInAGardenWithWaysOfItsOwn() throws Exception {
        send(
                        "/api/book/own",
                        Map.of(
                                "fromId",
                                "nettle-tea",
                                "title",
                                "Nettle liquid",
                                "school",
                                "Half full",
                                "amounts",
                                Map.of("plant", "0.5")))
                .andExpect(status().isOk());
        read("/api/plan");
        assertThat(made(() -> read("/api/plan"))).isZero();
    }

    @Test
    void areOthersOnAnotherDay() throws Exception {
        read("/api/plan");
        clock.advance(Duration.ofDays(1));
        assertThat(made(() -> read("/api/plan"))).isEqualTo(1);
    }

    @Test
    void sayTheSameAsWhatWouldBeWorkedOutAfresh() throws Exception {
        JsonNode first = read("/api/plan");
        assertThat(read("/api/plan")).isEqualTo(first);
    }

    /** Who asks while a plan is being worked out waits for that one. */
    @Test
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    void areWorkedOutOnceForAllWhoAskAtTheSameTime() throws Exception {
        clock.advance(Duration.ofDays(2));
        assertThat(made(() -> atOnce(6, () -> read("/api/plan").get("steps").size())))
                .isEqualTo(1);
    }

    private static void atOnce(int times, Callable<Integer> asked) throws Exception {
        ExecutorService many = Executors.newFixedThreadPool(times);
        try {
            List<Future<Integer>> answers = new ArrayList<>();
            for (int i = 0; i < times; i++) {
                answers.add(many.submit(asked));
            }
            for (Future<Integer> answer : answers) {
                assertThat(answer.get()).isPositive();
            }
        } finally {
            many.shutdownNow();
        }
    }

    /** What follows from a change can't undo it. */
    @Test
    void leaveAChangeAsItIsWhereTheyCannotBeWorkedOut() throws Exception {
        int before = read("/api/plan").get("goals").size();
        doThrow(new IllegalStateException("no plan today")).when(remembered).of(any());
        want("3 L");
        reset(remembered);
        assertThat(read("/api/plan").get("goals")).hasSize(before + 1);
    }

    /** Neither looking nor changing holds a transaction, or a place among those who write, while it plans. */
    @Test
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    void areWorkedOutInNoTransaction() throws Exception {
        List<Boolean> within = new ArrayList<>();
        doAnswer(call -> {
                    within.add(TransactionSynchronizationManager.isActualTransactionActive());
                    return call.callRealMethod();
                })
                .when(remembered)
                .of(any());
        UUID goal = want("2 L");
        read("/api/plan");
        read("/api/round");
        send("/api/plan/goals/" + goal + "/ease", Map.of("days", 3, "share", 1)).andExpect(status().isNoContent());
        remove("/api/plan/goals/" + goal).andExpect(status().isNoContent());

        assertThat(within).hasSizeGreaterThan(4).containsOnly(false);
    }
}
