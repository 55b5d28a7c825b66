package potmellow.app.book;

import java.util.List;
import potmellow.app.answer.WorkingView;
import potmellow.core.scaling.Schools;

/** Schools side by side. */
record SchoolsView(String product, List<SchoolHead> schools, List<SchoolRow> rows) {
    static SchoolsView of(Schools schools) {
        return new SchoolsView(
                schools.product().name(),
                schools.methods().stream()
                        .map(method -> new SchoolHead(
                                method.id(), method.title(), method.school().name()))
                        .toList(),
                schools.rows().stream()
                        .map(row -> new SchoolRow(
                                row.aspect(),
                                row.differs(),
                                row.cells().stream()
                                        .map(cell -> new SchoolCell(cell.value(), WorkingView.of(cell)))
                                        .toList()))
                        .toList());
    }

    record SchoolHead(String id, String title, String name) {}

    /** @param differs whether the schools differ in it */
    record SchoolRow(String aspect, boolean differs, List<SchoolCell> cells) {}

    record SchoolCell(String words, WorkingView working) {}
}
