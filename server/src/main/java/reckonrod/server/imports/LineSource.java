package reckonrod.server.imports;

import java.util.ArrayList;
import java.util.List;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.take.LineEntry;

/** Pasted lines of directory notation. */
final class LineSource implements RowSource {
    private final List<String> lines;
    private final String source;
    private final BandPlan plan;

    LineSource(String text, String source, BandPlan plan) {
        this.lines = text.lines().toList();
        this.source = source;
        this.plan = plan;
    }

    @Override
    public Chunk from(int row) {
        List<ReadRow> rows = new ArrayList<>();
        for (int i = row; i < lines.size(); i++) {
            String line = lines.get(i).strip();
            if (!line.isEmpty()) {
                rows.add(new ReadRow(i + 1, List.of(line), LineEntry.read(line, source, plan)));
            }
        }
        return new Chunk(rows, row + rows.size());
    }
}
