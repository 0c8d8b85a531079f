package reckonrod.core.listing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What each column of a table means.
 *
 * @param columns the meaning of each column, absent where it is left out; no meaning stands twice
 */
public record Mapping(List<Optional<Column>> columns) {
    public Mapping {
        columns = List.copyOf(columns);
        Set<Column> seen = EnumSet.noneOf(Column.class);
        for (Optional<Column> each : columns) {
            if (each.isPresent() && !seen.add(each.get())) {
                throw new IllegalArgumentException(
                        "\"" + each.get().words() + "\" must be the meaning of one column, stands at two");
            }
        }
    }

    /** Where a meaning stands. */
    public Optional<Integer> indexOf(Column column) {
        int index = columns.indexOf(Optional.of(column));
        return index < 0 ? Optional.empty() : Optional.of(index);
    }

    private boolean has(Column... either) {
        return Arrays.stream(either).anyMatch(column -> indexOf(column).isPresent());
    }

    /** What is missing for rows to become entries, in words; empty if nothing is. */
    public Optional<String> missing() {
        List<String> missing = new ArrayList<>();
        if (indexOf(Column.OUTPUT).isEmpty()) {
            missing.add("no column is the output");
        }
        if (has(Column.LATITUDE, Column.LATITUDE_SOUTH) != has(Column.LONGITUDE, Column.LONGITUDE_WEST)) {
            missing.add("latitude and longitude go together, and one of them is missing");
        }
        return missing.isEmpty() ? Optional.empty() : Optional.of(String.join("; ", missing));
    }
}
