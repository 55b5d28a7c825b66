package potmellow.app.once;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.aop.Advisor;
import org.springframework.aop.framework.Advised;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import potmellow.app.ApplicationTest;

/** The one way of every write. A new vessel without a code shows it best: each that counts gets a code of its own. */
class OneActTest extends ApplicationTest {
    private static final Map<String, Object> DRUM = Map.of("kind", "DRUM", "capacity", "120 L");
    private static final String VESSELS = "/api/vessels";

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping handlers;

    @Autowired
    private Advisor oneWay;

    @Autowired
    private JdbcClient database;

    private static String body(ResultActions sent) throws Exception {
        return sent.andExpect(status().isOk()).andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    void isTheWayOfEveryHandlerThatIsNotMarkedAsNoAct() {
        List<String> beside = new ArrayList<>();
        handlers.getHandlerMethods().forEach((mapping, handler) -> {
            boolean act = writes(mapping) && handler.getMethodAnnotation(NoAct.class) == null;
            if (act && !onTheWay(handler)) {
                beside.add(mapping.toString());
            }
        });
        assertThat(beside).isEmpty();
    }

    private static boolean writes(RequestMappingInfo mapping) {
        Set<RequestMethod> methods = mapping.getMethodsCondition().getMethods();
        return methods.contains(RequestMethod.POST)
                || methods.contains(RequestMethod.PUT)
                || methods.contains(RequestMethod.DELETE);
    }

    private boolean onTheWay(HandlerMethod handler) {
        Object bean = handler.createWithResolvedBean().getBean();
        return bean instanceof Advised advised && List.of(advised.getAdvisors()).contains(oneWay);
    }

    @Test
    @Transactional
    void givesTheSameAnswerAgainThoughTheGardenHasChangedSince() throws Exception {
        UUID key = UUID.randomUUID();
        String first = body(send(VESSELS, key, DRUM));
        body(send(VESSELS, DRUM));
        assertThat(body(send(VESSELS, key, DRUM))).isEqualTo(first);
    }

    @Test
    @Transactional
    void refusesSomethingElseUnderTheSameKey() throws Exception {
        UUID key = UUID.randomUUID();
        body(send(VESSELS, key, DRUM));
        send(VESSELS, key, Map.of("kind", "JAR", "capacity", "1 L"))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("something-else"));
        send("/api/places", key, DRUM).andExpect(status().is4xxClientError());
    }

    @Test
    @Transactional
    void givesAnAnswerWithoutWordsAgainToo() throws Exception {
        String vessel = VESSELS + "/" + idOf(VESSELS, "code", "J9") + "/retirement";
        UUID key = UUID.randomUUID();
        for (int time = 0; time < 3; time++) {
            send(vessel, key, Map.of()).andExpect(status().isNoContent());
        }
        send(vessel, Map.of()).andExpect(status().isConflict());
    }

    /** They come at the same moment; one is done, and the others wait for its answer. */
    @Test
    void countsOnceWhereTheSameComesManyTimesAtOnce() throws Exception {
        UUID key = UUID.randomUUID();
        int before = read(VESSELS).size();
        Set<String> answers = new HashSet<>(atOnce(12, () -> body(send(VESSELS, key, DRUM))));
        assertThat(answers).hasSize(1);
        assertThat(read(VESSELS).size()).isEqualTo(before + 1);
        clearAway(answers);
    }

    /** More than there are connections: those that write wait in front of the pool, and whoever reads is answered. */
    @Test
    void answersEverybodyHoweverManyWriteAtOnce() throws Exception {
        List<Callable<String>> both = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            both.add(() -> body(send(VESSELS, DRUM)));
            both.add(() -> read("/api/bottles").toString());
        }
        List<String> answers = all(both);
        assertThat(answers).hasSize(40).doesNotContainNull();
        clearAway(answers.stream().filter(answer -> answer.startsWith("{")).toList());
    }

    /** The sample world is others' too. */
    private void clearAway(Iterable<String> vessels) throws Exception {
        for (String vessel : vessels) {
            database.sql("DELETE FROM vessel WHERE id = :id")
                    .param("id", json.readTree(vessel).get("id").asText())
                    .update();
        }
    }

    private static <T> List<T> atOnce(int times, Callable<T> call) throws Exception {
        List<Callable<T>> calls = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            calls.add(call);
        }
        return all(calls);
    }

    private static <T> List<T> all(List<Callable<T>> calls) throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(calls.size());
        try {
            List<T> answers = new ArrayList<>();
            for (Future<T> answer : threads.invokeAll(calls)) {
                answers.add(answer.get());
            }
            return answers;
        } finally {
            threads.shutdown();
        }
    }
}
