package potmellow.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Gardeners go on writing while the database, the application or both are killed without a word. Each repeats what wasn't answered,
 * under its key, until it is. Then everything that was acknowledged is there, once. More rounds: -Dpotmellow.faults.rounds=100; what
 * it measured is printed and stands in docs/reliability.md.
 */
class FaultsTest {
    private static final int ROUNDS = Integer.getInteger("potmellow.faults.rounds", 3);
    private static final long SEED = Long.getLong("potmellow.faults.seed", 18);
    private static final int WRITERS = 4;
    private static final Duration A_SLOW_DISK = Duration.ofMillis(400);
    private static final int SLOW_WRITES = 24;
    private static final Path HERE = Path.of("..").toAbsolutePath().normalize();

    private final ObjectMapper json = new ObjectMapper();
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final int port = freePort();
    /** What each key was answered: the id of the vessel that it made. */
    private final Map<UUID, String> acknowledged = new ConcurrentHashMap<>();

    private final Queue<String> strange = new ConcurrentLinkedQueue<>();
    private final AtomicBoolean over = new AtomicBoolean();

    @TempDir
    Path state;

    private Process running;

    private enum Victim {
        DATABASE,
        APPLICATION,
        BOTH
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private void launch() throws IOException {
        launchIn(state);
    }

    private void launchIn(Path folder) throws IOException {
        ProcessBuilder builder = new ProcessBuilder(
                "/bin/bash", HERE.resolve("mellow").toString(), "start", "--port", String.valueOf(port));
        builder.environment().put("MELLOW_STATE", folder.toString());
        running = builder.redirectErrorStream(true)
                .redirectOutput(state.resolve("said.txt").toFile())
                .start();
    }

    @AfterEach
    void stop() throws Exception {
        over.set(true);
        running.destroy();
        assertThat(running.waitFor(Patience.LAUNCH.toSeconds(), TimeUnit.SECONDS))
                .isTrue();
    }

    private static boolean done(String... command) throws Exception {
        return new ProcessBuilder(command).inheritIO().start().waitFor() == 0;
    }

    private HttpResponse<String> ask(HttpRequest.Builder request) throws IOException, InterruptedException {
        return http.send(request.timeout(Duration.ofSeconds(60)).build(), HttpResponse.BodyHandlers.ofString());
    }

    private HttpRequest.Builder at(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
    }

    private boolean answers() throws InterruptedException {
        try {
            return ask(at("/api/garden")).statusCode() == 200;
        } catch (IOException nobody) {
            return false;
        }
    }

    private void awaitAnswer() throws Exception {
        long giveUp = System.nanoTime() + Patience.LAUNCH.toNanos();
        while (!answers()) {
            assertThat(System.nanoTime())
                    .as(Files.readString(state.resolve("said.txt")))
                    .isLessThan(giveUp);
            if (!running.isAlive()) {
                launch();
            }
            running.waitFor(50, TimeUnit.MILLISECONDS);
        }
    }

