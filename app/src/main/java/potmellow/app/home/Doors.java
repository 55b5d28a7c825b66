package potmellow.app.home;

import java.net.InetAddress;
import java.security.cert.X509Certificate;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.LifecycleState;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.startup.Tomcat;
import org.apache.coyote.AbstractProtocol;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.boot.web.context.WebServerInitializedEvent;
import org.springframework.boot.web.embedded.tomcat.TomcatWebServer;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The doors to the home network: at each address one over TLS, and one unprotected that only tells where to go. */
@Component
class Doors {
    private static final String TLS_VERSIONS = "TLSv1.3,TLSv1.2";

    private final NetworkSettings settings;
    private final Map<String, Connector> open = new LinkedHashMap<>();
    private Optional<TomcatWebServer> server = Optional.empty();
    private X509Certificate shown;

    Doors(NetworkSettings settings) {
        this.settings = settings;
    }

    @EventListener
    synchronized void ready(WebServerInitializedEvent started) {
        if (started.getWebServer() instanceof TomcatWebServer tomcat) {
            server = Optional.of(tomcat);
        }
    }

    /** Opens these and closes all others; those that stay open show the certificate from now on, where it is another. */
    synchronized void set(Set<InetAddress> addresses, Optional<HomeCertificate> certificate) {
        if (server.isEmpty()) {
            return;
        }
        Tomcat tomcat = server.get().getTomcat();
        int plainPort = server.get().getPort();
        Set<String> wanted = new HashSet<>();
        for (InetAddress address : addresses) {
            String tls = HomeAddresses.host(address) + ":" + settings.port();
            String plain = HomeAddresses.host(address) + ":" + plainPort;
            wanted.add(tls);
            wanted.add(plain);
            HomeCertificate keys = certificate.orElseThrow();
            if (open.containsKey(tls) && !keys.leaf().equals(shown)) {
                protocol(open.get(tls)).addSslHostConfig(shows(keys), true);
            }
            open.computeIfAbsent(tls, none -> opened(tomcat, protectedBy(keys, connector(address, settings.port()))));
            open.computeIfAbsent(plain, none -> opened(tomcat, connector(address, plainPort)));
        }
        open.entrySet().removeIf(door -> !wanted.contains(door.getKey()) && closed(tomcat, door.getValue()));
        shown = certificate.map(HomeCertificate::leaf).orElse(null);
    }

    private static Connector connector(InetAddress address, int port) {
        Connector connector = new Connector("HTTP/1.1");
        connector.setPort(port);
        connector.setXpoweredBy(false);
        connector.setProperty("compression", "on");
        ((AbstractProtocol<?>) connector.getProtocolHandler()).setAddress(address);
        return connector;
    }

    private static Connector protectedBy(HomeCertificate keys, Connector connector) {
        connector.setScheme("https");
        connector.setSecure(true);
        AbstractHttp11Protocol<?> protocol = protocol(connector);
        protocol.setSSLEnabled(true);
        protocol.addSslHostConfig(shows(keys));
        return connector;
    }

    private static SSLHostConfig shows(HomeCertificate keys) {
        SSLHostConfig config = new SSLHostConfig();
        config.setProtocols(TLS_VERSIONS);
        SSLHostConfigCertificate certificate =
                new SSLHostConfigCertificate(config, SSLHostConfigCertificate.Type.UNDEFINED);
        certificate.setCertificateKeystore(keys.keys());
        certificate.setCertificateKeystorePassword("");
        config.addCertificate(certificate);
        return config;
    }

    private static AbstractHttp11Protocol<?> protocol(Connector connector) {
        return (AbstractHttp11Protocol<?>) connector.getProtocolHandler();
    }

    /** @throws DoorShut where the port is taken */
    private static Connector opened(Tomcat tomcat, Connector connector) {
        tomcat.getService().addConnector(connector);
        if (connector.getState() != LifecycleState.STARTED) {
            closed(tomcat, connector);
            throw new DoorShut("Port " + connector.getPort() + " at " + connector.getProperty("address")
                    + " is taken by another program.");
        }
        return connector;
    }

    private static boolean closed(Tomcat tomcat, Connector connector) {
        tomcat.getService().removeConnector(connector);
        try {
            connector.destroy();
        } catch (LifecycleException e) {
            throw new IllegalStateException("A door to the home network could not be closed.", e);
        }
        return true;
    }

    /** A door that can't be opened, in words. */
    static final class DoorShut extends RuntimeException {
        private static final long serialVersionUID = 1L;

        DoorShut(String words) {
            super(words);
        }
    }
}
