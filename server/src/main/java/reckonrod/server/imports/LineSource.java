package reckonrod.server.imports;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.List;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.take.LineEntry;

/** Pasted lines of directory notation; empty ones are no rows. */
final class LineSource implements RowSource {
    private static final int CHUNK = 1_000;

    private final BufferedReader lines;
    private final int total;
    private final String source;
    private final BandPlan plan;
    private int line;
    private int next;

    LineSource(Reader text, int total, String source, BandPlan plan) {
        this.lines = new BufferedReader(text);
        this.total = total;
        this.source = source;
        this.plan = plan;
    }

    /**
     * How many rows there are in a text.
     *
     * @throws IllegalArgumentException if it is no text, or there are none
     */
    static int count(Reader text) throws IOException {
        int count = 0;
        try (BufferedReader lines = new BufferedReader(text)) {
            for (String line; (line = lines.readLine()) != null; ) {
                count += line.isBlank() ? 0 : 1;
            }
        }
        if (count == 0) {
            throw new IllegalArgumentException("There are no lines in it");
        }
        return count;
    }

    @Override
    public Chunk from(int row) throws BrokenOff {
        try {
            while (next < row && nextLine() != null) {
                next++;
            }
            List<ReadRow> rows = new ArrayList<>();
            for (String each; rows.size() < CHUNK && (each = nextLine()) != null; next++) {
                rows.add(new ReadRow(line, List.of(each), LineEntry.read(each, source, plan)));
            }
            return new Chunk(rows, total);
        } catch (IOException unreadable) {
            throw new BrokenOff("The lines cannot be read", unreadable);
        }
    }

    private String nextLine() throws IOException {
        for (String each; (each = lines.readLine()) != null; ) {
            line++;
            if (!each.isBlank()) {
                return each.strip();
            }
        }
        return null;
    }

    @Override
    public void close() throws IOException {
        lines.close();
    }
}