    /** One gardener: writes, and repeats what isn't answered until it is. */
    private void write() {
        try {
            while (!over.get()) {
                UUID key = UUID.randomUUID();
                while (!over.get() && !acknowledged.containsKey(key)) {
                    attempt(key);
                }
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** A request that may write. */
    private HttpRequest.Builder writingAt(String path) throws IOException, InterruptedException {
        String token = ask(at("/api/garden"))
                .headers()
                .firstValue("Set-Cookie")
                .map(cookie -> cookie.replaceAll("XSRF-TOKEN=([^;]+).*", "$1"))
                .orElse("");
        return at(path).header("Cookie", "XSRF-TOKEN=" + token).header("X-XSRF-TOKEN", token);
    }

    private HttpResponse<String> post(UUID key) throws IOException, InterruptedException {
        return ask(writingAt("/api/vessels")
                .header("Idempotency-Key", key.toString())
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString("{\"kind\":\"JAR\",\"capacity\":\"1 L\"}")));
    }

    private void attempt(UUID key) throws InterruptedException {
        try {
            HttpResponse<String> answer = post(key);
            if (answer.statusCode() == 200) {
                acknowledged.put(key, json.readTree(answer.body()).get("id").asText());
            } else if (answer.statusCode() != 503 && answer.statusCode() != 403) {
                strange.add(answer.statusCode() + " " + answer.body());
            }
        } catch (IOException nobodyThere) {
            Thread.yield();
        }
    }

    private long pid(String file) throws IOException {
        return Long.parseLong(
                Files.readString(state.resolve("garden").resolve(file)).strip());
    }

    private void kill(Victim victim) throws IOException {
        if (victim != Victim.APPLICATION) {
            ProcessHandle.of(pid("database/server.pid")).ifPresent(ProcessHandle::destroyForcibly);
        }
        if (victim != Victim.DATABASE) {
            ProcessHandle.of(pid("pid")).ifPresent(ProcessHandle::destroyForcibly);
        }
    }

    @Test
    void keepsEverythingThatWasAcknowledgedOnceWhoeverIsKilled() throws Exception {
        launch();
        awaitAnswer();
        List<Thread> writers = startWriters();
        Random random = new Random(SEED);
        List<String> told = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            // At least some writes between two deaths, and a moment that isn't always the same.
            int enough = acknowledged.size() + 5 + random.nextInt(40);
            while (acknowledged.size() < enough) {
                running.waitFor(1 + random.nextInt(20), TimeUnit.MILLISECONDS);
            }
            Victim victim = Victim.values()[round % Victim.values().length];
            long began = System.nanoTime();
            long database = pid("database/server.pid");
            kill(victim);
            while (victim == Victim.DATABASE && pid("database/server.pid") == database) {
                running.waitFor(5, TimeUnit.MILLISECONDS);
            }
            awaitAnswer();
            told.add(victim + " " + Duration.ofNanos(System.nanoTime() - began).toMillis() + " ms");
        }
        stop(writers);
        System.out.println("faults: " + acknowledged.size() + " acknowledged; answered again after " + told);
        everythingAcknowledgedIsThereOnce();
    }

    private List<Thread> startWriters() {
        List<Thread> writers = IntStream.range(0, WRITERS)
                .mapToObj(number -> new Thread(this::write, "writer " + number))
                .toList();
        writers.forEach(Thread::start);
        return writers;
    }

    private void stop(List<Thread> writers) throws InterruptedException {
        over.set(true);
        for (Thread writer : writers) {
            writer.join();
        }
    }

    private void everythingAcknowledgedIsThereOnce() throws Exception {
        assertThat(strange).isEmpty();
        Set<String> ids = new HashSet<>();
        Set<String> codes = new HashSet<>();
        JsonNode vessels = json.readTree(ask(at("/api/vessels")).body());
        for (JsonNode vessel : vessels) {
            assertThat(ids.add(vessel.get("id").asText())).isTrue();
            assertThat(codes.add(vessel.get("code").asText())).isTrue();
        }
        assertThat(ids).containsAll(acknowledged.values());
        assertThat(new HashSet<>(acknowledged.values())).hasSize(acknowledged.size());
        // Whatever is there beyond was under way when the writers were told to stop: at most one for each of them.
        assertThat(ids.size()).isBetween(acknowledged.size(), acknowledged.size() + WRITERS);
    }

    /** Every write waits for a disk that takes its time; whoever only reads doesn't, and nothing counts twice for it. */
    @Test
    void readsOnAndLosesNothingOnASlowDisk() throws Exception {
        launch();
        awaitAnswer();
        Path seen = state.resolve("slowed.txt");
        Process slow = new ProcessBuilder(
                        "strace",
                        "-f",
                        "-qq",
                        "-o",
                        seen.toString(),
                        "-e",
                        "trace=fsync,fdatasync",
                        "-e",
                        "inject=fsync,fdatasync:delay_exit=" + A_SLOW_DISK.toMillis() * 1000,
                        "-p",
                        String.valueOf(pid("database/server.pid")))
                .inheritIO()
                .start();
        List<Thread> writers = startWriters();
        while (acknowledged.size() < SLOW_WRITES) {
            assertThat(slow.isAlive()).as("the disk is slow").isTrue();
            assertThat(ask(at("/api/pots")).statusCode()).isEqualTo(200);
        }
        stop(writers);
        slow.destroy();
        slow.waitFor();
        try (Stream<String> lines = Files.lines(seen)) {
            assertThat(lines.filter(line -> line.contains("DELAYED")).count())
                    .isGreaterThanOrEqualTo(SLOW_WRITES / WRITERS);
        }
        everythingAcknowledgedIsThereOnce();
    }

    /** Kills everything while something long is under way; a moment later each time. */
    private void killDuring(HttpRequest.Builder longOne, int round) throws Exception {
        CompletableFuture<HttpResponse<String>> answer =
                http.sendAsync(longOne.build(), HttpResponse.BodyHandlers.ofString());
        running.waitFor(20 + round % 30 * 60L, TimeUnit.MILLISECONDS);
        kill(Victim.BOTH);
        answer.handle((said, failure) -> said).join();
        awaitAnswer();
    }

    @Test
    void countsNoBackupThatWasCutOff() throws Exception {
        launch();
        awaitAnswer();
        assertThat(post(UUID.randomUUID()).statusCode()).isEqualTo(200);
        for (int round = 0; round < ROUNDS; round++) {
            killDuring(writingAt("/api/backups").POST(HttpRequest.BodyPublishers.noBody()), round);
            assertThat(ask(at("/api/vessels")).body()).contains("\"J1\"");
        }
        HttpResponse<String> made = ask(writingAt("/api/backups").POST(HttpRequest.BodyPublishers.noBody()));
        assertThat(made.statusCode()).as(made.body()).isEqualTo(200);
        Path folder = Path.of(json.readTree(made.body()).get("folder").asText());
        Set<String> told = new HashSet<>();
        json.readTree(made.body())
                .get("kept")
                .forEach(kept -> told.add(kept.get("file").asText()));
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .as("nothing that was begun lies about")
                    .containsExactlyInAnyOrderElementsOf(told);
        }
    }

