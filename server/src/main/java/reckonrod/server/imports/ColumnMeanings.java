package reckonrod.server.imports;

import java.util.List;
import java.util.Optional;
import reckonrod.core.listing.Column;
import reckonrod.core.listing.Mapping;
import reckonrod.server.problem.ProblemException;

/** Reads the meanings of columns as they are on the wire. */
public final class ColumnMeanings {
    private ColumnMeanings() {}

    /**
     * The mapping of a table.
     *
     * @param columns one meaning for each heading, empty where it is left out
     * @param headings how many headings the table has
     * @throws ProblemException if they do not fit, or rows cannot be read by them; it says why
     */
    public static Mapping parse(List<String> columns, int headings) {
        if (columns.size() != headings) {
            throw ProblemException.refused(
                    "mapping-incomplete",
                    "A column is without meaning",
                    "columns must name " + headings + " meanings, one for each heading, named " + columns.size() + ".");
        }
        Mapping mapping;
        try {
            mapping = new Mapping(columns.stream()
                    .map(each -> each == null || each.isBlank()
                            ? Optional.<Column>empty()
                            : Optional.of(Column.valueOf(each)))
                    .toList());
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("mapping-wrong", "The columns cannot mean that", wrong.getMessage() + ".");
        }
        mapping.missing().ifPresent(missing -> {
            throw ProblemException.refused(
                    "mapping-incomplete", "A column is missing", "Rows cannot become entries yet: " + missing + ".");
        });
        return mapping;
    }
}
