package potmellow.app.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import javax.net.ssl.SSLSocket;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.JdbcTemplate;
import potmellow.app.MovableClock;
import potmellow.app.PotMellow;
import potmellow.app.database.PrivateMariaDb;
import potmellow.app.people.OwnersPassphrase;

/** The garden as the home network meets it: real sockets, real TLS, at another address of this machine. */
class HomeDoorTest {
    private static final String HERE = "127.0.0.2";
    private static final String PASSPHRASE = "purple teapot seven drums";
    private static final ObjectMapper JSON = new ObjectMapper();

    @TempDir
    static Path home;

    private static PrivateMariaDb server;
    private static ConfigurableApplicationContext application;
    private static int tlsPort;
    private static int plainPort;
    private static byte[] authority;

    @BeforeAll
    static void openTheGarden() throws Exception {
        server = PrivateMariaDb.start(home.resolve("database"), "potmellow", true);
        tlsPort = freePort();
        application = new SpringApplicationBuilder(PotMellow.class, Clocks.class)
                .run(
                        "--server.port=0",
                        "--potmellow.home=" + home,
                        "--potmellow.network.home=true",
                        "--potmellow.network.addresses=" + HERE,
                        "--potmellow.network.port=" + tlsPort,
                        "--potmellow.network.announce=false",
                        "--spring.datasource.url=" + server.url(),
                        "--spring.datasource.username=" + server.user(),
                        "--spring.datasource.password=" + server.password());
        plainPort = ((WebServerApplicationContext) application).getWebServer().getPort();
        assertThat(atTheMachine("GET", "/api/home", null).get("trouble").asText())
                .contains("passphrase first");
        OwnersPassphrase.set(application.getBean(DataSource.class), "Wilma", PASSPHRASE, Instant.now());
        assertThat(atTheMachine("GET", "/api/home/terminal", null).asText())
                .contains("https://mellow.local:" + tlsPort);
        authority = Files.readAllBytes(home.resolve("tls/authority.crt"));
        answerTheFirstRun();
    }

    private static void answerTheFirstRun() throws Exception {
        atTheMachine(
                "PUT",
                "/api/welcome",
                Map.of(
                        "name", "Wattle Corner",
                        "units", "METRIC",
                        "tap", "FREE_CHLORINE",
                        "zone", "Europe/London",
                        "climate", "MARITIME",
                        "latitude", "",
                        "canLift", "15 kg",
                        "places", List.of(0, 1),
                        "vessels", List.of(0, 1),
                        "version", 0));
    }

    /** Whoever was slowed down by another test is heard again. */
    @BeforeEach
    void anHourLater() {
        application.getBean(MovableClock.class).advance(Duration.ofHours(1));
    }

    @TestConfiguration
    static class Clocks {
        @Bean
        @Primary
        MovableClock movableClock() {
            return new MovableClock();
        }
    }

    @AfterAll
    static void close() {
        application.close();
        server.close();
    }