    @Test
    void takesADocumentInWholeOrNotAtAll() throws Exception {
        Path document = HERE.resolve("app/src/test/resources/documents/garden-16.zip");
        launch();
        awaitAnswer();
        String empty = ask(at("/api/vessels")).body();
        String whole = empty;
        for (int round = 0; round < ROUNDS && whole.equals(empty); round++) {
            killDuring(
                    writingAt("/api/garden/document")
                            .header("Content-Type", "application/zip")
                            .PUT(HttpRequest.BodyPublishers.ofFile(document)),
                    round);
            whole = ask(at("/api/vessels")).body();
        }
        if (whole.equals(empty)) {
            HttpResponse<String> taken = ask(writingAt("/api/garden/document")
                    .header("Content-Type", "application/zip")
                    .PUT(HttpRequest.BodyPublishers.ofFile(document)));
            assertThat(taken.statusCode()).as(taken.body()).isEqualTo(200);
        }
        for (String list : List.of("/api/round", "/api/pots", "/api/bottles", "/api/beds", "/api/vessels")) {
            assertThat(ask(at(list)).statusCode()).as(list).isEqualTo(200);
        }
        assertThat(json.readTree(ask(at("/api/vessels")).body())).isNotEmpty();
    }

    /** On a small disk of its own, which only root can make: it fills up, its database is killed on top, and it gets room again. */
    @Test
    void tellsThatTheDiskIsFullReadsOnAndGoesOnOnceThereIsRoom() throws Exception {
        Path disk = Files.createDirectory(state.resolve("disk"));
        Assumptions.assumeTrue(done("mount", "-t", "tmpfs", "-o", "size=460m", "tmpfs", disk.toString()));
        try {
            launchIn(disk);
            awaitAnswer();
            Path filling = disk.resolve("filling");
            fill(filling);
            HttpResponse<String> answer = post(UUID.randomUUID());
            while (answer.statusCode() == 200) {
                answer = post(UUID.randomUUID());
            }
            assertThat(answer.statusCode()).isEqualTo(507);
            assertThat(answer.body()).contains("The disk is full", "What you typed is still here");
            assertThat(ask(at("/api/pots")).statusCode()).isEqualTo(200);

            ProcessHandle.of(Long.parseLong(Files.readString(disk.resolve("garden/database/server.pid"))
                            .strip()))
                    .orElseThrow()
                    .destroyForcibly();
            while (!ask(at("/api/pots")).body().contains("The disk is full")) {
                running.waitFor(50, TimeUnit.MILLISECONDS);
            }
            assertThat(ask(at("/round")).statusCode()).isEqualTo(200);

            Files.delete(filling);
            awaitAnswer();
            assertThat(post(UUID.randomUUID()).statusCode()).isEqualTo(200);
        } finally {
            running.destroy();
            running.waitFor();
            assertThat(done("umount", disk.toString())).isTrue();
        }
    }

    private static void fill(Path file) throws IOException {
        byte[] some = new byte[1024 * 1024];
        try (var out = Files.newOutputStream(file)) {
            while (true) {
                out.write(some);
            }
        } catch (IOException full) {
            assertThat(full.getMessage()).contains("No space left");
        }
    }
}
