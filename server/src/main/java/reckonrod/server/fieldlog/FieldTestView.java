package reckonrod.server.fieldlog;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import reckonrod.core.fieldlog.FieldTest;
import reckonrod.core.fieldlog.Seen;
import reckonrod.core.geography.Position;

/**
 * A test on the wire.
 *
 * @param seen what was tapped
 * @param result what it shows
 * @param says the same in words
 */
public record FieldTestView(
        UUID id,
        long version,
        Instant at,
        String place,
        @Schema(nullable = true) Double latitude,
        @Schema(nullable = true) Double longitude,
        @Schema(nullable = true) String radioId,
        String radio,
        @Schema(nullable = true) UUID listId,
        @Schema(nullable = true) UUID channelId,
        String channel,
        String line,
        List<SeenView> seen,
        ResultView result,
        String says,
        int strength,
        String note,
        Map<String, String> answers) {
    /** What can be tapped. */
    public enum SeenView {
        light,
        shown,
        tail,
        identified,
        answered,
        noise,
        nothing;

        /** What it means. */
        public Seen seen() {
            return Seen.parse(name());
        }

        /** The same on the wire. */
        public static SeenView of(Seen seen) {
            return valueOf(seen.id());
        }
    }

    /** What a test shows. */
    public enum ResultView {
        proven,
        heard,
        silent,
        open
    }

    /** The test that it tells of. */
    FieldTest test() {
        if (id == null || at == null || line == null || seen == null) {
            throw new IllegalArgumentException("Each test must have id, at, line and seen");
        }
        if ((latitude == null) != (longitude == null)) {
            throw new IllegalArgumentException("Latitude and longitude must be given together");
        }
        return new FieldTest(
                id,
                at,
                Objects.requireNonNullElse(place, ""),
                latitude == null ? Optional.empty() : Optional.of(new Position(latitude, longitude)),
                Objects.requireNonNullElse(radio, ""),
                Objects.requireNonNullElse(channel, ""),
                line,
                seen.stream().map(SeenView::seen).collect(Collectors.toSet()),
                strength,
                Objects.requireNonNullElse(note, ""));
    }

    static FieldTestView of(FieldTestRecord record) {
        FieldTest test = record.test();
        return new FieldTestView(
                test.id(),
                record.version(),
                test.at(),
                test.place(),
                test.position().map(Position::latitudeDegrees).orElse(null),
                test.position().map(Position::longitudeDegrees).orElse(null),
                record.radioId(),
                test.radio(),
                record.listId(),
                record.channelId(),
                test.channel(),
                test.line(),
                test.seen().stream().map(SeenView::of).toList(),
                ResultView.valueOf(test.result().name().toLowerCase(Locale.ROOT)),
                test.result().words(),
                test.strength(),
                test.note(),
                record.answers());
    }
}
