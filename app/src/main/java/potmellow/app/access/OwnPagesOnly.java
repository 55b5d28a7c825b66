package potmellow.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.web.filter.OncePerRequestFilter;
import potmellow.app.home.Door;
import potmellow.app.home.HomeNetwork;

/**
 * Turns away requests whose Host or Origin isn't one of the garden's own at the door they came through, so that no foreign page can
 * reach the garden, not even through a name that it points here.
 */
final class OwnPagesOnly extends OncePerRequestFilter {
    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "localhost", "[::1]");

    private final HomeNetwork network;

    OwnPagesOnly(HomeNetwork network) {
        this.network = network;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean home = Door.of(request) == Door.HOME;
        Set<String> hosts = home ? network.state().hosts() : LOOPBACK;
        String origin = request.getHeader("Origin");
        if (hosts.contains(request.getServerName())
                && (origin == null || isOwn(origin, hosts, request.getScheme(), request.getServerPort()))) {
            chain.doFilter(request, response);
        } else {
            Denial.write(
                    response,
                    "foreign",
                    home
                            ? "Pot Mellow answers only its own pages, under its own name."
                            : "Pot Mellow answers only its own pages on this machine.");
        }
    }

    private static boolean isOwn(String origin, Set<String> hosts, String scheme, int port) {
        try {
            URI page = URI.create(origin);
            int from = page.getPort() >= 0 ? page.getPort() : "https".equals(page.getScheme()) ? 443 : 80;
            return page.getHost() != null
                    && hosts.contains(page.getHost())
                    && scheme.equals(page.getScheme())
                    && from == port;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
