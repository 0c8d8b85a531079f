package reckonrod.server.imports;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reckonrod.core.listing.CsvTable;
import reckonrod.core.listing.RowReader;
import reckonrod.core.listing.Table;
import reckonrod.core.listing.TableReading;

/** The pages of a directory service over HTTP. */
final class ServiceSource implements RowSource {
    private static final int PAGE = 1_000;
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final String address;
    private final String source;
    private final LocalDate today;

    ServiceSource(String address, String source, LocalDate today) {
        this.address = address;
        this.source = source;
        this.today = today;
    }

    @Override
    public Chunk from(int row) throws BrokenOff {
        HttpResponse<String> page = ask(row);
        if (page.statusCode() != 200) {
            throw new BrokenOff(
                    "The directory service answered with " + page.statusCode() + " at entry " + (row + 1) + ": "
                            + shortened(page.body()),
                    null);
        }
        int total = total(page);
        if (row >= total) {
            return new Chunk(List.of(), total);
        }
        try {
            Table table = CsvTable.parse(page.body());
            RowReader reader = new RowReader(
                    TableReading.of(table, List.of()).mapping(),
                    table.headings().size(),
                    source,
                    today,
                    Optional.empty());
            List<ReadRow> rows = new ArrayList<>();
            for (Table.Row each : table.rows()) {
                rows.add(new ReadRow(row + rows.size() + 1, each.cells(), reader.read(each)));
            }
            return new Chunk(rows, total);
        } catch (IllegalArgumentException noPage) {
            throw new BrokenOff(
                    "The directory service sent something else than a page at entry " + (row + 1) + ": "
                            + noPage.getMessage(),
                    noPage);
        }
    }

    private static int total(HttpResponse<String> page) throws BrokenOff {
        String total = page.headers().firstValue("X-Total-Count").orElse("0");
        try {
            return Integer.parseInt(total);
        } catch (NumberFormatException noNumber) {
            throw new BrokenOff("The directory service says that it has \"" + total + "\" entries", noNumber);
        }
    }

    private HttpResponse<String> ask(int row) throws BrokenOff {
        try {
            return http.send(
                    HttpRequest.newBuilder(URI.create(address + "?from=" + row + "&count=" + PAGE))
                            .timeout(PATIENCE)
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
        } catch (IOException silent) {
            throw new BrokenOff("The directory service does not answer at entry " + (row + 1), silent);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new BrokenOff("Reckonrod was stopped", stopped);
        }
    }

    private static String shortened(String text) {
        return text.length() > 120 ? text.substring(0, 120) + "…" : text;
    }
}
