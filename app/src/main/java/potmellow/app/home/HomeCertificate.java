package potmellow.app.home;

import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateParsingException;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.boot.ssl.pem.PemSslStore;
import org.springframework.boot.ssl.pem.PemSslStoreBundle;
import org.springframework.boot.ssl.pem.PemSslStoreDetails;

/**
 * The certificate that the garden shows in the home network.
 *
 * @param keys key and chain, as the server takes them
 * @param leaf what it shows
 */
record HomeCertificate(KeyStore keys, X509Certificate leaf) {
    static final String KEY_FILE = "home.key";
    static final String FILE = "home.crt";
    private static final Duration RENEWED_BEFORE = Duration.ofDays(30);

    /** A certificate from files. */
    static HomeCertificate of(Path certificate, Path key) {
        PemSslStoreDetails details = PemSslStoreDetails.forCertificate(
                        certificate.toUri().toString())
                .withPrivateKey(key.toUri().toString());
        return new HomeCertificate(
                new PemSslStoreBundle(details, null).getKeyStore(),
                PemSslStore.load(details).certificates().get(0));
    }

    /** The one in the folder, made anew where it ends soon or the names or addresses have changed. */
    static HomeCertificate current(
            Authority authority,
            KeyFolder folder,
            Collection<String> names,
            Collection<InetAddress> addresses,
            Instant now) {
        if (!Files.exists(folder.file(FILE)) || !kept(folder).serves(authority, names, addresses, now)) {
            authority.issue(folder, names, addresses, now);
        }
        return kept(folder);
    }

    private static HomeCertificate kept(KeyFolder folder) {
        return of(folder.file(FILE), folder.file(KEY_FILE));
    }

    private boolean serves(
            Authority authority, Collection<String> names, Collection<InetAddress> addresses, Instant now) {
        Set<String> wanted = Stream.concat(
                        names.stream().filter(Authority::vouchesFor),
                        addresses.stream().map(HomeAddresses::plain))
                .collect(Collectors.toSet());
        return authority.signed(leaf)
                && now.plus(RENEWED_BEFORE).isBefore(leaf.getNotAfter().toInstant())
                && now.isAfter(leaf.getNotBefore().toInstant())
                && new TreeSet<>(subjects()).equals(new TreeSet<>(wanted));
    }

    /** The names and addresses that it is for. */
    List<String> subjects() {
        try {
            Collection<List<?>> all = leaf.getSubjectAlternativeNames();
            return all == null
                    ? List.of()
                    : all.stream().map(one -> one.get(1).toString()).toList();
        } catch (CertificateParsingException e) {
            return List.of();
        }
    }
}
