package potmellow.app.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.setup.SecurityMockMvcConfigurers.springSecurity;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static potmellow.app.PagesToken.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.context.WebApplicationContext;
import potmellow.app.ApplicationTest;
import potmellow.app.MovableClock;
import potmellow.app.PotMellow;
import potmellow.app.database.PrivateMariaDb;

/** The sample world goes out as a document and comes into an empty garden on another server. */
class DocumentTest extends ApplicationTest {
    @TempDir
    static Path home;

    private static PrivateMariaDb server;
    private static ConfigurableApplicationContext application;
    private static MockMvc other;
    private static JdbcClient otherDatabase;

    private byte[] document;

    @BeforeAll
    static void anEmptyGardenElsewhere() {
        server = PrivateMariaDb.start(home.resolve("database"), "potmellow", true);
        application = new SpringApplicationBuilder(PotMellow.class)
                .run(
                        "--server.port=0",
                        "--potmellow.home=" + home,
                        "--potmellow.fixed-clock=" + MovableClock.START,
                        "--spring.datasource.url=" + server.url(),
                        "--spring.datasource.username=" + server.user(),
                        "--spring.datasource.password=" + server.password());
        other = MockMvcBuilders.webAppContextSetup((WebApplicationContext) application)
                .apply(springSecurity())
                .defaultRequest(get("/").with(csrf()))
                .build();
        otherDatabase = application.getBean(JdbcClient.class);
    }

    @AfterAll
    static void stop() {
        application.close();
        server.close();
    }

