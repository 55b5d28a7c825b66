package potmellow.app.outside;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.pot.PotNames;
import potmellow.app.pot.VisitService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.Missing;
import potmellow.app.problem.Unadmitted;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.MeterReader;
import potmellow.core.meter.Reading;
import potmellow.core.naming.PlainName;

/** Takes readings in from outside, recognises those sent twice, and holds back what can't be believed. */
@Service
public class OutsideService {
    private static final int TOKEN_BYTES = 24;
    private static final int MOST_HELD = 200;
    private static final Duration AHEAD = Duration.ofMinutes(5);
    private static final SecureRandom DICE = new SecureRandom();

    private final OutsideRepository door;
    private final Knocking knocking;
    private final PotNames pots;
    private final VisitService visits;

    OutsideService(OutsideRepository door, Knocking knocking, PotNames pots, VisitService visits) {
        this.door = door;
        this.knocking = knocking;
        this.pots = pots;
        this.visits = visits;
    }

    /**
     * Makes a token; it is told once and only its hash is kept.
     *
     * @param expires when it ends by itself; empty for never
     * @return the token
     */
    @Transactional
    public String makeToken(Garden garden, PlainName name, Scope scope, Optional<Instant> expires, Instant at) {
        byte[] bytes = new byte[TOKEN_BYTES];
        DICE.nextBytes(bytes);
        String token = "mellow-" + Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        door.insertToken(
                garden.id(),
                new OutsideRepository.Token(UUID.randomUUID(), name.text(), scope, at, expires, false),
                hash(token));
        return token;
    }

    /** @throws Missing where there is no such token, or it is revoked already */
    @Transactional
    public void revoke(Garden garden, UUID id, Instant at) {
        if (!door.revoke(garden.id(), id, at)) {
            throw new Missing("token");
        }
    }

    /**
     * Looks at a token that is to open something.
     *
     * @throws Unadmitted where it opens nothing, or too many wrong ones came lately
     */
    @Transactional(readOnly = true)
    public void require(Garden garden, String token, Scope scope, Instant now) {
        if (!knocking.heard(token)) {
            throw Unadmitted.tooOften(Knocking.WITHIN);
        }
        boolean counts = door.tokenCounts(garden.id(), hash(token), scope, now);
        knocking.was(token, counts);
        if (!counts) {
            throw Unadmitted.with(
                    "no-token", "Show a token of this garden that is for this, and isn't revoked or over.");
        }
    }

    @Transactional(readOnly = true)
    List<OutsideRepository.Token> tokens(Garden garden) {
        return door.tokens(garden.id());
    }

    @Transactional(readOnly = true)
    List<OutsideRepository.Held> held(Garden garden) {
        return door.held(garden.id(), MOST_HELD);
    }

    /** What would become of some readings; nothing is stored. */
    @Transactional(readOnly = true)
    public List<Judged> look(Garden garden, List<RawReading> raw, Instant now) {
        PotNames.ByCode codes = pots.byCode(garden);
        return raw.stream().map(one -> judge(garden, codes, one, now)).toList();
    }

    /** Keeps good readings, and holds the others back. */
    @Transactional
    public List<Judged> receive(Garden garden, List<RawReading> raw, boolean imported, Instant now) {
        List<Judged> received = new ArrayList<>();
        List<Judged> judged = look(garden, raw, now);
        if (judged.stream().anyMatch(one -> one.kind() == Kind.HELD)
                && door.held(garden.id(), MOST_HELD).size() >= MOST_HELD) {
            throw new Conflict(
                    "too-many-held",
                    MOST_HELD
                            + " readings are held back already, and some of these would be too. Nothing was taken: look at"
                            + " those that wait first, under Readings.");
        }
        for (Judged one : judged) {
            if (one.kind() == Kind.GOOD) {
                boolean fresh = visits.receive(
                        garden, one.pot().orElseThrow(), one.reading().orElseThrow(), imported);
                received.add(fresh ? one : one.as(Kind.KNOWN, "It was sent before."));
            } else {
                door.hold(garden.id(), one.raw(), imported, one.why(), now);
                received.add(one);
            }
        }
        return received;
    }

