package potmellow.app.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;

/** The programs that this one runs beside itself. None of them runs on when it ends. */
public final class OwnProcesses {
    private static final Duration TO_END = Duration.ofSeconds(20);
    private static final Set<Process> RUNNING = ConcurrentHashMap.newKeySet();

    private static boolean ending;

    private OwnProcesses() {}

    /**
     * Starts a program in a group of its own, with all that it begins. Ctrl-C in the terminal reaches the application only, which
     * ends the others in their turn.
     */
    static Process start(ProcessBuilder command) throws IOException {
        List<String> words = new ArrayList<>(List.of("setsid"));
        words.addAll(command.command());
        synchronized (RUNNING) {
            if (ending) {
                throw new DatabaseTrouble("Pot Mellow is stopping.");
            }
            Process process = command.command(words).start();
            RUNNING.add(process);
            process.onExit().thenAccept(RUNNING::remove);
            return process;
        }
    }

    /**
     * Asks a program to end, and makes it after a while. What a script began for it is worth nothing without it, and ends at once.
     * The whole group stands still meanwhile: a script that goes on could begin something between being asked what it has begun and
     * its end.
     */
    static void end(Process process) {
        signal("STOP", process);
        List<ProcessHandle> begun = process.descendants().toList();
        begun.forEach(ProcessHandle::destroyForcibly);
        process.destroy();
        signal("CONT", process);
        if (!waitFor(process, TO_END)) {
            process.destroyForcibly();
        }
        begun.forEach(handle ->
                handle.onExit().orTimeout(TO_END.toSeconds(), TimeUnit.SECONDS).join());
    }

    /** To a group that may have ended meanwhile. */
    private static void signal(String name, Process leader) {
        try {
            waitFor(
                    new ProcessBuilder("kill", "-" + name, "--", "-" + leader.pid())
                            .redirectErrorStream(true)
                            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                            .start(),
                    TO_END);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Ends all of them; none starts after. To be called when the application ends, however far it has come. */
    public static void endAll() {
        List<Process> running;
        synchronized (RUNNING) {
            ending = true;
            running = List.copyOf(RUNNING);
        }
        running.forEach(OwnProcesses::end);
    }

    static boolean waitFor(Process process, Duration patience) {
        try {
            return process.waitFor(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
