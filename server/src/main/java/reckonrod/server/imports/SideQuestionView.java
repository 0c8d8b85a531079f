package reckonrod.server.imports;

import java.util.List;
import reckonrod.core.listing.Column;
import reckonrod.core.listing.Mapping;
import reckonrod.core.listing.TableReading;

/**
 * Which of two readings of a table is right.
 *
 * @param why what makes it doubtful
 * @param readings the meaning of each column by either of them, empty where it is left out
 */
public record SideQuestionView(String why, List<List<String>> readings) {
    public static SideQuestionView of(TableReading.SideQuestion question) {
        return new SideQuestionView(
                question.why(),
                question.readings().stream().map(SideQuestionView::names).toList());
    }

    private static List<String> names(Mapping mapping) {
        return mapping.columns().stream()
                .map(each -> each.map(Column::name).orElse(""))
                .toList();
    }
}
