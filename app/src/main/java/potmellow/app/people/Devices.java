package potmellow.app.people;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** The devices that were let in: each is a session of its person, and ends at once when that is revoked. */
@Component
class Devices {
    static final String NAME = "potmellow.device";
    static final String ID = "potmellow.device.id";
    static final Duration TRUSTED = Duration.ofDays(90);
    static final Duration BORROWED = Duration.ofHours(12);

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Devices(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /** The devices of a person, the last used on top. */
    List<Device> of(UUID person) {
        return sessions.findByPrincipalName(person.toString()).values().stream()
                .filter(session -> !session.isExpired() && session.getAttribute(ID) != null)
                .map(session -> new Device(
                        session.getAttribute(ID),
                        session.getAttribute(NAME),
                        session.getCreationTime(),
                        session.getLastAccessedTime()))
                .sorted((one, other) -> other.usedAt().compareTo(one.usedAt()))
                .toList();
    }

    /**
     * Puts a device of a person out.
     *
     * @return whether there was such a device
     */
    boolean revoke(UUID person, UUID device) {
        Optional<String> session = sessions.findByPrincipalName(person.toString()).values().stream()
                .filter(one -> device.equals(one.getAttribute(ID)))
                .map(Session::getId)
                .findFirst();
        session.ifPresent(sessions::deleteById);
        return session.isPresent();
    }

    /** Puts all devices of a person out. */
    void revokeAll(UUID person) {
        sessions.findByPrincipalName(person.toString()).keySet().forEach(sessions::deleteById);
    }

    /** What a browser says that it runs on; only a name to tell devices apart by, which can be changed. */
    static String named(String agent) {
        return List.of("iPhone", "iPad", "Android", "Windows", "Macintosh", "CrOS", "Linux").stream()
                .filter(agent::contains)
                .findFirst()
                .map(found -> found.equals("Android")
                        ? (agent.contains("Mobile") ? "Android phone" : "Android tablet")
                        : found)
                .orElse("a device");
    }

    /**
     * A device that was let in.
     *
     * @param name what it is called
     * @param since when it was let in
     * @param usedAt when it was used last
     */
    record Device(UUID id, String name, Instant since, Instant usedAt) {}
}
