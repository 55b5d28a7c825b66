package potmellow.app.home;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.cert.CertPathValidator;
import java.security.cert.CertPathValidatorException;
import java.security.cert.CertificateFactory;
import java.security.cert.PKIXParameters;
import java.security.cert.TrustAnchor;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Certificates are judged by Java's own validator (RFC 5280, section 6), not by what we mean them to say. */
class AuthorityTest {
    private static final Instant NOW = Instant.parse("2026-05-20T08:00:00Z");

    @TempDir
    Path home;

    private KeyFolder folder() {
        return new KeyFolder(home.resolve("tls"));
    }

    private static InetAddress address(String text) throws Exception {
        return InetAddress.getByName(text);
    }

    private HomeCertificate current(Instant now, String... addresses) throws Exception {
        List<InetAddress> all = List.of(addresses).stream()
                .map(text -> {
                    try {
                        return address(text);
                    } catch (Exception e) {
                        throw new IllegalArgumentException(e);
                    }
                })
                .toList();
        Authority authority = Authority.in(folder(), "Wattle Corner", now);
        return HomeCertificate.current(authority, folder(), List.of("mellow.local", "shed.example"), all, now);
    }

    private void validate(X509Certificate leaf, Instant at) throws Exception {
        Authority authority = Authority.in(folder(), "Wattle Corner", NOW);
        X509Certificate root = authority.certificate();
        // An anchor's own constraints are left out by Java, those of a certificate on the path count: so it is both.
        TrustAnchor anchor = new TrustAnchor(root.getSubjectX500Principal(), root.getPublicKey(), null);
        PKIXParameters trust = new PKIXParameters(Set.of(anchor));
        trust.setRevocationEnabled(false);
        trust.setDate(Date.from(at));
        CertPathValidator.getInstance("PKIX")
                .validate(CertificateFactory.getInstance("X.509").generateCertPath(List.of(leaf, root)), trust);
    }

    @Test
    void vouchesForTheNamesAndAddressesOfAHome() throws Exception {
        HomeCertificate certificate = current(NOW, "192.168.1.20", "10.0.0.7", "fd12:3456::20");
        validate(certificate.leaf(), NOW);
        assertThat(certificate.subjects())
                .containsExactlyInAnyOrder("mellow.local", "192.168.1.20", "10.0.0.7", "fd12:3456:0:0:0:0:0:20");
    }

    @ParameterizedTest
    @ValueSource(strings = {"8.8.8.8", "172.32.0.1", "2001:db8::1"})
    void canVouchForNothingOutsideAHomeEvenWhereItSignsIt(String outside) throws Exception {
        HomeCertificate certificate = current(NOW, "192.168.1.20", outside);
        assertThatThrownBy(() -> validate(certificate.leaf(), NOW)).isInstanceOf(CertPathValidatorException.class);
    }

    @Test
    void isMadeOnceAndKept() throws Exception {
        X509Certificate first = Authority.in(folder(), "Wattle Corner", NOW).certificate();
        X509Certificate again = Authority.in(folder(), "Another name", NOW.plus(Duration.ofDays(400)))
                .certificate();
        assertThat(again).isEqualTo(first);
    }

    @Test
    void renewsACertificateAMonthBeforeItEndsAndNotBefore() throws Exception {
        HomeCertificate first = current(NOW, "192.168.1.20");
        assertThat(current(NOW.plus(Duration.ofDays(59)), "192.168.1.20").leaf())
                .isEqualTo(first.leaf());
        Instant late = NOW.plus(Duration.ofDays(61));
        HomeCertificate next = current(late, "192.168.1.20");
        assertThat(next.leaf()).isNotEqualTo(first.leaf());
        validate(next.leaf(), late.plus(Duration.ofDays(80)));
    }

    @Test
    void makesAnotherWhereTheMachineHasAnotherAddress() throws Exception {
        HomeCertificate first = current(NOW, "192.168.1.20");
        assertThat(current(NOW, "192.168.1.21").subjects())
                .contains("192.168.1.21")
                .doesNotContain("192.168.1.20");
        assertThat(first.subjects()).contains("192.168.1.20");
    }

    @Test
    void makesAnotherWhereTheAuthorityIsANewOne() throws Exception {
        HomeCertificate first = current(NOW, "192.168.1.20");
        Files.delete(folder().file("authority.key"));
        Files.delete(folder().file("authority.crt"));
        HomeCertificate next = current(NOW, "192.168.1.20");
        assertThat(next.leaf()).isNotEqualTo(first.leaf());
        validate(next.leaf(), NOW);
    }

    @Test
    void letsNobodyElseReadItsKeys() throws Exception {
        current(NOW, "192.168.1.20");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(home.resolve("tls"))))
                .isEqualTo("rwx------");
        try (var files = Files.list(home.resolve("tls"))) {
            assertThat(files)
                    .hasSize(4)
                    .allSatisfy(file -> assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                            .isEqualTo("rw-------"));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"192.168.7.1", "10.9.9.9", "172.16.0.1", "fd00::2"})
    void answersAtAddressesOfAHome(String inside) throws Exception {
        assertThat(HomeAddresses.atHome(address(inside))).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"8.8.8.8", "172.32.0.1", "2001:db8::1", "169.254.1.1", "fe80::1", "100.64.0.1"})
    void answersAtNoOther(String outside) throws Exception {
        assertThat(HomeAddresses.atHome(address(outside))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Mellow", "mel low", "", "-mellow", "mellow-", "mellow.local", "7up", "möhre"})
    void takesNoNameThatANetworkCannotFind(String name) {
        assertThatThrownBy(() -> new HomeWish(true, name)).hasMessageContaining("The name in the network");
    }
}
