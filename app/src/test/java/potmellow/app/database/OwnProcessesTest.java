package potmellow.app.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.io.TempDir;

class OwnProcessesTest {
    @TempDir
    Path folder;

    private List<ProcessHandle> working() {
        return ProcessHandle.allProcesses()
                .filter(process -> process.info().commandLine().orElse("").contains(folder.toString()))
                .toList();
    }

    /** A script is always just beginning something. Whatever it has begun when it is ended, ends. */
    @RepeatedTest(6)
    void leavesNothingOfAScriptThatIsEndedWhileItBeginsMore() throws Exception {
        String script = "n=0; while [ $n -lt 300 ]; do tail -f /dev/null \"$0\" & n=$((n + 1)); done; wait";
        Process process = OwnProcesses.start(
                new ProcessBuilder("sh", "-c", script, folder.resolve("none").toString())
                        .redirectErrorStream(true)
                        .redirectOutput(folder.resolve("said").toFile()));
        while (working().size() < 3) {
            OwnProcesses.waitFor(process, Duration.ofMillis(1));
        }
        OwnProcesses.end(process);
        List<ProcessHandle> left = working();
        left.forEach(ProcessHandle::destroyForcibly);
        assertThat(left).isEmpty();
    }

    /** Whoever reads what a program says of its trouble reads it to the end. */
    @RepeatedTest(20)
    void leavesWhatAProgramHadToSayToItsReader() throws Exception {
        Process process = OwnProcesses.start(new ProcessBuilder("sh", "-c", "echo no room >&2; sleep 60"));
        CompletableFuture<String> said = CompletableFuture.supplyAsync(() -> {
            try {
                return new String(process.getErrorStream().readAllBytes(), StandardCharsets.UTF_8);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        OwnProcesses.end(process);
        assertThat(said).succeedsWithin(Duration.ofSeconds(60));
    }
}
