package potmellow.app.home;

import java.math.BigInteger;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.PrivateKey;
import java.security.PublicKey;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Date;
import java.util.List;
import java.util.stream.Stream;
import org.bouncycastle.asn1.ASN1Encodable;
import org.bouncycastle.asn1.ASN1ObjectIdentifier;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x500.X500NameBuilder;
import org.bouncycastle.asn1.x500.style.BCStyle;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.CertIOException;
import org.bouncycastle.cert.X509v3CertificateBuilder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;
import org.springframework.boot.ssl.pem.PemSslStore;
import org.springframework.boot.ssl.pem.PemSslStoreDetails;

/**
 * The garden's own small certificate authority (RFC 5280). It can vouch for names and addresses of a home network alone, so that a
 * phone that trusts it trusts it for nothing else.
 */
final class Authority {
    private static final String KEY_FILE = "authority.key";
    private static final String CERTIFICATE_FILE = "authority.crt";
    private static final Duration LASTS = Duration.ofDays(3650);
    /** Phones refuse certificates that last longer than 825 days (from memory); short ones need no revoking. */
    static final Duration LEAF_LASTS = Duration.ofDays(90);

    private static final Duration CLOCKS_ERR = Duration.ofDays(1);
    private static final String CURVE = "secp256r1";
    private static final String SIGNATURE = "SHA256withECDSA";
    private static final int SERIAL_BITS = 127;
    private static final SecureRandom DICE = new SecureRandom();
    /** Names that lead nowhere outside a home: RFC 6762, RFC 8375; "lan" and "internal" are common practice. */
    private static final List<String> HOME_NAMES = List.of("local", "home.arpa", "lan", "internal");

    private static final List<String> HOME_NETWORKS = List.of(
            "10.0.0.0/8", "172.16.0.0/12", "192.168.0.0/16", "127.0.0.0/8", "fc00:0:0:0:0:0:0:0/fe00:0:0:0:0:0:0:0");

    private final PrivateKey key;
    private final X509Certificate certificate;

    private Authority(PrivateKey key, X509Certificate certificate) {
        this.key = key;
        this.certificate = certificate;
    }

    /** The authority whose keys lie in a folder; made there where there is none. */
    static Authority in(KeyFolder folder, String gardenName, Instant now) {
        Path file = folder.file(CERTIFICATE_FILE);
        if (Files.exists(file) && Files.exists(folder.file(KEY_FILE))) {
            PemSslStore kept = PemSslStore.load(
                    PemSslStoreDetails.forCertificate(file.toUri().toString())
                            .withPrivateKey(folder.file(KEY_FILE).toUri().toString()));
            return new Authority(kept.privateKey(), kept.certificates().get(0));
        }
        KeyPair pair = pair();
        X500Name name = new X500NameBuilder()
                .addRDN(BCStyle.CN, "Pot Mellow, " + gardenName)
                .build();
        X509Certificate made = signed(
                builder(name, name, pair.getPublic(), now, LASTS),
                pair.getPrivate(),
                new Part(Extension.basicConstraints, true, new BasicConstraints(0)),
                new Part(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign)),
                new Part(Extension.nameConstraints, true, new NameConstraints(permitted(), null)),
                new Part(
                        Extension.subjectKeyIdentifier,
                        false,
                        identifiers().createSubjectKeyIdentifier(pair.getPublic())));
        folder.write(KEY_FILE, pair.getPrivate());
        folder.write(CERTIFICATE_FILE, made);
        return new Authority(pair.getPrivate(), made);
    }

    /** Whether it may vouch for a name. */
    static boolean vouchesFor(String name) {
        return HOME_NAMES.stream().anyMatch(end -> name.endsWith("." + end));
    }

    X509Certificate certificate() {
        return certificate;
    }

    /** Whether a certificate is one of its own. */
    boolean signed(X509Certificate leaf) {
        try {
            leaf.verify(certificate.getPublicKey());
            return true;
        } catch (GeneralSecurityException e) {
            return false;
        }
    }

    /** Makes a key and a certificate for names and addresses of the home network, and writes both into the folder. */
    void issue(KeyFolder folder, Collection<String> names, Collection<InetAddress> addresses, Instant now) {
        KeyPair pair = pair();
        GeneralName[] all = Stream.concat(
                        names.stream()
                                .filter(Authority::vouchesFor)
                                .map(name -> new GeneralName(GeneralName.dNSName, name)),
                        addresses.stream()
                                .map(address -> new GeneralName(GeneralName.iPAddress, HomeAddresses.plain(address))))
                .toArray(GeneralName[]::new);
        X500Name holder = new X500NameBuilder()
                .addRDN(BCStyle.CN, names.stream().findFirst().orElse("Pot Mellow"))
                .build();
        X509Certificate leaf = signed(
                builder(issuer(), holder, pair.getPublic(), now, LEAF_LASTS),
                key,
                new Part(Extension.basicConstraints, true, new BasicConstraints(false)),
                new Part(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature)),
                new Part(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth)),
                new Part(Extension.subjectAlternativeName, false, new GeneralNames(all)),
                new Part(
                        Extension.authorityKeyIdentifier,
                        false,
                        identifiers().createAuthorityKeyIdentifier(certificate.getPublicKey())));
        folder.write(HomeCertificate.KEY_FILE, pair.getPrivate());
        folder.write(HomeCertificate.FILE, leaf, certificate);
    }

    private X500Name issuer() {
        return X500Name.getInstance(certificate.getSubjectX500Principal().getEncoded());
    }

    private static GeneralSubtree[] permitted() {
        return Stream.concat(
                        HOME_NAMES.stream().map(name -> new GeneralName(GeneralName.dNSName, name)),
                        HOME_NETWORKS.stream().map(network -> new GeneralName(GeneralName.iPAddress, network)))
                .map(GeneralSubtree::new)
                .toArray(GeneralSubtree[]::new);
    }

    private static X509v3CertificateBuilder builder(
            X500Name issuer, X500Name holder, PublicKey key, Instant now, Duration lasts) {
        return new JcaX509v3CertificateBuilder(
                issuer,
                new BigInteger(SERIAL_BITS, DICE).add(BigInteger.ONE),
                Date.from(now.minus(CLOCKS_ERR)),
                Date.from(now.plus(lasts)),
                holder,
                key);
    }

    private static X509Certificate signed(X509v3CertificateBuilder builder, PrivateKey key, Part... parts) {
        try {
            for (Part part : parts) {
                builder.addExtension(part.kind(), part.critical(), part.value());
            }
            return new JcaX509CertificateConverter()
                    .getCertificate(builder.build(new JcaContentSignerBuilder(SIGNATURE).build(key)));
        } catch (CertIOException | OperatorCreationException | GeneralSecurityException e) {
            throw new IllegalStateException("Every Java signs with " + SIGNATURE + ".", e);
        }
    }

    private static KeyPair pair() {
        try {
            KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
            generator.initialize(new ECGenParameterSpec(CURVE), DICE);
            return generator.generateKeyPair();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("Every Java knows " + CURVE + ".", e);
        }
    }

    private static JcaX509ExtensionUtils identifiers() {
        try {
            return new JcaX509ExtensionUtils();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("Every Java has SHA-1 for names of keys.", e);
        }
    }

    private record Part(ASN1ObjectIdentifier kind, boolean critical, ASN1Encodable value) {}
}
