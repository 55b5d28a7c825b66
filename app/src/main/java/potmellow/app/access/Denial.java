package potmellow.app.access;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** A refusal before any controller is reached, as a problem detail. */
final class Denial {
    private Denial() {}

    /** The words come from this package alone and hold nothing that JSON must escape. */
    static void write(HttpServletResponse response, String code, String words) throws IOException {
        write(response, HttpServletResponse.SC_FORBIDDEN, code, words);
    }

    static void write(HttpServletResponse response, int status, String code, String words) throws IOException {
        response.setStatus(status);
        response.setHeader("Content-Security-Policy", "default-src 'none'");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Cache-Control", "no-store");
        response.setContentType("application/problem+json");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter()
                .write("{\"type\":\"urn:potmellow:problem:" + code
                        + "\",\"title\":\"Not allowed\",\"status\":" + status + ",\"code\":\"" + code
                        + "\",\"detail\":\"" + words
                        + "\"}");
    }
}
