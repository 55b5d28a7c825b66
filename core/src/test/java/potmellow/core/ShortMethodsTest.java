package potmellow.core;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;

/** A method of the core is read at a glance: nine of ten hold fewer than fifteen lines between their braces. */
class ShortMethodsTest {
    private static final int GLANCE = 15;

    @Test
    void nineOfTenMethodsAreReadAtAGlance() throws IOException {
        List<Length> all = lengths(Path.of("src/main/java"));
        List<Length> longOnes =
                all.stream().filter(one -> one.lines() >= GLANCE).sorted().toList();
        assertThat(all).hasSizeGreaterThan(1_000);
        assertThat(longOnes.size())
                .as("methods of %s lines or more, of %s: %s", GLANCE, all.size(), longOnes)
                .isLessThanOrEqualTo(all.size() / 10);
    }

    private static List<Length> lengths(Path sources) throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null);
                Stream<Path> paths = Files.walk(sources)) {
            List<Path> java =
                    paths.filter(path -> path.toString().endsWith(".java")).toList();
            JavacTask task = (JavacTask) compiler.getTask(
                    null, files, null, List.of("-proc:none"), null, files.getJavaFileObjectsFromPaths(java));
            SourcePositions positions = Trees.instance(task).getSourcePositions();
            List<Length> lengths = new ArrayList<>();
            for (CompilationUnitTree unit : task.parse()) {
                new Lengths(unit, positions, lengths).scan(unit, null);
            }
            return lengths;
        }
    }

    private record Length(String where, long lines) implements Comparable<Length> {
        @Override
        public int compareTo(Length other) {
            return Long.compare(other.lines, lines);
        }
    }

    private static class Lengths extends TreeScanner<Void, Void> {
        private final CompilationUnitTree unit;
        private final SourcePositions positions;
        private final List<Length> lengths;

        Lengths(CompilationUnitTree unit, SourcePositions positions, List<Length> lengths) {
            this.unit = unit;
            this.positions = positions;
            this.lengths = lengths;
        }

        @Override
        public Void visitMethod(MethodTree method, Void nothing) {
            if (method.getBody() != null && positions.getStartPosition(unit, method) >= 0) {
                long first = unit.getLineMap().getLineNumber(positions.getStartPosition(unit, method.getBody()));
                long last = unit.getLineMap().getLineNumber(positions.getEndPosition(unit, method.getBody()));
                String file =
                        Path.of(unit.getSourceFile().getName()).getFileName().toString();
                lengths.add(new Length(file + " " + method.getName(), last - first - 1));
            }
            return super.visitMethod(method, nothing);
        }
    }
}
