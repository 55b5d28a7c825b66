package potmellow.app.snapshot;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Opens a snapshot for a request that only asks, and closes it with the answer. */
@Component
class EachQuestion extends OncePerRequestFilter {
    private final Snapshot snapshot;

    EachQuestion(Snapshot snapshot) {
        this.snapshot = snapshot;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !HttpMethod.GET.matches(request.getMethod());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain rest)
            throws ServletException, IOException {
        snapshot.open();
        try {
            rest.doFilter(request, response);
        } finally {
            snapshot.close();
        }
    }
}
