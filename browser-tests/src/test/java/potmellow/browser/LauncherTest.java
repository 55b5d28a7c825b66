package potmellow.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The launcher as a newcomer meets it, with a state folder of its own. The application was built by the modules before. */
class LauncherTest {
    private static final Path HERE = Path.of("..").toAbsolutePath().normalize();

    @TempDir
    Path state;

    @TempDir
    Path commands;

    private Process running;

    @AfterEach
    void leaveNothingBehind() throws Exception {
        if (running != null) {
            running.destroy();
            awaitEnd(running);
        }
        assertThat(processesOfThisTest()).as("processes left behind").isEmpty();
    }

    private record Ended(int code, String said) {}

    private Process start(String path, String... arguments) throws IOException {
        ProcessBuilder builder = new ProcessBuilder(
                Stream.concat(Stream.of("/bin/bash", HERE.resolve("mellow").toString()), Stream.of(arguments))
                        .toList());
        builder.environment().put("MELLOW_STATE", state.toString());
        builder.environment().put("PATH", path);
        return builder.redirectErrorStream(true)
                .redirectOutput(state.resolve("said.txt").toFile())
                .start();
    }

    private Ended runWith(String path, String... arguments) throws Exception {
        Process process = start(path, arguments);
        awaitEnd(process);
        return new Ended(process.exitValue(), said());
    }

    private Ended run(String... arguments) throws Exception {
        return runWith(System.getenv("PATH"), arguments);
    }

