package potmellow.app.home;

import jakarta.annotation.PreDestroy;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.security.cert.CertificateEncodingException;
import java.security.cert.X509Certificate;
import java.time.Instant;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import potmellow.app.Settings;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;

/**
 * Opens the garden to the home network where its owner wishes so, at the addresses that the machine has there, and closes it again.
 * Certificates count by the machine's own clock.
 */
@Service
public class HomeNetwork {
    private static final Logger LOG = LoggerFactory.getLogger(HomeNetwork.class);

    private final HomeRepository wishes;
    private final GardenService gardens;
    private final NetworkSettings settings;
    private final Settings all;
    private final Doors doors;
    private final KeyFolder folder;
    private final Announcer announcer = new Announcer();
    private volatile HomeState state = HomeState.CLOSED;

    HomeNetwork(HomeRepository wishes, GardenService gardens, NetworkSettings settings, Settings all, Doors doors) {
        this.wishes = wishes;
        this.gardens = gardens;
        this.settings = settings;
        this.all = all;
        this.doors = doors;
        this.folder = new KeyFolder(all.home().resolve("tls"));
    }

    /** How it answers now. */
    public HomeState state() {
        return state;
    }

    /** What a label or a calendar is given: where phones find it, or where it was asked while none does. */
    public String lastingAddress() {
        return state.address()
                .orElseGet(() -> ServletUriComponentsBuilder.fromCurrentContextPath()
                        .build()
                        .toUriString());
    }

    /** What the owner wishes. */
    HomeWish wish(Garden garden) {
        return wishes.wish(garden.id()).orElse(HomeWish.CLOSED);
    }

    /** Keeps what the owner wishes; {@link #settle()} brings it about. */
    void keep(Garden garden, HomeWish wish) {
        wishes.keep(garden.id(), wish);
    }

    /** Whether somebody could sign in. */
    boolean ownerSignsIn(Garden garden) {
        return wishes.ownerSignsIn(garden.id());
    }

    /** Whether the start asks for it, whatever the garden's settings say. */
    boolean byStart() {
        return settings.home();
    }

    @EventListener(ApplicationReadyEvent.class)
    void started() {
        settle();
    }

    /** Addresses come and go, certificates end, names are taken by others: every minute it is brought up to date. */
    @Scheduled(initialDelay = 1, fixedDelay = 1, timeUnit = TimeUnit.MINUTES)
    void again() {
        try {
            settle();
        } catch (DataAccessException | CannotCreateTransactionException noDatabase) {
            LOG.debug("The home network is looked after when the database answers again", noDatabase);
        }
    }

    /** Brings about what is wished, with the addresses that the machine has now. */
    public synchronized void settle() {
        Optional<Garden> garden = gardens.find();
        state = garden.map(this::brought).orElse(HomeState.CLOSED);
    }

    private HomeState brought(Garden garden) {
        HomeWish wish = wish(garden);
        boolean wished = (wish.opened() || settings.home()) && !all.demo();
        if (!wished || !ownerSignsIn(garden)) {
            return closed(wished ? Optional.of(HomeState.NO_PASSPHRASE) : Optional.empty());
        }
        Set<InetAddress> addresses = new LinkedHashSet<>(
                settings.addresses().isEmpty() ? HomeAddresses.now() : HomeAddresses.told(settings.addresses()));
        if (addresses.isEmpty()) {
            return closed(Optional.of(HomeState.NO_NETWORK));
        }
        try {
            return opened(garden, wish, addresses);
        } catch (Doors.DoorShut | UncheckedIOException | IllegalStateException shut) {
            LOG.warn("The home network could not be opened", shut);
            return closed(Optional.of(String.valueOf(shut.getMessage())));
        }
    }

    private HomeState opened(Garden garden, HomeWish wish, Set<InetAddress> addresses) {
        if (settings.announce()) {
            announcer.tell(wish.name(), settings.port(), addresses);
        }
        String host = announcer.host().orElse(wish.host());
        Set<String> names = new LinkedHashSet<>(List.of(host, wish.host()));
        ownName().ifPresent(names::add);
        names.addAll(settings.names());
        Instant now = Instant.now();
        Optional<X509Certificate> authority = Optional.empty();
        HomeCertificate certificate;
        if (settings.certificate().isPresent()) {
            certificate = HomeCertificate.of(
                    settings.certificate().get(), settings.key().orElseThrow());
            names.addAll(certificate.subjects());
        } else {
            Authority own = Authority.in(folder, garden.name(), now);
            authority = Optional.of(own.certificate());
            certificate = HomeCertificate.current(own, folder, names, addresses, now);
        }
        doors.set(addresses, Optional.of(certificate));
        Optional<String> trouble = host.equals(wish.host())
                ? Optional.empty()
                : Optional.of(wish.host() + " is another machine in this network already, so this one is called " + host
                        + ".");
        return HomeState.open(host, settings.port(), addresses, names, authority, trouble);
    }

    private HomeState closed(Optional<String> trouble) {
        announcer.close();
        doors.set(Set.of(), Optional.empty());
        return HomeState.closed(trouble);
    }

    /** The machine's own name; many networks know it. */
    private static Optional<String> ownName() {
        try {
            String name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            return Optional.of(name.contains(".") ? name : name + ".local");
        } catch (UnknownHostException nameless) {
            return Optional.empty();
        }
    }

    /** The certificate of the garden's authority, for phones to take (DER); empty where there is none. */
    Optional<byte[]> authority() {
        return state.authority().map(certificate -> {
            try {
                return certificate.getEncoded();
            } catch (CertificateEncodingException e) {
                throw new IllegalStateException("A certificate that was read can be written.", e);
            }
        });
    }

    @PreDestroy
    void silence() {
        announcer.close();
    }
}
