package potmellow.app.pot;

import java.time.Instant;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import potmellow.app.visit.Check;
import potmellow.app.visit.MeterEntry;
import potmellow.core.book.Book;
import potmellow.core.place.Whereabouts;
import potmellow.core.pot.Happening;
import potmellow.core.pot.Level;
import potmellow.core.pot.Making;
import potmellow.core.pot.Pot;

/**
 * Everything on record about a pot.
 *
 * @param batch the pot
 * @param checks its visits, oldest first, corrected ones too
 * @param readings its readings, oldest first, struck ones too
 * @param drawn what was drawn from it while it stood
 * @param whole what is on record of the pot that it was split off; empty for one that is whole
 */
record PotFacts(
        Batch batch,
        List<Check> checks,
        List<MeterEntry> readings,
        List<Level.Drawing> drawn,
        Optional<PotFacts> whole) {
    /** Its visits, with those before it was split off another. */
    List<Check> allChecks() {
        return Stream.concat(
                        whole.stream()
                                .flatMap(before -> before.allChecks().stream())
                                .filter(check -> shared(check.at())),
                        checks.stream())
                .toList();
    }

    /** Its readings, likewise. */
    List<MeterEntry> allReadings() {
        return Stream.concat(
                        whole.stream()
                                .flatMap(before -> before.allReadings().stream())
                                .filter(entry -> shared(entry.reading().at())),
                        readings.stream())
                .toList();
    }

    private boolean shared(Instant moment) {
        return moment.isBefore(batch.split().orElseThrow().at());
    }

    /** What it is by everything that happened to it. */
    Pot pot(Book book, Surroundings where) {
        return pot(book, where, Instant.MAX, Set.of());
    }

    /**
     * @param before what happened from then on is left out
     * @param wrong visits that were corrected by others than its own
     */
    private Pot pot(Book book, Surroundings where, Instant before, Set<UUID> wrong) {
        Set<UUID> corrected = new HashSet<>(wrong);
        corrected.addAll(Check.corrected(checks));
        Pot set = set(book, where);
        Pot going = batch.split()
                .map(split -> set.continuing(
                        whole.orElseThrow().pot(book, where, split.at(), corrected), split.share(), split.at()))
                .orElse(set);
        return going.after(happenings(corrected)
                .filter(happening -> happening.at().isBefore(before))
                .sorted(Comparator.comparing(Happening::at))
                .toList());
    }

    private Pot set(Book book, Surroundings where) {
        return Pot.set(
                new Making(
                        book,
                        book.method(batch.methodId()).orElseThrow(),
                        batch.name(),
                        where.vessel(batch.vesselId()),
                        batch.setAt(),
                        batch.oldestAt()),
                batch.put(),
                batch.state(),
                batch.lid(),
                new Whereabouts(batch.stays().stream()
                        .map(stay -> new Whereabouts.Stay(
                                stay.from(), where.place(stay.placeId()).model()))
                        .toList()));
    }

    private Stream<Happening> happenings(Set<UUID> corrected) {
        Stream<Happening> visited = checks.stream()
                .filter(check -> !corrected.contains(check.id()))
                .map(check -> new Happening.Visited(check.visit()));
        Stream<Happening> measured = readings.stream()
                .filter(entry -> !entry.struck())
                .filter(entry -> entry.checkId().filter(corrected::contains).isEmpty())
                .map(entry -> new Happening.Measured(entry.reading()));
        Stream<Happening> drew = drawn.stream().map(Happening.Drew::new);
        Stream<Happening> split =
                batch.splitOff().stream().map(part -> new Happening.SplitOff(part.share(), part.at()));
        return Stream.of(visited, measured, drew, split).flatMap(some -> some);
    }
}