    private String said() throws IOException {
        return Files.readString(state.resolve("said.txt"));
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        }
    }

    private int startDemo() throws Exception {
        return startAndAwaitAnswer("demo");
    }

    private int startAndAwaitAnswer(String command) throws Exception {
        int port = freePort();
        running = start(System.getenv("PATH"), command, "--port", String.valueOf(port));
        until(() -> said().contains("Pot Mellow answers at http://127.0.0.1:" + port));
        return port;
    }

    /** Waits for something that a running launcher brings about. */
    private void until(Callable<Boolean> happened) throws Exception {
        long giveUp = System.nanoTime() + Patience.LAUNCH.toNanos();
        while (!happened.call()) {
            assertThat(running.isAlive() && System.nanoTime() < giveUp)
                    .as(said())
                    .isTrue();
            running.waitFor(20, TimeUnit.MILLISECONDS);
        }
    }

    private static void awaitEnd(Process process) throws InterruptedException {
        assertThat(process.waitFor(Patience.LAUNCH.toSeconds(), TimeUnit.SECONDS))
                .isTrue();
    }

    /** Everything of this test at once, without a word: the launcher, the application, the database and what installs it. */
    private void killEverything() throws Exception {
        List<ProcessHandle> started = running.descendants().toList();
        running.destroyForcibly();
        started.forEach(ProcessHandle::destroyForcibly);
        while (!processesOfThisTest().isEmpty() || started.stream().anyMatch(ProcessHandle::isAlive)) {
            ProcessHandle.allProcesses()
                    .filter(process -> process.info().commandLine().orElse("").contains(state.toString()))
                    .forEach(ProcessHandle::destroyForcibly);
            running.waitFor(50, TimeUnit.MILLISECONDS);
        }
        awaitEnd(running);
    }

    private List<String> processesOfThisTest() {
        return ProcessHandle.allProcesses()
                .map(process -> process.info().commandLine().orElse(""))
                .filter(line -> line.contains(state.toString()))
                .toList();
    }

    /** A folder of commands like the machine's own, without some, and with others played by a script. */
    private String commandsWithout(String missing, String played, String script) throws IOException {
        try (Stream<Path> own = Stream.of("/usr/bin", "/usr/sbin", "/bin")
                .map(Path::of)
                .flatMap(folder -> Stream.of(folder.toFile().listFiles()).map(java.io.File::toPath))) {
            for (Path command : own.toList()) {
                String name = command.getFileName().toString();
                Path link = commands.resolve(name);
                if (!name.equals(missing) && !name.equals(played) && !Files.exists(link)) {
                    Files.createSymbolicLink(link, command);
                }
            }
        }
        Path stand = Files.writeString(commands.resolve(played), "#!/bin/bash\n" + script + "\n");
        Files.setPosixFilePermissions(stand, PosixFilePermissions.fromString("rwxr-xr-x"));
        return commands.toString();
    }

    @Test
    void listsWhatItCanDo() throws Exception {
        Ended help = run("help");
        assertThat(help.code()).isZero();
        assertThat(help.said())
                .contains("demo", "start", "stop", "status", "backup", "restore", "check", "service", "test", "shots");
    }

    @Test
    void saysThatACommandIsNotKnown() throws Exception {
        assertThat(run("brew")).isEqualTo(new Ended(1, "“brew” is not known here. Try ./mellow help.\n"));
    }

    @Test
    void refusesAPortThatIsNone() throws Exception {
        assertThat(run("demo", "--port", "99999"))
                .isEqualTo(new Ended(1, "The port (“99999”) must be a number from 1024 to 65535.\n"));
    }

    @Test
    void saysThatThePortIsTakenAndOffersAnother() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            int port = taken.getLocalPort();
            assertThat(run("demo", "--port", String.valueOf(port)))
                    .isEqualTo(new Ended(
                            1,
                            "Port " + port + " is taken by another program. Choose another: ./mellow demo --port "
                                    + (port + 1) + "\n"));
        }
    }

    @Test
    void saysThatTheDiskIsNearlyFull() throws Exception {
        String path = commandsWithout("", "df", "echo head; echo '/dev/full 9 9 12 99% /'");
        Ended ended = runWith(path, "demo", "--port", String.valueOf(freePort()));
        assertThat(ended)
                .isEqualTo(new Ended(
                        1,
                        "The disk is nearly full: 12 MB are free and 300 MB are needed to run. Free some space, then start"
                                + " again.\n"));
    }

    @Test
    void saysThatNoPackageSourceAnswers() throws Exception {
        String path = commandsWithout("mariadb-install-db", "apt-get", "echo 'Temporary failure resolving'; exit 100");
        Files.delete(commands.resolve("id"));
        Path root = Files.writeString(commands.resolve("id"), "#!/bin/bash\necho 0\n");
        Files.setPosixFilePermissions(root, PosixFilePermissions.fromString("rwxr-xr-x"));
        Ended ended = runWith(path, "demo", "--port", String.valueOf(freePort()));
        assertThat(ended.code()).isEqualTo(1);
        assertThat(ended.said())
                .contains(
                        "The list of packages could not be fetched: no package source answers. Connect this machine to"
                                + " one, then start again.");
    }

    @Test
    void asksTheOwnerOfTheMachineForWhatOnlyRootCanInstall() throws Exception {
        String path = commandsWithout("mariadb-install-db", "id", "echo 1000");
        Ended ended = runWith(path, "demo", "--port", String.valueOf(freePort()));
        assertThat(ended)
                .isEqualTo(
                        new Ended(
                                1,
                                "Missing on this machine: mariadb-server. Ask its owner to run: apt-get install mariadb-server\n"));
    }

    @Test
    void startsTheSampleWorldRefusesASecondOneAndStopsCleanly() throws Exception {
        int port = startDemo();
        HttpResponse<String> garden = ask(port, "/api/garden");
        assertThat(garden.body()).contains("Gull Loft, Port Sorrel");

        Path before = Files.move(state.resolve("said.txt"), state.resolve("said-before.txt"));
        assertThat(run("demo", "--port", String.valueOf(freePort())))
                .isEqualTo(new Ended(
                        1,
                        "This Pot Mellow is running already, at http://127.0.0.1:" + port
                                + ". Stop it with ./mellow stop.\n"));
        assertThat(run("status")).isEqualTo(new Ended(0, "demo: http://127.0.0.1:" + port + "\n"));
        assertThat(run("stop")).isEqualTo(new Ended(0, "Stopped demo.\n"));
        awaitEnd(running);
        assertThat(running.exitValue()).isZero();
        assertThat(Files.readString(before)).endsWith("Stopped.\n");
        assertThat(run("status").code()).isEqualTo(3);
    }

    /** Killed at any step of the very first start, the next one comes up: nothing half-made is taken for whole. */
    @Test
    void comesUpHoweverOftenItsFirstStartWasKilledHalfWay() throws Exception {
        Path database = state.resolve("garden/database");
        for (String step : List.of("installing-", "data", "data/potmellow", "data/potmellow/batch.ibd")) {
            running = start(System.getenv("PATH"), "start", "--port", String.valueOf(freePort()));
            until(() -> hasBegun(database, step));
            killEverything();
        }
        int port = startAndAwaitAnswer("start");
        HttpResponse<String> garden = ask(port, "/api/garden");
        assertThat(garden.statusCode()).isEqualTo(200);
        assertThat(database.resolve("error.log.1")).exists();
        assertThat(state.resolve("garden/application.log.1")).exists();
    }

    private static boolean hasBegun(Path database, String step) throws IOException {
        if (!step.endsWith("-")) {
            return Files.exists(database.resolve(step));
        }
        if (!Files.isDirectory(database)) {
            return false;
        }
        try (Stream<Path> inside = Files.list(database)) {
            return inside.anyMatch(path -> path.getFileName().toString().startsWith(step));
        }
    }

    @Test
    void namesTheLogWhereItsDatabaseCannotStart() throws Exception {
        Files.createDirectories(state.resolve("garden/database/data/somebody_elses"));
        Ended ended = run("start", "--port", String.valueOf(freePort()));
        assertThat(ended.code()).isEqualTo(1);
        assertThat(ended.said())
                .contains("The database did not start.")
                .contains("Its log is " + state.resolve("garden/database/error.log"));
        assertThat(state.resolve("garden/database/error.log")).isNotEmptyFile();
    }

    private long database(String name) throws IOException {
        return Long.parseLong(
                Files.readString(state.resolve(name + "/database/server.pid")).strip());
    }

    private static HttpResponse<String> ask(int port, String path) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void startsItsDatabaseAgainWhenThatWasKilled() throws Exception {
        int port = startDemo();
        long killed = database("demo");
        ProcessHandle.of(killed).orElseThrow().destroyForcibly();
        until(() -> {
            HttpResponse<String> answer = ask(port, "/api/garden");
            assertThat(answer.statusCode()).isIn(200, 503);
            return answer.statusCode() == 200 && database("demo") != killed;
        });
        assertThat(ask(port, "/api/pots").statusCode()).isEqualTo(200);
    }

    @Test
    void endsWithTheReasonWhereItsDatabaseCannotLive() throws Exception {
        startDemo();
        Files.move(state.resolve("demo/database/data"), state.resolve("demo/database/elsewhere"));
        ProcessHandle.of(database("demo")).orElseThrow().destroyForcibly();
        awaitEnd(running);
        assertThat(running.exitValue()).isEqualTo(1);
        assertThat(said())
                .contains("The database can't run, so Pot Mellow stops too. What was stored is kept.")
                .contains("Its log is " + state.resolve("demo/database/error.log"));
    }

    @Test
    void leavesAGardenToTheOneThatHasItThoughItsLauncherWasKilled() throws Exception {
        int port = startDemo();
        running.destroyForcibly();
        awaitEnd(running);
        assertThat(run("demo", "--port", String.valueOf(freePort())).said())
                .isEqualTo("This Pot Mellow is running already, at http://127.0.0.1:" + port
                        + ". Stop it with ./mellow stop.\n");
        assertThat(ask(port, "/api/garden").statusCode()).isEqualTo(200);
        assertThat(run("stop").said()).isEqualTo("Stopped demo.\n");
    }

    @Test
    void leavesNothingRunningWhereItIsStoppedWhileItsDatabaseIsMade() throws Exception {
        running = start(System.getenv("PATH"), "start", "--port", String.valueOf(freePort()));
        until(() -> hasBegun(state.resolve("garden/database"), "installing-"));
        running.destroy();
        awaitEnd(running);
        assertThat(said()).endsWith("Stopped.\n");
    }

    @Test
    void keepsWhatItWritesFromOtherUsers() throws Exception {
        startDemo();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(state.resolve("demo"))))
                .isEqualTo("rwx------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(state.resolve("demo/application.log"))))
                .isEqualTo("rw-------");
    }

    @Test
    void putsAsideInItsOwnFolderWhatItNeedsAndClearsWhatAKilledOneLeft() throws Exception {
        Path aside = state.resolve("demo/aside");
        Path left = Files.createDirectories(aside.resolve("tomcat.8080.1"));
        startDemo();
        assertThat(left).doesNotExist();
        try (Stream<Path> there = Files.list(aside)) {
            assertThat(there.map(file -> file.getFileName().toString())).anyMatch(name -> name.startsWith("tomcat"));
        }
    }

    @Test
    void writesAGardenIntoAFileAndPutsItBack() throws Exception {
        String file = state.resolve("kept.sql.gz").toString();
        assertThat(run("backup", file).said()).startsWith("There is no garden in");
        startAndAwaitAnswer("start");
        Files.move(state.resolve("said.txt"), state.resolve("said-before.txt"));
        assertThat(run("backup", file).said()).isEqualTo("The garden is in " + file + ", and was read back from it.\n");
        assertThat(run("check").said())
                .isEqualTo("What is said of every pot and every bottle is what its history tells.\n");
        assertThat(run("restore", file))
                .isEqualTo(new Ended(1, "Your garden is running. Stop it first with ./mellow stop, then restore.\n"));
        run("stop");
        awaitEnd(running);
        assertThat(run("backup", file).said()).contains("Choose another name.");
        assertThat(run("restore", file).said())
                .startsWith("The garden is back as it was in " + file + ". What was here before is set aside in ");
        startAndAwaitAnswer("start");
    }

    @Test
    void describesAServiceThatTheMachineUnderstands() throws Exception {
        Ended unit = run("service", "show", "8090");
        assertThat(unit.said()).contains("User=potmellow", "NoNewPrivileges=yes", "-Xmx", "--server.port=8090");
        if (Files.isExecutable(Path.of("/usr/bin/systemd-analyze"))) {
            Path file = Files.writeString(state.resolve("potmellow.service"), unit.said());
            Process verify = new ProcessBuilder("systemd-analyze", "verify", file.toString())
                    .redirectErrorStream(true)
                    .start();
            assertThat(new String(verify.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                    .isEmpty();
        }
    }

    @Test
    void startsFromTheClassesThatItsBuildMadeReady() throws Exception {
        startDemo();
        String application = Files.readString(state.resolve("demo/pid")).strip();
        assertThat(Files.readString(Path.of("/proc", application, "maps"))).contains("app/target/run/classes.jsa");
        assertThat(Files.readString(state.resolve("demo/application.log"))).doesNotContain("[cds]");
    }

    @Test
    void leavesNoDatabaseBehindWhenTheApplicationIsKilled() throws Exception {
        startDemo();
        long application =
                Long.parseLong(Files.readString(state.resolve("demo/pid")).strip());
        ProcessHandle.of(application).orElseThrow().destroyForcibly();
        awaitEnd(running);
        assertThat(running.exitValue()).isEqualTo(1);
        assertThat(said()).contains("Pot Mellow stopped unexpectedly. What was stored is kept; start it again.");
    }
}
