package potmellow.app.potpage;

import java.time.Instant;
import java.util.UUID;
import potmellow.app.pot.Batch;
import potmellow.app.pot.Surroundings;
import potmellow.core.book.Book;
import potmellow.core.pot.State;
import potmellow.core.vessel.VesselKind;

/**
 * A pot that ended, as the time axis shows it.
 *
 * @param code the code of its vessel
 * @param title the brew
 * @param school the way it was made
 * @param place where it stood last
 * @param spoilt whether it was thrown away
 * @param ended how it ended, in words
 */
record PastPot(
        UUID id,
        String name,
        String code,
        VesselKind vesselKind,
        String title,
        String school,
        UUID placeId,
        String place,
        Instant setAt,
        Instant endedAt,
        boolean spoilt,
        String ended) {
    static PastPot of(Batch batch, Surroundings where, Book book) {
        var method = book.method(batch.methodId()).orElseThrow();
        var place = where.place(batch.placeId());
        var vessel = where.vessel(batch.vesselId());
        return new PastPot(
                batch.id(),
                batch.name(),
                vessel.code(),
                vessel.kind(),
                method.title(),
                method.school().name(),
                place.id(),
                place.name(),
                batch.setAt(),
                batch.state().since(),
                batch.state().kind() == State.Kind.THROWN_AWAY,
                batch.state().reason());
    }
}
