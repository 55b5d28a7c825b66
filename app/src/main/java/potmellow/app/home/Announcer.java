package potmellow.app.home;

import java.io.IOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.jmdns.JmDNS;
import javax.jmdns.ServiceInfo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Tells the garden's name in the home network (mDNS, RFC 6762). Where another machine there is called so already, it gets a number
 * behind it.
 */
final class Announcer implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Announcer.class);

    private final Map<InetAddress, JmDNS> told = new LinkedHashMap<>();
    private String name = "";

    /** Tells the name at these addresses and no longer at others; takes some seconds where something is new. */
    synchronized void tell(String wanted, int port, Set<InetAddress> addresses) {
        if (!wanted.equals(name)) {
            close();
            name = wanted;
        }
        List<InetAddress> gone =
                told.keySet().stream().filter(one -> !addresses.contains(one)).toList();
        gone.forEach(address -> silence(told.remove(address)));
        for (InetAddress address : addresses) {
            // Version 4 is enough to be found, and some resolvers ask for nothing else.
            if (address instanceof Inet4Address && !told.containsKey(address)) {
                told(address, port);
            }
        }
    }

    private void told(InetAddress address, int port) {
        try {
            JmDNS voice = JmDNS.create(address, name);
            voice.registerService(ServiceInfo.create("_https._tcp.local.", "Pot Mellow " + name, port, "path=/"));
            told.put(address, voice);
        } catch (IOException e) {
            LOG.warn("The name {} could not be told at {}", name, address, e);
        }
    }

    /** What it is called in the network now, as far as that is known. */
    synchronized Optional<String> host() {
        return told.values().stream()
                .map(voice -> voice.getHostName().replaceFirst("\\.$", ""))
                .findFirst();
    }

    private static void silence(JmDNS voice) {
        try {
            voice.close();
        } catch (IOException e) {
            LOG.warn("The name in the network could not be taken back", e);
        }
    }

    @Override
    public synchronized void close() {
        told.values().forEach(Announcer::silence);
        told.clear();
    }
}