    @BeforeEach
    void theSampleWorldAsADocument() throws Exception {
        document = mvc.perform(get("/api/garden/document"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    @AfterEach
    void emptyItAgain() {
        otherDatabase.sql("SET foreign_key_checks = 0").update();
        otherDatabase
                .sql("SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE()"
                        + " AND table_name NOT IN ('flyway_schema_history', 'garden')")
                .query(String.class)
                .list()
                .forEach(table ->
                        otherDatabase.sql("DELETE FROM `" + table + "`").update());
        otherDatabase.sql("SET foreign_key_checks = 1").update();
    }

    private static MockHttpServletResponse take(byte[] file) throws Exception {
        return other.perform(put("/api/garden/document")
                        .contentType("application/zip")
                        .content(file))
                .andReturn()
                .getResponse();
    }

    private static String asked(MockMvc garden, String path) throws Exception {
        return garden.perform(get(path)).andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8);
    }

    /** Everything that can be asked: each list, and each thing in it. */
    private List<String> paths() throws Exception {
        List<String> paths = new ArrayList<>();
        JsonNode described =
                json.readTree(Path.of("src/main/openapi/potmellow.json").toFile());
        described.get("paths").properties().forEach(path -> {
            boolean asks = path.getValue().has("get");
            if (asks
                    && !path.getKey().contains("{")
                    && !path.getKey().contains("document")
                    && !path.getKey().contains("backups")) {
                paths.add(path.getKey());
            }
        });
        for (String list : List.of("/api/pots", "/api/bottles", "/api/plantings")) {
            for (JsonNode one : read(list)) {
                paths.add(list + "/" + one.get("id").asText());
            }
        }
        for (JsonNode method : read("/api/book/own")) {
            paths.add("/api/book/methods/" + method.path("id").asText());
        }
        return paths;
    }

    private String withoutWhatIsTheProgramsOwn(String answer) throws Exception {
        if (!answer.startsWith("{")) {
            return answer;
        }
        ObjectNode node = (ObjectNode) json.readTree(answer);
        return node.without("demo").toString();
    }

    @Test
    void comesInWithoutLoss() throws Exception {
        MockHttpServletResponse taken = take(document);
        assertThat(taken.getStatus()).as(taken.getContentAsString()).isEqualTo(200);
        List<String> paths = paths();
        assertThat(paths).hasSizeGreaterThan(60);
        for (String path : paths) {
            assertThat(withoutWhatIsTheProgramsOwn(asked(other, path)))
                    .as(path)
                    .isEqualTo(withoutWhatIsTheProgramsOwn(asked(mvc, path)));
        }
        byte[] again = other.perform(get("/api/garden/document"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(manifest(again).get("tables")).isEqualTo(manifest(document).get("tables"));
        assertThat(entries(again).keySet()).isEqualTo(entries(document).keySet());
    }

    @Test
    void bringsPicturesAndOwnMethodsByteByByte() throws Exception {
        assertThat(take(document).getStatus()).isEqualTo(200);
        String pictures = "/api/pots/" + idOf("/api/pots", "code", "J4") + "/photos";
        BufferedImage green = new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB);
        green.createGraphics().fillRect(0, 0, 15, 20);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(green, "png", png);
        other.perform(multipart(pictures).file(new MockMultipartFile("picture", png.toByteArray())))
                .andExpect(status().isOk());
        String yaml = asked(other, "/api/book/methods/plant-juice-open/file");
        other.perform(post("/api/book/imports")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(json.writeValueAsString(Map.of("text", yaml))))
                .andExpect(status().isOk());
        String book = asked(other, "/api/book");
        String picture = pictures + "/"
                + json.readTree(asked(other, pictures)).get(0).get("id").asText();
        byte[] before = other.perform(get(picture)).andReturn().getResponse().getContentAsByteArray();
        byte[] withPicture = other.perform(get("/api/garden/document"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        emptyItAgain();
        Map<String, byte[]> spoilt = entries(withPicture);
        String file = spoilt.keySet().stream()
                .filter(name -> name.startsWith("files/photo/picture/"))
                .findFirst()
                .orElseThrow();
        spoilt.get(file)[100] ^= 1;
        assertThat(take(zipped(spoilt)).getContentAsString()).contains("is damaged");
        assertThat(take(zipped(without(entries(withPicture), file))).getContentAsString())
                .contains("lacks files/");

        assertThat(take(withPicture).getStatus()).isEqualTo(200);
        assertThat(other.perform(get(picture)).andReturn().getResponse().getContentAsByteArray())
                .isEqualTo(before)
                .isNotEmpty();
        assertThat(asked(other, "/api/book")).isEqualTo(book).contains("own-");
    }

    /** A file of each earlier version stays here; whatever the tables become, it comes in. */
    @ParameterizedTest
    @ValueSource(strings = "garden-16.zip")
    void stillReadsDocumentsOfEarlierVersions(String file) throws Exception {
        assertThat(take(Files.readAllBytes(Path.of("src/test/resources/documents", file)))
                        .getStatus())
                .isEqualTo(200);
        assertThat(asked(other, "/api/vessels")).contains("\"J1\"");
    }

    @Test
    void everyPageOfAGardenThatIsStillEmptyIsAnswered() throws Exception {
        for (String path : paths()) {
            assertThat(other.perform(get(path)).andReturn().getResponse().getStatus())
                    .as(path)
                    .isLessThan(500);
        }
    }

    /** A pot that was set by mistake is kept, but shown nowhere. */
    @Test
    void comesInWithPotsThatWereTakenBack() throws Exception {
        assertThat(take(document).getStatus()).isEqualTo(200);
        otherDatabase
                .sql("UPDATE batch SET taken_back_at = set_at, holds_vessel_id = NULL ORDER BY set_at DESC LIMIT 1")
                .update();
        byte[] after = other.perform(get("/api/garden/document"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        emptyItAgain();
        MockHttpServletResponse taken = take(after);
        assertThat(taken.getStatus()).as(taken.getContentAsString()).isEqualTo(200);
    }

    @Test
    void isNotMixedWithAGardenThatIsInUse() throws Exception {
        assertThat(take(document).getStatus()).isEqualTo(200);
        assertThat(take(document).getStatus()).isEqualTo(409);
    }

    private JsonNode manifest(byte[] file) throws IOException {
        return json.readTree(entries(file).get("manifest.json"));
    }

    private static Map<String, byte[]> entries(byte[] file) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    private static byte[] zipped(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    private static String text(Map<String, byte[]> entries, String name) {
        return new String(entries.get(name), StandardCharsets.UTF_8);
    }

    private static Map<String, byte[]> with(Map<String, byte[]> entries, String name, String text) {
        entries.put(name, text.getBytes(StandardCharsets.UTF_8));
        return entries;
    }

    /** The file of a table changed, with the sum that it has then. */
    private Map<String, byte[]> changed(Map<String, byte[]> entries, String table, UnaryOperator<String> change)
            throws IOException {
        with(entries, "tables/" + table + ".jsonl", change.apply(text(entries, "tables/" + table + ".jsonl")));
        byte[] bytes = entries.get("tables/" + table + ".jsonl");
        JsonNode manifest = json.readTree(entries.get("manifest.json"));
        for (JsonNode held : manifest.get("tables")) {
            if (held.get("name").asText().equals(table)) {
                ((ObjectNode) held)
                        .put(
                                "rows",
                                new String(bytes, StandardCharsets.UTF_8)
                                        .lines()
                                        .count())
                        .put(
                                "sha256",
                                HexFormat.of().formatHex(DocumentWriter.sha256().digest(bytes)));
            }
        }
        return with(entries, "manifest.json", manifest.toString());
    }

    private interface Spoiling {
        Map<String, byte[]> spoil(DocumentTest test, Map<String, byte[]> entries) throws IOException;
    }

    private static Arguments spoilt(String what, Spoiling spoiling, String words) {
        return Arguments.of(what, spoiling, words);
    }

    private static Spoiling inTable(String table, UnaryOperator<String> change) {
        return (test, all) -> test.changed(all, table, change);
    }

    static Stream<Arguments> hostile() {
        return Stream.of(
                spoilt("no manifest", (test, all) -> without(all, "manifest.json"), "lacks manifest.json"),
                spoilt("another's", (test, all) -> with(all, "manifest.json", "{\"format\":\"x\"}"), "no garden"),
                spoilt("no JSON", (test, all) -> with(all, "manifest.json", "{"), "manifest can't be read"),
                spoilt(
                        "newer",
                        (test, all) -> with(
                                all,
                                "manifest.json",
                                text(all, "manifest.json").replaceAll("\"version\" : \\d+", "\"version\" : 900")),
                        "A newer Pot Mellow"),
                spoilt(
                        "older than any",
                        (test, all) -> with(
                                all,
                                "manifest.json",
                                text(all, "manifest.json").replaceAll("\"version\" : \\d+", "\"version\" : 3")),
                        "no files of version 3"),
                spoilt("a table less", (test, all) -> without(all, "tables/bottle.jsonl"), "lacks tables/bottle.jsonl"),
                spoilt(
                        "changed behind its sum",
                        (test, all) -> with(
                                all,
                                "tables/bottle.jsonl",
                                text(all, "tables/bottle.jsonl").replace("\"soil_only\":false", "\"soil_only\":true")),
                        "isn't what the file says"),
                spoilt("a way out of it", (test, all) -> with(all, "../../evil", "x"), "strange"),
                spoilt(
                        "a long line",
                        inTable("place", all -> all + "{\"name\":\"" + "x".repeat(300_000) + "\"}\n"),
                        "too long"),
                spoilt(
                        "a column more",
                        inTable("place", all -> all.replaceFirst("\\{", "{\"evil\":1,")),
                        "there is no evil"),
                spoilt("no object", inTable("place", all -> "[]\n" + all), "no object"),
                spoilt("half a line", inTable("place", all -> all + "{\"id\":"), "no JSON"),
                spoilt(
                        "a text for a number",
                        inTable(
                                "vessel",
                                all -> all.replaceFirst(
                                        "\"capacity_millilitres\":[0-9.]+", "\"capacity_millilitres\":\"much\"")),
                        "must be a number"),
                spoilt(
                        "a day that is none",
                        inTable("weather_day", all -> "{\"day\":\"2026-02-30\"}\n" + all),
                        "line 1"),
                spoilt(
                        "what can't be",
                        inTable(
                                "vessel",
                                all -> all.replaceFirst(
                                        "\"capacity_millilitres\":[0-9.]+", "\"capacity_millilitres\":-5")),
                        "can't be"),
                spoilt("the same twice", inTable("vessel", all -> all + all), "can't be"),
                spoilt(
                        "one that isn't there",
                        inTable("batch", all -> all.lines().skip(3).reduce("", (a, b) -> a + b + "\n")),
                        "names a batch that isn't in the file"),
                spoilt(
                        "two gardens",
                        inTable("garden", all -> all + all.replaceFirst("\"id\":\"........", "\"id\":\"00000000")),
                        "exactly one garden"),
                spoilt("no garden", inTable("garden", all -> ""), ""));
    }

    private static Map<String, byte[]> without(Map<String, byte[]> entries, String name) {
        entries.remove(name);
        return entries;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("hostile")
    void refusesWhatCannotBeTakenAndTakesNothing(String what, Spoiling spoiling, String words) throws Exception {
        String before = asked(other, "/api/garden");
        MockHttpServletResponse refused = take(zipped(spoiling.spoil(this, entries(document))));
        assertThat(refused.getStatus()).as(refused.getContentAsString()).isEqualTo(422);
        assertThat(json.readTree(refused.getContentAsString(StandardCharsets.UTF_8))
                        .get("detail")
                        .asText())
                .contains(words)
                .contains("Nothing was taken in.");
        assertThat(asked(other, "/api/garden")).isEqualTo(before);
        assertThat(asked(other, "/api/pots")).isEqualTo("[]");
    }

    @Test
    void refusesOrTakesWhollyWhateverIsCutOffOrFlipped() throws Exception {
        for (int cut = 0; cut < 60; cut++) {
            assertThat(take(Arrays.copyOf(document, (int) ((long) document.length * cut / 60)))
                            .getStatus())
                    .isEqualTo(422);
        }
        Random random = new Random(18);
        for (int round = 0; round < 25; round++) {
            byte[] flipped = document.clone();
            flipped[random.nextInt(flipped.length)] ^= (byte) (1 << random.nextInt(8));
            int status = take(flipped).getStatus();
            assertThat(status).isIn(200, 422);
            if (status == 200) {
                emptyItAgain();
            }
        }
        assertThat(asked(other, "/api/pots")).isEqualTo("[]");
    }

    @Test
    void refusesWhatIsBlownUpOutOfAllProportion() throws Exception {
        Map<String, byte[]> all = entries(document);
        byte[] bomb = new byte[90 * 1024 * 1024];
        Arrays.fill(bomb, (byte) '\n');
        all.put("tables/act.jsonl", bomb);
        assertThat(take(zipped(all)).getContentAsString()).contains("out of all proportion");
    }

    @Test
    void isRefusedWhereItIsNoZipAtAll() throws Exception {
        MockHttpServletResponse refused = take("not a zip".getBytes(StandardCharsets.UTF_8));
        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(refused.getContentType()).isEqualTo(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    }
}
