package potmellow.app.home;

import java.net.InetAddress;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.cert.X509Certificate;
import java.util.HexFormat;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * How the garden answers on the home network now.
 *
 * @param address where, as a phone types it; empty where it doesn't
 * @param others where else
 * @param hosts all names and addresses that it answers to
 * @param authority who vouches for it; empty for a certificate of one's own
 * @param trouble what is in the way, or otherwise than wished, in a sentence
 */
public record HomeState(
        Optional<String> address,
        List<String> others,
        Set<String> hosts,
        Optional<X509Certificate> authority,
        Optional<String> trouble) {
    static final String NO_PASSPHRASE =
            "Nobody could sign in yet: set the owner's passphrase first, then the home network opens.";
    static final String NO_NETWORK =
            "This machine has no address in a home network just now. It opens by itself when there is one.";
    static final HomeState CLOSED = closed(Optional.empty());

    static HomeState closed(Optional<String> trouble) {
        return new HomeState(Optional.empty(), List.of(), Set.of(), Optional.empty(), trouble);
    }

    static HomeState open(
            String host,
            int port,
            Set<InetAddress> addresses,
            Set<String> names,
            Optional<X509Certificate> authority,
            Optional<String> trouble) {
        List<String> numbers = addresses.stream().map(HomeAddresses::host).toList();
        Set<String> hosts = new LinkedHashSet<>(names);
        hosts.addAll(numbers);
        return new HomeState(
                Optional.of("https://" + host + ":" + port),
                numbers.stream().map(number -> "https://" + number + ":" + port).toList(),
                hosts,
                authority,
                trouble);
    }

    /** Whether it answers there. */
    public boolean open() {
        return address.isPresent();
    }

    /** What the authority's certificate can be known by: its SHA-256, in groups of two digits. */
    Optional<String> fingerprint() {
        return authority.map(certificate -> {
            try {
                byte[] digest = MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded());
                return HexFormat.ofDelimiter(":").formatHex(digest).toUpperCase(Locale.ROOT);
            } catch (GeneralSecurityException e) {
                throw new IllegalStateException("Every Java has SHA-256.", e);
            }
        });
    }
}
