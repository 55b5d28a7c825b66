package potmellow.app.home;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Set;

/** Through which door a request came in. */
public enum Door {
    /** At the machine itself, over its loopback: nobody signs in. */
    MACHINE,
    /** From the home network, over TLS: only who was let in. */
    HOME,
    /** From the home network, unprotected: it is only told where to go. */
    PLAIN;

    /** Where the machine's own door listens. */
    private static final Set<String> OWN_SOCKET = Set.of("127.0.0.1", "0:0:0:0:0:0:0:1", "::1");

    /** The door of a request, by the socket that it arrived at; nothing that it says of itself counts. */
    public static Door of(HttpServletRequest request) {
        if (request.isSecure()) {
            return HOME;
        }
        return OWN_SOCKET.contains(request.getLocalAddr()) && loopback(request.getRemoteAddr()) ? MACHINE : PLAIN;
    }

    /** Addresses of sockets are written in numbers, so no name is looked up. */
    private static boolean loopback(String address) {
        try {
            return InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
