package reckonrod.core.listing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** A table whose columns are held apart by blanks alone, as in plain mail: a column begins where every line has had two blanks. */
final class AlignedTable {
    private static final int LEAST_GAP = 2;
    private static final int LONGEST_LINE = 1_000;

    private AlignedTable() {}

    static Optional<List<Table.Row>> rows(String text) {
        List<String> lines =
                text.lines().map(line -> line.replace("\t", "    ")).toList();
        List<String> filled = lines.stream().filter(line -> !line.isBlank()).toList();
        if (filled.size() < 2 || filled.stream().anyMatch(line -> line.length() > LONGEST_LINE)) {
            return Optional.empty();
        }
        List<Integer> starts = starts(filled);
        if (starts.size() < 2) {
            return Optional.empty();
        }
        return Optional.of(IntStream.range(0, lines.size())
                .filter(i -> !lines.get(i).isBlank())
                .mapToObj(i -> new Table.Row(i + 1, cells(lines.get(i), starts)))
                .toList());
    }

    private static List<Integer> starts(List<String> lines) {
        int width = lines.stream().mapToInt(String::length).max().orElse(0);
        List<Integer> starts = new ArrayList<>();
        int gap = LEAST_GAP;
        for (int at = 0; at < width; at++) {
            int place = at;
            boolean blank = lines.stream().allMatch(line -> place >= line.length() || line.charAt(place) == ' ');
            if (!blank && gap >= LEAST_GAP) {
                starts.add(at);
            }
            gap = blank ? gap + 1 : 0;
        }
        return starts;
    }

    private static List<String> cells(String line, List<Integer> starts) {
        List<String> cells = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            int from = Math.min(starts.get(i), line.length());
            int to = i + 1 < starts.size() ? Math.min(starts.get(i + 1), line.length()) : line.length();
            cells.add(line.substring(from, to).strip());
        }
        return cells;
    }
}
