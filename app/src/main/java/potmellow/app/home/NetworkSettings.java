package potmellow.app.home;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.lang.Nullable;

/**
 * How the garden answers on the home network.
 *
 * @param home whether it does so whatever the garden's settings say ({@code ./mellow start --home})
 * @param port where it answers over TLS
 * @param addresses where it answers instead of at the machine's own addresses in the home network; empty for those
 * @param names what else it may be called, such as behind a proxy
 * @param certificate a certificate of one's own, as PEM; empty for one of the garden's own authority
 * @param key its key, as PEM
 * @param announce whether its name is told in the network (mDNS, RFC 6762)
 */
@ConfigurationProperties("potmellow.network")
record NetworkSettings(
        boolean home,
        @DefaultValue("8443") int port,
        @DefaultValue({}) List<String> addresses,
        @DefaultValue({}) List<String> names,
        @Nullable Optional<Path> certificate,
        @Nullable Optional<Path> key,
        @DefaultValue("true") boolean announce) {
    NetworkSettings {
        certificate = certificate == null ? Optional.empty() : certificate;
        key = key == null ? Optional.empty() : key;
        if (certificate.isPresent() != key.isPresent()) {
            throw new IllegalArgumentException(
                    "A certificate of your own needs both potmellow.network.certificate and potmellow.network.key.");
        }
    }
}
