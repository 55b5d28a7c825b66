package potmellow.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Turns away requests whose Host or Origin isn't this machine's loopback, so that no foreign page can reach the garden, not even
 * through a name that it points here.
 */
final class OwnPagesOnly extends OncePerRequestFilter {
    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "localhost", "[::1]");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String origin = request.getHeader("Origin");
        if (LOOPBACK.contains(request.getServerName()) && (origin == null || isOwn(origin, request.getServerPort()))) {
            chain.doFilter(request, response);
        } else {
            Denial.write(response, "foreign", "Pot Mellow answers only its own pages on this machine.");
        }
    }

    private static boolean isOwn(String origin, int port) {
        try {
            URI page = URI.create(origin);
            return page.getHost() != null && LOOPBACK.contains(page.getHost()) && page.getPort() == port;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
