package potmellow.app.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.web.access.AccessDeniedHandler;

/** Says what to do when a write comes without the page's token. */
final class PlainDenial implements AccessDeniedHandler {
    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException denied)
            throws IOException {
        Denial.write(
                response, "stale-page", "This page is too old to change anything. Load it again, then repeat this.");
    }
}
