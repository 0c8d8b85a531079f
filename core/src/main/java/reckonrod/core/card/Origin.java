package reckonrod.core.card;

import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/**
 * From what a card was made; it stands on every page, with the cautions, for paper outlives what it says.
 *
 * @param from what it was made from, in words
 * @param madeAt when
 */
public record Origin(String from, ZonedDateTime madeAt) {
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT);

    /** What holds wherever one talks. */
    public static final String CAUTIONS =
            "Transmitting needs a licence; local rules and the local frequency coordinator"
                    + " prevail over what stands here. In an emergency call the public emergency number first.";

    /**
     * A list.
     *
     * @param version changes with every change of the list
     */
    public static Origin ofList(String list, long version, ZonedDateTime madeAt) {
        return new Origin(list + ", version " + version, madeAt);
    }

    /** What it was made from, and when. */
    public String words() {
        return from + " · made " + MOMENT.format(madeAt.truncatedTo(ChronoUnit.MINUTES)) + " (UTC" + offset() + ")";
    }

    private String offset() {
        String offset = madeAt.getOffset().getId();
        return offset.equals("Z") ? "" : offset;
    }
}
