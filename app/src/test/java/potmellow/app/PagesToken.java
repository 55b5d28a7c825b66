package potmellow.app;

import jakarta.servlet.http.Cookie;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/**
 * What a page sends along with everything that it writes: its token, as a cookie and as a head. The framework's own way for tests puts a
 * store of tokens in sessions in the place of ours, for every later request too.
 */
public final class PagesToken {
    private static final String TOKEN = "d2b0c6f4-6f3e-4d0b-9d53-0c1f0a0e7a11";

    private PagesToken() {}

    /** Sent along with a request, as a browser does; nothing is stored for it. */
    public static RequestPostProcessor csrf() {
        return request -> {
            request.setCookies(new Cookie("XSRF-TOKEN", TOKEN));
            request.addHeader("X-XSRF-TOKEN", TOKEN);
            return request;
        };
    }
}
