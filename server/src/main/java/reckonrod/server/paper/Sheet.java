package reckonrod.server.paper;

import java.util.Locale;

/** A paper on the wire. */
public enum Sheet {
    a4,
    letter,
    a5,
    a6,
    index,
    pocket_a4,
    pocket_letter;

    /** How large it is. */
    public PaperSize paper() {
        return PaperSize.valueOf(name().toUpperCase(Locale.ROOT));
    }
}