    /**
     * Takes a reading that was held back after all.
     *
     * @throws Conflict where it can't be taken
     */
    @Transactional
    public void take(Garden garden, UUID id, Instant now) {
        OutsideRepository.Held held =
                door.heldOne(garden.id(), id).orElseThrow(() -> new Missing("reading that waits"));
        Judged judged = judge(garden, pots.byCode(garden), held.raw(), now);
        if (judged.pot().isEmpty() || judged.reading().isEmpty()) {
            throw new Conflict("impossible", "It can't be taken: " + judged.why());
        }
        visits.receive(garden, judged.pot().get(), judged.reading().get(), held.imported());
        door.settle(garden.id(), id, true, now);
    }

    /** @throws Missing where no such reading waits */
    @Transactional
    public void drop(Garden garden, UUID id, Instant now) {
        if (!door.settle(garden.id(), id, false, now)) {
            throw new Missing("reading that waits");
        }
    }

    private static Judged judge(Garden garden, PotNames.ByCode codes, RawReading raw, Instant now) {
        String code = raw.code().toUpperCase(Locale.ROOT);
        Optional<Meter> meter = Stream.of(Meter.values())
                .filter(one ->
                        one.name().equalsIgnoreCase(raw.meter()) || one.words().equalsIgnoreCase(raw.meter()))
                .findFirst();
        if (!codes.knows(code)) {
            return Judged.held(raw, "No vessel of the garden has the code " + raw.code() + ".");
        }
        if (meter.isEmpty()) {
            return Judged.held(
                    raw, "“" + raw.meter() + "” is no meter; known are thermometer, ph, ec, brix, oxygen, scale.");
        }
        Optional<Instant> at = moment(garden, raw.at(), now);
        if (at.isEmpty()) {
            return Judged.held(raw, "“" + raw.at() + "” is no moment; write it as 2026-05-20T08:10:00Z.");
        }
        if (at.get().isAfter(now.plus(AHEAD))) {
            return Judged.held(raw, "Its moment lies ahead. Is the clock of the sender right?");
        }
        return believed(garden, codes, raw, meter.get(), code, at.get());
    }

    private static Judged believed(
            Garden garden, PotNames.ByCode codes, RawReading raw, Meter meter, String code, Instant at) {
        double value;
        try {
            value = new MeterReader(UnitSystem.METRIC).read(meter, raw.value());
        } catch (InvalidInput wrong) {
            return Judged.held(raw, wrong.getMessage());
        }
        Reading reading = new Reading(meter, value, at);
        Optional<UUID> pot = codes.at(code, at);
        if (pot.isEmpty()) {
            return new Judged(raw, Kind.HELD, "Nothing stood in " + code + " then.", pot, Optional.of(reading));
        }
        if (!meter.sensible(value)) {
            String usual = meter.sensibleWords(garden.units());
            return new Judged(
                    raw, Kind.HELD, "That is odd for a pot: usual are " + usual + ".", pot, Optional.of(reading));
        }
        return new Judged(raw, Kind.GOOD, "", pot, Optional.of(reading));
    }

    private static Optional<Instant> moment(Garden garden, String text, Instant now) {
        if (text.isEmpty()) {
            return Optional.of(now);
        }
        try {
            return Optional.of(OffsetDateTime.parse(text).toInstant());
        } catch (DateTimeException notWithOffset) {
            try {
                return Optional.of(LocalDateTime.parse(text.replace(' ', 'T'))
                        .atZone(garden.zone())
                        .toInstant());
            } catch (DateTimeException noMoment) {
                return Optional.empty();
            }
        }
    }

    private static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }

    /** What becomes of a reading. */
    public enum Kind {
        GOOD,
        KNOWN,
        HELD
    }

    /**
     * What becomes of a reading.
     *
     * @param raw as it came in
     * @param kind what becomes of it
     * @param why why it is held back; empty for a good one
     * @param pot the pot it belongs to, where there is one
     * @param reading what it says, where that can be read
     */
    public record Judged(RawReading raw, Kind kind, String why, Optional<UUID> pot, Optional<Reading> reading) {
        static Judged held(RawReading raw, String why) {
            return new Judged(raw, Kind.HELD, why, Optional.empty(), Optional.empty());
        }

        Judged as(Kind other, String words) {
            return new Judged(raw, other, words, pot, reading);
        }
    }
}
