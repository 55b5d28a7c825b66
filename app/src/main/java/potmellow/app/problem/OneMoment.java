package potmellow.app.problem;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import potmellow.app.database.Health;

/**
 * While the database is known not to answer, nobody waits for it: the interface says at once why, and that nothing was begun. The
 * page itself, its styles and its scripts are served on.
 */
@Component
@Order
class OneMoment extends OncePerRequestFilter {
    private final Health health;
    private final ObjectMapper json;

    OneMoment(Health health, ObjectMapper json) {
        this.health = health;
        this.json = json;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<String> ailment = health.ailment();
        if (ailment.isEmpty()) {
            chain.doFilter(request, response);
            return;
        }
        ProblemDetail detail = ProblemAdvice.named(
                ProblemDetail.forStatusAndDetail(
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "One moment: " + ailment.get() + " Nothing was changed; what you typed is still here."),
                "no-database",
                "One moment");
        response.setStatus(detail.getStatus());
        response.setHeader(HttpHeaders.RETRY_AFTER, "1");
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        json.writeValue(response.getWriter(), detail);
    }
}
