package reckonrod.core.prove;

import java.util.List;
import java.util.function.Function;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;

/**
 * The short note on calling, for screens and cards.
 *
 * @param firstCall how a first call is made, in order
 * @param emergency what to do when life is in danger, in order
 * @param nothingSent that nothing is sent from this program
 */
public record CallingNote(List<String> firstCall, List<String> emergency, String nothingSent) {
    private static final CallingNote SHIPPED =
            DataFile.readResource(CallingNote.class, "/reckonrod/core/prove/calling.yaml", CallingNote::read);

    public CallingNote {
        firstCall = List.copyOf(firstCall);
        emergency = List.copyOf(emergency);
    }

    /** The shipped one. */
    public static CallingNote shipped() {
        return SHIPPED;
    }

    private static CallingNote read(Section section) {
        return new CallingNote(
                section.values("first_call", Function.identity()),
                section.values("emergency", Function.identity()),
                section.text("nothing_sent"));
    }
}
