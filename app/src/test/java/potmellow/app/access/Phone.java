package potmellow.app.access;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.Certificate;
import java.security.cert.CertificateFactory;
import java.util.Map;
import java.util.UUID;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;

/** A device in the home network: it trusts the garden's authority and nobody else, and keeps its cookies. */
final class Phone {
    static final String JSON_BODY = "application/json";
    private static final ObjectMapper JSON = new ObjectMapper();

    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client;

    Phone(String address, byte[] authority) {
        this.address = address;
        this.client = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .sslContext(trusting(authority))
                .build();
    }

    static SSLContext trusting(byte[] authority) {
        try {
            Certificate certificate =
                    CertificateFactory.getInstance("X.509").generateCertificate(new ByteArrayInputStream(authority));
            KeyStore store = KeyStore.getInstance(KeyStore.getDefaultType());
            store.load(null, null);
            store.setCertificateEntry("garden", certificate);
            TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
            trust.init(store);
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, trust.getTrustManagers(), null);
            return context;
        } catch (GeneralSecurityException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    HttpResponse<String> get(String path) throws Exception {
        return ask("GET", path, "", "");
    }

    HttpResponse<String> post(String path, Map<String, ?> body) throws Exception {
        return ask("POST", path, JSON_BODY, JSON.writeValueAsString(body));
    }

    /**
     * Asks with whatever a page would send along: its token and a key.
     *
     * @param kind what the body is; empty for none
     */
    HttpResponse<String> ask(String method, String path, String kind, String body) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Idempotency-Key", UUID.randomUUID().toString())
                .header("User-Agent", "Mozilla/5.0 (Linux; Android 15) Mobile")
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        if (!kind.isEmpty()) {
            request.header("Content-Type", kind.startsWith("multipart") ? kind + "; boundary=none" : kind);
        }
        String token = cookie("XSRF-TOKEN");
        if (!token.isEmpty()) {
            request.header("X-XSRF-TOKEN", token);
        }
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(name))
                .findFirst()
                .map(HttpCookie::getValue)
                .orElse("");
    }

    static JsonNode json(HttpResponse<String> answer) throws IOException {
        return JSON.readTree(answer.body());
    }
}
