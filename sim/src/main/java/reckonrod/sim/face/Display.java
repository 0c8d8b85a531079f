package reckonrod.sim.face;

import java.util.List;
import reckonrod.core.panel.Face;
import reckonrod.core.panel.FaceKey;
import reckonrod.core.panel.FacePart;

/**
 * What a radio shows.
 *
 * @param on whether it is switched on; there are no lines when it is not
 * @param look what sort of display it is
 * @param talking whether something is sent
 * @param scanning whether it scans, and so wants to be told that time goes by
 * @param lines one for each slot that it is turned to
 * @param keys its keys beside the usual ones
 */
public record Display(
        boolean on, Face.Look look, boolean talking, boolean scanning, List<DisplayLine> lines, List<PrintedKey> keys) {
    /**
     * One slot on a display.
     *
     * @param slot the slot
     * @param active whether the keys are for this line
     * @param rows its rows
     */
    public record DisplayLine(int slot, boolean active, List<DisplayRow> rows) {}

    /**
     * A row.
     *
     * @param characters how many it has room for
     * @param parts what stands there, from left to right, never more than there is room for
     */
    public record DisplayRow(int characters, List<DisplayPart> parts) {}

    /**
     * A part of a row.
     *
     * @param part what it is
     * @param text what is shown
     */
    public record DisplayPart(FacePart part, String text) {}

    /**
     * A key.
     *
     * @param key what it does
     * @param printed what is printed on it
     */
    public record PrintedKey(FaceKey key, String printed) {}

    public Display {
        lines = List.copyOf(lines);
        keys = List.copyOf(keys);
    }

    /** What the line that the keys are for shows of it; empty if it does not show it now. */
    public String text(FacePart part) {
        return lines.stream()
                .filter(DisplayLine::active)
                .flatMap(line -> line.rows().stream())
                .flatMap(row -> row.parts().stream())
                .filter(each -> each.part() == part)
                .map(DisplayPart::text)
                .findFirst()
                .orElse("");
    }
}