    private static int freePort() throws Exception {
        try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getByName(HERE))) {
            return free.getLocalPort();
        }
    }

    /** As the owner, who sits at the machine. */
    private static JsonNode atTheMachine(String method, String path, Object body) throws Exception {
        String cookie = UUID.randomUUID().toString();
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + plainPort + path))
                .header("Content-Type", "application/json")
                .header("Cookie", "XSRF-TOKEN=" + cookie)
                .header("X-XSRF-TOKEN", cookie)
                .method(
                        method,
                        body == null
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)))
                .build();
        String answer = HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.ofString())
                .body();
        return answer.startsWith("{") || answer.startsWith("[")
                ? JSON.readTree(answer)
                : JSON.getNodeFactory().textNode(answer);
    }

    private static Phone phone() {
        return new Phone("https://" + HERE + ":" + tlsPort, authority);
    }

    /** A phone of somebody with a role, let in by a code that was shown at the machine. */
    private static Phone phoneOf(String name, String role) throws Exception {
        String id = person(name, role);
        Phone phone = phone();
        phone.get("/api/me");
        String code = atTheMachine("POST", "/api/people/" + id + "/codes", Map.of())
                .get("code")
                .asText();
        HttpResponse<String> entered = phone.post("/api/sign-in/code", Map.of("code", code));
        assertThat(entered.statusCode()).as(entered.body()).isEqualTo(200);
        return phone;
    }

    private static String person(String name, String role) throws Exception {
        for (JsonNode person : atTheMachine("POST", "/api/people", Map.of("name", name, "role", role))
                .get("people")) {
            if (person.get("name").asText().equals(name)) {
                return person.get("id").asText();
            }
        }
        throw new AssertionError(name + " was not added");
    }

    private static JsonNode known(String name) throws Exception {
        for (JsonNode person : atTheMachine("GET", "/api/people", null).get("people")) {
            if (person.get("name").asText().equals(name)) {
                return person;
            }
        }
        throw new AssertionError(name + " is not there");
    }

    @Test
    void tellsAStrangerNothing() throws Exception {
        Phone stranger = phone();
        assertThat(Phone.json(stranger.get("/api/me")).get("letIn").asBoolean()).isFalse();
        HttpResponse<String> refused = stranger.get("/api/garden");
        assertThat(refused.statusCode()).isEqualTo(401);
        assertThat(Phone.json(refused).get("code").asText()).isEqualTo("sign-in");
        assertThat(stranger.get("/v3/api-docs").statusCode()).isEqualTo(401);
    }

    @Test
    void letsAPersonInByNameAndPassphraseWithACookieThatNoScriptReads() throws Exception {
        Phone phone = phone();
        phone.get("/api/me");
        HttpResponse<String> entered =
                phone.post("/api/sign-in", Map.of("name", "wilma", "passphrase", PASSPHRASE, "trusted", true));
        assertThat(entered.statusCode()).as(entered.body()).isEqualTo(200);
        assertThat(entered.headers().allValues("Set-Cookie"))
                .anySatisfy(cookie -> assertThat(cookie)
                        .startsWith("mellow-device=")
                        .contains("Secure", "HttpOnly", "SameSite=Lax", "Max-Age="));
        JsonNode me = Phone.json(phone.get("/api/me"));
        assertThat(me.get("role").asText()).isEqualTo("OWNER");
        assertThat(me.get("keeps").asBoolean()).isTrue();
        assertThat(phone.get("/api/garden").statusCode()).isEqualTo(200);
    }

    @Test
    void forgetsABorrowedDeviceWithItsBrowser() throws Exception {
        Phone phone = phone();
        phone.get("/api/me");
        HttpResponse<String> entered =
                phone.post("/api/sign-in", Map.of("name", "Wilma", "passphrase", PASSPHRASE, "trusted", false));
        assertThat(entered.headers().allValues("Set-Cookie"))
                .anySatisfy(cookie ->
                        assertThat(cookie).startsWith("mellow-device=").doesNotContain("Max-Age"));
        assertThat(Phone.json(entered).get("keeps").asBoolean()).isFalse();
        assertThat(Phone.json(phone.get("/api/me")).get("keeps").asBoolean()).isFalse();
    }

    @Test
    void giveEachSignInASessionOfItsOwn() throws Exception {
        Phone phone = phoneOf("Fixa", "GARDENER");
        String before = phone.cookie("mellow-device");
        phone.post("/api/sign-in", Map.of("name", "Wilma", "passphrase", PASSPHRASE, "trusted", true));
        assertThat(phone.cookie("mellow-device")).isNotEqualTo(before);
        assertThat(known("Fixa").get("devices")).isEmpty();
    }

    @Test
    void slowsDownTwentyWrongPassphrasesButNotTheMachineItself() throws Exception {
        Phone thief = phone();
        thief.get("/api/me");
        List<Integer> answers = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            HttpResponse<String> refused = thief.post(
                    "/api/sign-in", Map.of("name", "nobody", "passphrase", "wrong guess " + i, "trusted", false));
            answers.add(refused.statusCode());
            if (refused.statusCode() == 429) {
                assertThat(Long.parseLong(
                                refused.headers().firstValue("Retry-After").orElseThrow()))
                        .isBetween(1L, 31L);
            }
        }
        assertThat(answers.subList(0, 2)).containsOnly(401);
        assertThat(answers.subList(10, 20)).contains(429);
        assertThat(atTheMachine("GET", "/api/me", null).get("atTheMachine").asBoolean())
                .isTrue();
    }

    @Test
    void acceptsAOneTimeCodeOnce() throws Exception {
        String id = person("Once", "GARDENER");
        JsonNode code = atTheMachine("POST", "/api/people/" + id + "/codes", Map.of());
        assertThat(code.get("link").asText())
                .isEqualTo("https://mellow.local:" + tlsPort + "/in/"
                        + code.get("code").asText());
        Phone first = phone();
        Phone second = phone();
        first.get("/api/me");
        second.get("/api/me");
        Map<String, String> shown = Map.of("code", code.get("code").asText());
        assertThat(first.post("/api/sign-in/code", shown).statusCode()).isEqualTo(200);
        assertThat(second.post("/api/sign-in/code", shown).statusCode()).isEqualTo(401);
    }

    @Test
    void putsADeviceOutAtOnce() throws Exception {
        Phone phone = phoneOf("Lost", "GARDENER");
        assertThat(phone.get("/api/garden").statusCode()).isEqualTo(200);
        JsonNode person = known("Lost");
        assertThat(person.get("devices").get(0).get("name").asText()).isEqualTo("Android phone");
        atTheMachine(
                "POST",
                "/api/people/" + person.get("id").asText() + "/devices/"
                        + person.get("devices").get(0).get("id").asText() + "/revocations",
                Map.of());
        assertThat(phone.get("/api/garden").statusCode()).isEqualTo(401);
    }

    @Test
    void changesWhatSomebodyMayAtOnceAndLetsNobodyInWhoWasRemoved() throws Exception {
        Phone phone = phoneOf("Helper", "GARDENER");
        String id = known("Helper").get("id").asText();
        assertThat(phone.get("/api/bottles").statusCode()).isEqualTo(200);
        atTheMachine("PUT", "/api/people/" + id + "/role", Map.of("role", "LOOKER"));
        assertThat(phone.get("/api/bottles").statusCode()).isEqualTo(403);
        atTheMachine("POST", "/api/people/" + id + "/removals", Map.of());
        assertThat(phone.get("/api/garden").statusCode()).isEqualTo(401);
    }

    @Test
    void neverLosesItsLastOwner() throws Exception {
        String wilma = known("Wilma").get("id").asText();
        assertThat(atTheMachine("PUT", "/api/people/" + wilma + "/role", Map.of("role", "LOOKER"))
                        .get("code")
                        .asText())
                .isEqualTo("last-owner");
        assertThat(atTheMachine("POST", "/api/people/" + wilma + "/removals", Map.of())
                        .get("code")
                        .asText())
                .isEqualTo("last-owner");
    }

    @Test
    void refusesAWriteWithoutThePagesToken() throws Exception {
        Phone phone = phoneOf("Tokenless", "GARDENER");
        HttpRequest request = HttpRequest.newBuilder(URI.create("https://" + HERE + ":" + tlsPort + "/api/sign-out"))
                .header("Cookie", "mellow-device=" + phone.cookie("mellow-device"))
                .POST(HttpRequest.BodyPublishers.noBody())
                .build();
        HttpResponse<String> refused = HttpClient.newBuilder()
                .sslContext(Phone.trusting(authority))
                .build()
                .send(request, HttpResponse.BodyHandlers.ofString());
        assertThat(refused.statusCode()).isEqualTo(403);
        assertThat(phone.get("/api/garden").statusCode()).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(strings = {"evil.example", "127.0.0.1", "localhost", "127.0.0.3", "mellow.local.evil.example"})
    void turnsForeignHostsAway(String host) throws Exception {
        assertThat(statusAs(host, "https://" + HERE + ":" + tlsPort)).isEqualTo(403);
    }

    @ParameterizedTest
    @ValueSource(strings = {"https://evil.example", "http://127.0.0.2:1", "null", "https://mellow.local:1"})
    void turnsForeignOriginsAway(String origin) throws Exception {
        assertThat(statusAs(HERE + ":" + tlsPort, origin)).isEqualTo(403);
    }

    @Test
    void answersUnderItsNameInTheNetwork() throws Exception {
        assertThat(statusAs("mellow.local:" + tlsPort, "https://mellow.local:" + tlsPort))
                .isEqualTo(200);
    }

    /** What a proxy would say counts only where the owner has named it. */
    @Test
    void believesNoProxyThatNobodyNamed() throws Exception {
        String named = "\r\nX-Forwarded-For: 127.0.0.1\r\nX-Forwarded-Host: mellow.local:" + tlsPort
                + "\r\nForwarded: for=127.0.0.1;host=mellow.local:" + tlsPort;
        assertThat(statusAs("evil.example", "https://evil.example" + named)).isEqualTo(403);
        assertThat(statusAs("evil.example" + named, "https://mellow.local:" + tlsPort))
                .isEqualTo(403);
    }

    private static int statusAs(String host, String origin) throws Exception {
        try (SSLSocket socket = (SSLSocket)
                Phone.trusting(authority).getSocketFactory().createSocket(InetAddress.getByName(HERE), tlsPort)) {
            socket.getOutputStream()
                    .write(("GET /api/me HTTP/1.1\r\nHost: " + host + "\r\nOrigin: " + origin
                                    + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return Integer.parseInt(
                    new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))
                            .readLine()
                            .split(" ")[1]);
        }
    }

    @Test
    void onlyExplainsAndForwardsOnTheUnprotectedDoor() throws Exception {
        HttpResponse<String> front = plain("/");
        assertThat(front.statusCode()).isEqualTo(200);
        assertThat(front.body()).contains("https://mellow.local:" + tlsPort, "/authority.crt");
        HttpResponse<String> label = plain("/c/J4");
        assertThat(label.statusCode()).isEqualTo(307);
        assertThat(label.headers().firstValue("Location")).contains("https://mellow.local:" + tlsPort + "/c/J4");
        assertThat(plain("/api/garden").statusCode()).isEqualTo(307);
        assertThat(plain("/authority.crt").headers().firstValue("Content-Type")).contains("application/x-x509-ca-cert");
    }

    private static HttpResponse<String> plain(String path) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://" + HERE + ":" + plainPort + path))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void leadsFromALabelToWhatItHolds() throws Exception {
        HttpResponse<String> label = phone().get("/c/J4");
        assertThat(label.statusCode()).isEqualTo(302);
        assertThat(label.headers().firstValue("Location").orElseThrow()).endsWith("/codes/J4");
    }

    @Test
    void isNotClosedByAPhoneThatItWouldCutOff() throws Exception {
        Phone phone = phone();
        phone.get("/api/me");
        phone.post("/api/sign-in", Map.of("name", "Wilma", "passphrase", PASSPHRASE, "trusted", true));
        HttpResponse<String> refused =
                phone.ask("PUT", "/api/home", Phone.JSON_BODY, "{\"opened\":false,\"name\":\"mellow\"}");
        assertThat(refused.statusCode()).isEqualTo(409);
        assertThat(Phone.json(refused).get("code").asText()).isEqualTo("at-the-machine");
    }

    @Test
    void asksForTheOwnPassphraseBeforeAnotherIsSetOverTheNetwork() throws Exception {
        Phone phone = phone();
        phone.get("/api/me");
        phone.post("/api/sign-in", Map.of("name", "Wilma", "passphrase", PASSPHRASE, "trusted", true));
        String path = "/api/people/" + known("Wilma").get("id").asText() + "/passphrase";
        HttpResponse<String> refused = phone.ask(
                "PUT",
                path,
                Phone.JSON_BODY,
                JSON.writeValueAsString(Map.of("passphrase", "seven new drums at noon", "own", "guess")));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(phone.get("/api/me").body()).contains("Wilma");
    }

    @Test
    void setsAForgottenPassphraseAtTheMachineAndPutsTheirDevicesOut() throws Exception {
        DataSource database = application.getBean(DataSource.class);
        OwnersPassphrase.set(database, "Ota", "first words on a roof", Instant.now());
        Phone phone = phone();
        phone.get("/api/me");
        phone.post("/api/sign-in", Map.of("name", "Ota", "passphrase", "first words on a roof", "trusted", true));
        assertThat(phone.get("/api/garden").statusCode()).isEqualTo(200);
        OwnersPassphrase.set(database, "ota", "other words on a roof", Instant.now());
        assertThat(phone.get("/api/garden").statusCode()).isEqualTo(401);
        assertThat(signsIn("Ota", "first words on a roof")).isEqualTo(401);
        assertThat(signsIn("Ota", "other words on a roof")).isEqualTo(200);
    }

    private static int signsIn(String name, String passphrase) throws Exception {
        Phone phone = phone();
        phone.get("/api/me");
        return phone.post("/api/sign-in", Map.of("name", name, "passphrase", passphrase, "trusted", false))
                .statusCode();
    }

    @Test
    void setsNoPassphraseForSomebodyWhoIsNoOwnerThere() throws Exception {
        person("Plain", "GARDENER");
        assertThatThrownBy(() -> OwnersPassphrase.set(
                        application.getBean(DataSource.class), "Plain", "first words on a roof", Instant.now()))
                .hasMessageContaining("no owner");
    }

    @Test
    void givesACalendarToWhoKnowsItsAddressUntilItEnds() throws Exception {
        JsonNode made =
                atTheMachine("POST", "/api/outside/tokens", Map.of("name", "Calendar", "scope", "CALENDAR", "days", 1));
        String address = "https://mellow.local:" + tlsPort;
        assertThat(made.get("address").asText()).startsWith(address + "/api/calendar/");
        String path = made.get("address").asText().substring(address.length());
        HttpResponse<String> calendar = phone().get(path);
        assertThat(calendar.statusCode()).isEqualTo(200);
        assertThat(calendar.body()).startsWith("BEGIN:VCALENDAR");
        application.getBean(MovableClock.class).advance(Duration.ofHours(25));
        assertThat(phone().get(path).statusCode()).isEqualTo(401);
    }

    @Test
    void opensNothingElseWithAToken() throws Exception {
        String readings = atTheMachine("POST", "/api/outside/tokens", Map.of("name", "Probe", "scope", "READINGS"))
                .get("token")
                .asText();
        assertThat(phone().get("/api/calendar/" + readings + "/plan.ics").statusCode())
                .isEqualTo(401);
    }

    /** What everybody may, what a looker may besides, and what only an owner may; the rest is for gardeners. */
    private static final Set<String> ANYBODY = Set.of(
            "GET /api/me",
            "POST /api/sign-in",
            "POST /api/sign-in/code",
            "POST /api/sign-out",
            "GET /api/authority.crt",
            "GET /api/licences",
            "POST /api/readings",
            "GET /api/calendar/{token}/plan.ics");

    private static final Set<String> ROUNDS_VISITS_AND_PRACTICE = Set.of(
            "GET /api/garden",
            "GET /api/round",
            "GET /api/pots/{id}",
            "GET /api/pots/{id}/meters/{meter}",
            "POST /api/pots/{id}/checks",
            "GET /api/pots/{pot}/photos",
            "GET /api/pots/{pot}/photos/{photo}",
            "POST /api/pots/{pot}/photos",
            "GET /api/practice",
            "GET /api/practice/lessons/{id}/file",
            "POST /api/practice/files",
            "POST /api/practice/free",
            "POST /api/practice/scenes",
            "POST /api/practice/stories");

    @Test
    void keepsAStrangerFromEverythingThatTheDescriptionNames() throws Exception {
        Phone stranger = phone();
        stranger.get("/api/me");
        assertThat(whereNot(stranger, 401)).isEqualTo(new TreeSet<>(ANYBODY));
    }

    @Test
    void keepsALookerToRoundsVisitsAndPractice() throws Exception {
        Set<String> may = new TreeSet<>(ANYBODY);
        may.addAll(ROUNDS_VISITS_AND_PRACTICE);
        may.remove("POST /api/sign-out");
        assertThat(whereNot(phoneOf("Looking", "LOOKER"), 403)).isEqualTo(may);
    }

    @Test
    void keepsAGardenerFromSettingsPeopleAndBackups() throws Exception {
        Set<String> all = new TreeSet<>(operations().keySet());
        all.remove("POST /api/sign-out");
        all.removeAll(whereNot(phoneOf("Gardening", "GARDENER"), 403));
        assertThat(all)
                .isNotEmpty()
                .allMatch(operation -> operation.matches(
                        "\\w+ /api/(backups|people|home|welcome|outside/tokens|garden/(document|units|stand-ins)).*"))
                .contains("GET /api/people", "PUT /api/home", "POST /api/backups", "GET /api/garden/document");
    }

    /** All operations but signing out, after which nobody is anybody, that don't answer with a status. */
    private static Set<String> whereNot(Phone phone, int status) throws Exception {
        Set<String> others = new TreeSet<>();
        for (Map.Entry<String, String> operation : operations().entrySet()) {
            String[] parts = operation.getKey().split(" ");
            if (parts[1].equals("/api/sign-out") && status == 403) {
                continue;
            }
            String path = parts[1].replaceAll("\\{[^}]+}", "00000000-0000-0000-0000-000000000000");
            int answered = phone.ask(parts[0], path, operation.getValue(), "{}").statusCode();
            boolean signIn = answered == 401 && ANYBODY.contains(operation.getKey());
            if (answered != status || signIn) {
                others.add(operation.getKey());
            }
        }
        return others;
    }

    /** All that the description names, with the kind of body that each takes; empty for none. */
    private static Map<String, String> operations() throws Exception {
        Map<String, String> all = new TreeMap<>();
        for (Map.Entry<String, JsonNode> path :
                atTheMachine("GET", "/v3/api-docs", null).get("paths").properties()) {
            for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
                JsonNode body = method.getValue().path("requestBody").path("content");
                all.put(
                        method.getKey().toUpperCase(Locale.ROOT) + " " + path.getKey(),
                        body.isEmpty() ? "" : body.fieldNames().next());
            }
        }
        assertThat(all).hasSizeGreaterThan(100);
        return all;
    }

    /** That a device was used just now is worth less than what it came to read. */
    @Test
    void letsADeviceReadOnWhereNothingCanBeWrittenDown() throws Exception {
        Phone phone = phoneOf("Tern", "GARDENER");
        JdbcTemplate database = new JdbcTemplate(application.getBean(DataSource.class));
        database.execute("CREATE TRIGGER full_disk BEFORE UPDATE ON SPRING_SESSION FOR EACH ROW"
                + " SIGNAL SQLSTATE 'HY000' SET MYSQL_ERRNO = 1114, MESSAGE_TEXT = 'The table is full'");
        try {
            assertThat(phone.get("/api/pots").statusCode()).isEqualTo(200);
            assertThat(phone.get("/api/round").statusCode()).isEqualTo(200);
        } finally {
            database.execute("DROP TRIGGER full_disk");
        }
        assertThat(phone.get("/api/pots").statusCode()).isEqualTo(200);
    }
}
