package potmellow.app.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** The programs that this one runs beside itself. None of them runs on when it ends. */
public final class OwnProcesses {
    private static final Duration TO_END = Duration.ofSeconds(20);
    private static final Map<Process, CompletableFuture<Void>> RUNNING = new ConcurrentHashMap<>();

    private static boolean ending;

    private OwnProcesses() {}

    /**
     * Starts a program in a group of its own, with all that it begins: that is worth nothing without it, and ends when it does.
     * Ctrl-C in the terminal reaches the application only, which ends the others in their turn.
     */
    static Process start(ProcessBuilder command) throws IOException {
        List<String> words = new ArrayList<>(List.of("setsid"));
        words.addAll(command.command());
        synchronized (RUNNING) {
            if (ending) {
                throw new DatabaseTrouble("Pot Mellow is stopping.");
            }
            Process process = command.command(words).start();
            RUNNING.put(process, process.onExit().thenAccept(OwnProcesses::endGroup));
            RUNNING.get(process).whenComplete((nothing, trouble) -> RUNNING.remove(process));
            return process;
        }
    }

    /**
     * Asks a program to end, and makes it after a while; returns when it and all that it began are gone. What it still had to say can
     * be read: {@link Process#destroy} would close its streams before the reader's eyes.
     */
    static void end(Process process) {
        CompletableFuture<Void> gone = RUNNING.get(process);
        process.toHandle().destroy();
        if (!waitFor(process, TO_END)) {
            process.toHandle().destroyForcibly();
        }
        if (gone != null) {
            gone.orTimeout(2 * TO_END.toSeconds(), TimeUnit.SECONDS).join();
        }
    }

    /** Only the kernel reaches what is being begun in this moment; whatever one reads of a group is old when it is read. */
    private static void endGroup(Process leader) {
        try {
            Process kill = new ProcessBuilder("kill", "-KILL", "--", "-" + leader.pid())
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            waitFor(kill, TO_END);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        long givenUp = System.nanoTime() + TO_END.toNanos();
        while (isAtWork(leader.pid()) && System.nanoTime() < givenUp) {
            LockSupport.parkNanos(Duration.ofMillis(5).toNanos());
        }
    }

    /** Whether any of a group still runs. Who has ended and is only not yet told to its parent doesn't. */
    private static boolean isAtWork(long group) {
        return ProcessHandle.allProcesses().map(ProcessHandle::pid).anyMatch(pid -> {
            try {
                String stat = Files.readString(Path.of("/proc", Long.toString(pid), "stat"));
                String[] stateParentGroup =
                        stat.substring(stat.lastIndexOf(')') + 2).split(" ", 4);
                return Long.parseLong(stateParentGroup[2]) == group && !"ZX".contains(stateParentGroup[0]);
            } catch (IOException ended) {
                return false;
            }
        });
    }

    /** Ends all of them; none starts after. To be called when the application ends, however far it has come. */
    public static void endAll() {
        List<Process> running;
        synchronized (RUNNING) {
            ending = true;
            running = List.copyOf(RUNNING.keySet());
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
