package reckonrod.core.listing;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Site;
import reckonrod.core.directory.Standing;
import reckonrod.core.directory.State;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.Tone;

/** Writes entries as rows whose headings and cells {@link TableReading} and {@link RowReader} read back as the same entries. */
public final class RowWriter {
    /** What our own tables say in another column. */
    private static final Set<Column> SAID_ELSEWHERE = Set.of(
            Column.SLOT,
            Column.TOWN,
            Column.TONE_MODE,
            Column.POLARITY,
            Column.LATITUDE_SOUTH,
            Column.LONGITUDE_WEST,
            Column.POSITION,
            Column.SHIFT_SIZE,
            Column.TALK_CODE,
            Column.LISTEN_CODE);

    private RowWriter() {}

    /** The headings, one for each cell. */
    public static List<String> headings() {
        return Arrays.stream(Column.values())
                .filter(column -> !SAID_ELSEWHERE.contains(column))
                .map(Column::words)
                .toList();
    }

    /** The cells of an entry; its key goes without the name of its source. */
    public static List<String> cells(DirectoryEntry entry) {
        return Arrays.stream(Column.values())
                .filter(column -> !SAID_ELSEWHERE.contains(column))
                .map(column -> cell(entry, column))
                .toList();
    }

    private static String cell(DirectoryEntry entry, Column column) {
        Site site = entry.site();
        Standing standing = entry.standing();
        return switch (column) {
            case KEY -> entry.key();
            case CALL_SIGN -> entry.callSign();
            case SITE -> site.name();
            case AREA -> site.area();
            case LATITUDE ->
                site.position().map(each -> plain(each.latitudeDegrees())).orElse("");
            case LONGITUDE ->
                site.position().map(each -> plain(each.longitudeDegrees())).orElse("");
            case POSITION -> site.position().map(Object::toString).orElse("");
            case GROUND -> figure(site.groundMetres());
            case ANTENNA -> figure(site.antennaMetres());
            case OUTPUT -> entry.signal().output().toMegahertzText();
            case INPUT ->
                entry.signal().input() instanceof Input.At at ? at.input().toMegahertzText() : "";
            case SHIFT ->
                entry.signal().input() instanceof Input.At
                        ? ""
                        : entry.signal().input().words().strip();
            case SLOT,
                    TOWN,
                    TONE_MODE,
                    POLARITY,
                    LATITUDE_SOUTH,
                    LONGITUDE_WEST,
                    SHIFT_SIZE,
                    TALK_CODE,
                    LISTEN_CODE,
                    BANDWIDTH -> "";
            case TALK_TONE -> tone(entry.signal().talkTone());
            case LISTEN_TONE -> tone(entry.signal().listenTone());
            case MODE -> entry.signal().mode().word();
            case WATTS -> figure(entry.signal().watts());
            case STATE ->
                standing.state() == State.NO_LONGER_LISTED
                        ? ""
                        : standing.state().words();
            case FLAGS ->
                standing.flags().stream().map(DirectoryFlag::word).sorted().collect(Collectors.joining(" "));
            case CONFIRMED_ON -> standing.confirmedOn().map(LocalDate::toString).orElse("");
            case CONFIRMED_BY -> standing.confirmedBy();
            case SPONSOR -> standing.sponsor();
            case NOTES -> standing.notes();
        };
    }

    private static String figure(OptionalDouble value) {
        return value.isPresent() ? plain(value.getAsDouble()) : "";
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    private static String tone(Tone tone) {
        return tone instanceof DcsCode dcs
                ? "D" + dcs.toOctalText() + dcs.polarity().letter()
                : tone.text()
                        .map(text -> text.substring(text.lastIndexOf(' ') + 1))
                        .orElse("");
    }
}
