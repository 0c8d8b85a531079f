package reckonrod.core.take;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.listing.Column;
import reckonrod.core.listing.Mapping;
import reckonrod.core.listing.TableReading;
import reckonrod.core.notation.Reckoner;

/**
 * Tables as people copy them. A block of {@code pasted-tables.txt} begins with {@code #}, a title and a band plan; below the text
 * stands what comes of it: {@code >} a line for each row, or {@code ?} what is asked before any row is read.
 */
class PastedTablesTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 2);

    static Stream<String> blocks() throws IOException {
        try (InputStream in = PastedTablesTest.class.getResourceAsStream("pasted-tables.txt")) {
            return Arrays.stream(new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n\n", -1))
                    .map(String::strip)
                    .toList()
                    .stream();
        }
    }

    private static BandPlan plan(String id) {
        return BandPlans.shipped().find(id).orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("blocks")
    void aTableIsReadOrAskedAbout(String block) {
        List<String> lines = block.lines().toList();
        String title = lines.get(0);
        String text = lines.stream()
                .skip(1)
                .filter(line -> !line.matches("[>?] .*"))
                .map(line -> line + "\n")
                .collect(Collectors.joining());
        ListingLines read = ListingLines.of(
                text, plan(title.substring(title.indexOf('|') + 1).strip()), TODAY);
        List<String> says = read.isRead()
                ? read.lines().stream().map(line -> "> " + line).toList()
                : read.reading().map(PastedTablesTest::asks).orElse(List.of("> not a table"));
        assertThat(says)
                .isEqualTo(
                        lines.stream().filter(line -> line.matches("[>?] .*")).toList());
    }

    private static List<String> asks(TableReading reading) {
        List<String> asks = new ArrayList<>();
        reading.question().ifPresent(question -> {
            asks.add("? " + question.why());
            question.readings().forEach(each -> asks.add("?   " + means(each)));
        });
        reading.unknown().forEach(column -> asks.add("? " + column.heading() + " " + column.cells()));
        return asks;
    }

    private static String means(Mapping mapping) {
        return mapping.columns().stream()
                .map(each -> each.map(Column::name).orElse("-"))
                .collect(Collectors.joining(" "));
    }

    /** What a person answers is what is read, and what they leave out is named. */
    @Test
    void theAnswerOfAPersonDecides() {
        String text = "Name,TX,RX,Tone,Mast\nFerry,433.475,145.350,71.9,67.0\n";
        BandPlan plan = plan("r2-north-america");
        TableReading reading = ListingLines.of(text, plan, TODAY).reading().orElseThrow();
        Mapping repeater = reading.question().orElseThrow().readings().get(1);
        ListingLines read = ListingLines.of(text, repeater, plan, TODAY);
        assertThat(read.lines()).containsExactly("Ferry 433.475 > 145.350 T71.9");
        assertThat(read.leftOut(repeater)).containsExactly("Mast");
        String towns = "Call,City,Output,Input,Bank\nQV0TA,Tarnhill,146.700,146.100,2\n";
        ListingLines named = ListingLines.of(towns, plan, TODAY);
        assertThat(named.leftOut(named.reading().orElseThrow().mapping())).containsExactly("Call", "Bank");
    }

    /** A remark stays a doubt whatever is corrected in front of it, until it is removed; a name may hold its sign. */
    @Test
    void aRemarkOfATableIsADoubtUntilItIsRemoved() {
        BandPlan plan = plan("r2-north-america");
        var answer = Reckoner.reckon("Tarnhill 146.700- T71.5 ?? State: zerquist", plan);
        assertThat(answer.channel())
                .isEqualTo(Reckoner.reckon("Tarnhill 146.700- T71.5", plan).channel());
        var remark = answer.findings().stream()
                .filter(each -> each.kind().code().equals("remark-open"))
                .toList();
        assertThat(remark).hasSize(1);
        assertThat(remark.get(0).fixes().get(0).edit().toString()).contains("[line=Tarnhill 146.700- T71.5]");
        assertThat(answer.findings().stream()
                        .filter(each -> !each.kind().code().equals("remark-open"))
                        .flatMap(each -> each.fixes().stream()))
                .isNotEmpty()
                .allSatisfy(fix -> assertThat(fix.edit().toString()).contains("?? State: zerquist"));
        assertThat(Reckoner.reckon("\"What ?? now\" 146.700-", plan)
                        .channel()
                        .orElseThrow()
                        .name())
                .isEqualTo("What ?? now");
    }
}
