package potmellow.app.bottle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
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
import potmellow.core.measure.Volume;
import potmellow.core.pot.Drawn;

@Transactional
class BottleRepositoryTest extends ApplicationTest {
    private static final Instant STRAINED = Instant.parse("2026-05-01T23:30:00.123456Z");

    @Autowired
    private BottleRepository bottles;

    @Autowired
    private GardenService gardens;

    @Autowired
    private JdbcClient database;

    private UUID garden;
    private UUID batch;

    @BeforeEach
    void findTheSampleWorld() {
        garden = gardens.current().id();
        batch = bottles.inStore(garden).get(0).batchId().orElseThrow();
    }

    private void pour(Bottle bottle, UUID feed, long seconds, double millilitres) {
        BottleEntry entry =
                new BottleEntry(bottle.id(), STRAINED.plusSeconds(seconds), BottleEntry.Kind.POURED, -millilitres, "");
        bottles.enter(garden, entry, Optional.of(feed), Optional.empty());
    }

    private Bottle bottle(String code, double millilitres) {
        return new Bottle(
                UUID.randomUUID(),
                code,
                "Dock juice",
                "plant-juice",
                Optional.of(batch),
                "fridge",
                Volume.ofMillilitres(millilitres),
                Volume.ofMillilitres(millilitres),
                STRAINED,
                LocalDate.of(2027, 5, 1),
                false,
                false,
                Optional.empty(),
                new Drawn(21.5, Optional.of(3.6), Optional.empty()));
    }

    @Test
    void comesBackAsItWasStored() {
        Bottle stored = bottle("P90", 412.5);
        bottles.insert(garden, stored);
        assertThat(bottles.find(garden, stored.id())).contains(stored);
    }

    @Test
    void reckonsTheLevelFromItsLedger() {
        Bottle stored = bottle("P90", 500);
        bottles.insert(garden, stored);
        UUID feed =
                database.sql("SELECT id FROM feed LIMIT 1").query(UUID.class).single();
        pour(stored, feed, 60, 12.25);
        pour(stored, feed, 120, 7.75);
        assertThat(bottles.find(garden, stored.id()).orElseThrow().level().millilitres())
                .isCloseTo(480, within(1e-9));
        assertThat(bottles.ledgers(garden, List.of(stored.id())).get(stored.id()))
                .extracting(BottleEntry::changeMillilitres)
                .containsExactly(500.0, -12.25, -7.75);
    }

    @Test
    void listsTheOneToUseFirstOnTop() {
        int before = bottles.inStore(garden).size();
        bottles.insert(garden, bottle("P90", 100));
        List<Bottle> all = bottles.inStore(garden);
        assertThat(all).extracting(Bottle::useBy).isSorted();
        assertThat(all).hasSize(before + 1);
    }

    @Test
    void showsNothingOfAnotherGarden() {
        UUID other = UUID.randomUUID();
        assertThat(bottles.inStore(other)).isEmpty();
        assertThat(bottles.find(other, bottles.inStore(garden).get(0).id())).isEmpty();
        assertThat(bottles.lock(other, bottles.inStore(garden).get(0).id())).isFalse();
    }

    @Test
    void refusesASecondBottleUnderOneCode() {
        bottles.insert(garden, bottle("P90", 100));
        assertThatThrownBy(() -> bottles.insert(garden, bottle("P90", 100)))
                .isInstanceOf(DataIntegrityViolationException.class);
    }
}
