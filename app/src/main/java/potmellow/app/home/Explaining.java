package potmellow.app.home;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.HtmlUtils;

/** The unprotected door: it says where the garden answers, hands out the authority's certificate, and sends everything else there. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Explaining extends OncePerRequestFilter {
    private static final String PAGE = """
            <!doctype html>
            <html lang="en">
            <head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Pot Mellow</title></head>
            <body>
            <h1>Your garden answers at another address</h1>
            <p>On the home network Pot Mellow talks over a protected line only, so that nobody else in the network can read along.</p>
            <p><a href="%1$s">Go to %1$s</a></p>
            <p>Your phone will warn you once, because it doesn't know the garden's certificate yet. It is safe to go on where the address
            is the one that stands on the computer. To be without the warning, and to put the garden on the
            home screen, take the certificate first: <a href="/authority.crt">get the garden's certificate</a>. How it is installed stands behind the link
            above, under "This phone".</p>
            </body>
            </html>
            """;

    private final HomeNetwork network;

    Explaining(HomeNetwork network) {
        this.network = network;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return Door.of(request) != Door.PLAIN;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", "default-src 'none'");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Cache-Control", "no-store");
        String path = request.getRequestURI();
        String address = network.state().address().orElse("");
        if (address.isEmpty()) {
            response.sendError(HttpStatus.NOT_FOUND.value());
        } else if (path.equals("/authority.crt") && network.authority().isPresent()) {
            byte[] certificate = network.authority().get();
            response.setContentType("application/x-x509-ca-cert");
            response.setHeader("Content-Disposition", "attachment; filename=\"pot-mellow.crt\"");
            response.getOutputStream().write(certificate);
        } else if (path.equals("/")) {
            response.setContentType("text/html");
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.getWriter().write(PAGE.formatted(HtmlUtils.htmlEscape(address)));
        } else {
            response.setStatus(HttpStatus.TEMPORARY_REDIRECT.value());
            response.setHeader("Location", address + path);
        }
    }
}
