package potmellow.app.access;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** A refusal before any controller is reached, as a problem detail. */
final class Denial {
    private Denial() {}

    /** The words come from this package alone and hold nothing that JSON must escape. */
    static void write(HttpServletResponse response, String code, String words) throws IOException {
        response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        response.setContentType("application/problem+json");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter()
                .write("{\"type\":\"urn:potmellow:problem:" + code
                        + "\",\"title\":\"Not allowed\",\"status\":403,\"code\":\"" + code + "\",\"detail\":\"" + words
                        + "\"}");
    }
}
