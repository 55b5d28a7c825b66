package potmellow.app.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.app.garden.GardenService;
import potmellow.app.visit.Check;
import potmellow.app.visit.VisitLog;
import potmellow.core.craft.Act;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Volume;
import potmellow.core.pot.Contents;
import potmellow.core.pot.Ingredient;
import potmellow.core.pot.State;
import potmellow.core.vessel.Lid;

@Transactional
class BatchRepositoryTest extends ApplicationTest {
    private static final Instant SET = Instant.parse("2026-03-29T00:59:59.999999Z");

    @Autowired
    private BatchRepository batches;

    @Autowired
    private VisitLog log;

    @Autowired
    private GardenService gardens;

    private UUID garden;

    @Autowired
    private JdbcClient database;

    private Batch stored;

    @BeforeEach
    void storeAPot() {
        garden = gardens.current().id();
        Batch known = batches.standing(garden).get(0);
        stored = new Batch(
                UUID.randomUUID(),
                "plant-juice-packed",
                "Dock & daughter's",
                freeVessel(),
                Lid.AIRLOCK,
                "under the old oaks",
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(new Batch.Stay(known.placeId(), SET)),
                new Contents(List.of(
                        new Ingredient("plant", "soft-leaves", Mass.ofGrams(640.5)),
                        new Ingredient("sugar", "brown-sugar", Mass.ofGrams(640)),
                        new Ingredient("cap", "molasses", Volume.ofMillilitres(45.25)))),
                SET,
                SET,
                new State(0, State.Kind.WORKING, 0, SET, ""));
        batches.insert(garden, stored);
    }

    private UUID freeVessel() {
        return database.sql("""
                        SELECT v.id FROM vessel v
                        WHERE v.id NOT IN (SELECT holds_vessel_id FROM batch WHERE holds_vessel_id IS NOT NULL)
                        ORDER BY v.code LIMIT 1""").query(UUID.class).single();
    }

    private Check check(UUID id, Instant at, Map<String, String> signs, Optional<UUID> corrects) {
        return new Check(
                id, stored.id(), at, Act.TOPPED_UP, Optional.of(0.4), "a note", signs, corrects, Optional.of("Pim"));
    }

    @Test
    void comesBackAsItWasStored() {
        assertThat(batches.find(garden, stored.id())).contains(stored);
    }

    @Test
    void putsNothingIntoAVesselThatHoldsSomethingUntilThatHasEnded() {
        Batch second = new Batch(
                UUID.randomUUID(),
                stored.methodId(),
                "Second",
                stored.vesselId(),
                stored.lid(),
                "",
                Optional.empty(),
                Optional.empty(),
                List.of(),
                stored.stays(),
                stored.put(),
                SET,
                SET,
                stored.state());
        assertThat(batches.insert(garden, second)).isFalse();
        assertThat(batches.find(garden, second.id())).isEmpty();
        batches.append(
                garden, stored.id(), stored.state().next(State.Kind.THROWN_AWAY, 0, SET.plusSeconds(60), "spilt"));
        assertThat(batches.insert(garden, second)).isTrue();
    }

    @Test
    void isInTheStateThatWasAppendedLast() {
        State wrung = stored.state().next(State.Kind.WORKING, 1, SET.plusSeconds(60), "");
        State emptied = wrung.next(State.Kind.EMPTIED, 1, SET.plusSeconds(120), "strained");
        batches.append(garden, stored.id(), wrung);
        batches.append(garden, stored.id(), emptied);
        assertThat(batches.find(garden, stored.id()).orElseThrow().state()).isEqualTo(emptied);
        assertThat(batches.standing(garden)).extracting(Batch::id).doesNotContain(stored.id());
    }

    @Test
    void countsFromTheMomentItWasFilledWhenItsWaterStoodFirst() {
        Batch waiting = new Batch(
                UUID.randomUUID(),
                stored.methodId(),
                "Waiting",
                freeVessel(),
                stored.lid(),
                "",
                Optional.empty(),
                Optional.empty(),
                List.of(),
                stored.stays(),
                stored.put(),
                SET.plus(Duration.ofDays(1)),
                SET.plus(Duration.ofDays(1)),
                new State(0, State.Kind.WATER_STANDING, 0, SET, ""));
        batches.insert(garden, waiting);
        assertThat(batches.find(garden, waiting.id())).contains(waiting);
        Instant filled = SET.plus(Duration.ofHours(20));
        batches.append(garden, waiting.id(), waiting.state().next(State.Kind.WORKING, 0, filled, ""));
        assertThat(batches.find(garden, waiting.id()).orElseThrow().setAt()).isEqualTo(filled);
    }

    @Test
    void refusesTwoStatesInOnePlaceOfTheSequence() {
        assertThatThrownBy(() -> batches.append(garden, stored.id(), stored.state()))
                .isInstanceOf(DataIntegrityViolationException.class);
    }

    @Test
    void showsNothingOfAnotherGarden() {
        assertThat(batches.find(UUID.randomUUID(), stored.id())).isEmpty();
        assertThat(batches.standing(UUID.randomUUID())).isEmpty();
        assertThat(log.checks(UUID.randomUUID(), List.of(stored.id()))).isEmpty();
    }

    @Test
    void keepsChecksWithTheirSignsOldestFirst() {
        Check late = check(UUID.randomUUID(), SET.plus(Duration.ofDays(2)), Map.of(), Optional.empty());
        Check early = check(
                UUID.randomUUID(),
                SET.plus(Duration.ofDays(1)),
                Map.of("smell", "yeasty", "lid", "level"),
                Optional.empty());
        log.keep(garden, late);
        log.keep(garden, early);
        assertThat(log.checks(garden, List.of(stored.id()))).containsExactly(early, late);
        assertThat(log.checks(garden, List.of())).isEmpty();
    }

    @Test
    void putsACorrectionAfterTheEntryItStandsInFor() {
        Check wrong = check(UUID.randomUUID(), SET, Map.of("smell", "rotten"), Optional.empty());
        Check right = check(UUID.randomUUID(), SET, Map.of("smell", "yeasty"), Optional.of(wrong.id()));
        log.keep(garden, wrong);
        log.keep(garden, right);
        List<Check> all = log.checks(garden, List.of(stored.id()));
        assertThat(all).containsExactly(wrong, right);
        assertThat(Check.valid(all)).containsExactly(right);
    }

    @Test
    void letsAnEntryBeCorrectedOnceOnly() {
        Check wrong = check(UUID.randomUUID(), SET, Map.of(), Optional.empty());
        log.keep(garden, wrong);
        log.keep(garden, check(UUID.randomUUID(), SET, Map.of(), Optional.of(wrong.id())));
        assertThatThrownBy(() -> log.keep(garden, check(UUID.randomUUID(), SET, Map.of(), Optional.of(wrong.id()))))
                .isInstanceOf(DataIntegrityViolationException.class);
    }
}
