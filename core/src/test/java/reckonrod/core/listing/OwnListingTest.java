package reckonrod.core.listing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Site;
import reckonrod.core.directory.Standing;
import reckonrod.core.directory.State;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Position;
import reckonrod.core.tone.Tone;

/** Our own tables: what a directory writes it reads again, whatever an entry says, through the file and the guess of its columns. */
class OwnListingTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final List<String> INPUTS =
            List.of("> 144.710", "> 433.475", "-0.600", "+5.000", "±0.600", "+", "-", "simplex", "");
    private static final List<String> TONES = List.of("none", "CTCSS 71.9", "CTCSS 100.0", "DCS 023 N", "DCS 754 I");
    private static final List<String> TEXTS = List.of(
            "", "Skarra", "-5", "+1", "Höhe =", "at @home", "a \"quoted\" one", "one; two, three", "'tis", "O E L");

    private static <T> T one(List<T> values, Random random) {
        return values.get(random.nextInt(values.size()));
    }

    private static Tone tone(Random random) {
        String text = one(TONES, random);
        return text.equals("none") ? reckonrod.core.tone.NoTone.NONE : Tone.parse(text);
    }

    private static OptionalDouble figure(Random random, double most) {
        return random.nextInt(3) == 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(1 + Math.round(random.nextDouble() * most) / 2.0);
    }

    private static DirectoryEntry entry(int number, Random random) {
        Optional<Position> position = random.nextInt(4) == 0
                ? Optional.empty()
                : Optional.of(new Position(
                        Math.round(random.nextDouble(-80, 80) * 1e5) / 1e5,
                        Math.round(random.nextDouble(-179, 179) * 1e5) / 1e5));
        return new DirectoryEntry(
                "own:key-" + number,
                one(List.of("", "QV0SK", "QV0PL/P"), random),
                new Site(one(TEXTS, random), one(TEXTS, random), position, figure(random, 900), figure(random, 90)),
                new Signal(
                        Frequency.ofHertz(145_200_000 + random.nextInt(40) * 5_000L),
                        Input.parse(one(INPUTS, random)),
                        tone(random),
                        tone(random),
                        one(List.of(Mode.values()), random),
                        figure(random, 100)),
                new Standing(
                        one(List.of(State.ON_AIR, State.OFF_AIR, State.UNKNOWN), random),
                        random.nextBoolean()
                                ? Set.of()
                                : Set.of(DirectoryFlag.OPEN, DirectoryFlag.LINKED, DirectoryFlag.EMERGENCY_POWER),
                        random.nextBoolean() ? Optional.empty() : Optional.of(TODAY.minusDays(random.nextInt(900))),
                        one(TEXTS, random),
                        one(TEXTS, random),
                        one(TEXTS, random)));
    }

    @Test
    void whatIsWrittenIsReadAgainWhateverItSays() {
        Random random = new Random(11);
        for (int round = 0; round < 60; round++) {
            List<DirectoryEntry> entries = new ArrayList<>();
            List<List<String>> rows = new ArrayList<>(List.of(RowWriter.headings()));
            for (int i = 0; i <= random.nextInt(12); i++) {
                entries.add(entry(i, random));
                rows.add(RowWriter.cells(entries.get(i)).stream()
                        .map(CsvWriter::harmless)
                        .toList());
            }
            Table table = CsvTable.parse(CsvWriter.write(rows));
            Mapping mapping = TableReading.of(table, List.of()).mapping();
            assertThat(mapping.columns()).doesNotContain(Optional.empty());
            RowReader reader = new RowReader(mapping, table.headings().size(), "own", TODAY, Optional.empty());
            List<DirectoryEntry> read = table.rows().stream()
                    .map(row -> reader.read(row).<DirectoryEntry>fold(RowReading.Good::entry, bad -> {
                        throw new AssertionError(bad.reason() + row.cells());
                    }))
                    .toList();
            assertThat(read).as("round %d", round).isEqualTo(entries);
        }
    }

    /** What has dropped out of its directory once is not said to be silent by our own table: nobody knows that. */
    @Test
    void noLongerListedIsNoStateOfATable() {
        Random random = new Random(2);
        DirectoryEntry gone = entry(1, random);
        DirectoryEntry entry = new DirectoryEntry(
                gone.id(),
                gone.callSign(),
                gone.site(),
                gone.signal(),
                new Standing(State.NO_LONGER_LISTED, Set.of(), Optional.empty(), "", "", ""));
        int state = RowWriter.headings().indexOf(Column.STATE.words());
        assertThat(RowWriter.cells(entry).get(state)).isEmpty();
    }
}
