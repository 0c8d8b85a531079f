package reckonrod.server.carry;

import java.util.UUID;
import reckonrod.server.paper.PaperPictures;

/** Cards as they were set. */
final class Print {
    private final UUID id = UUID.randomUUID();
    private final String title;
    private final byte[] pdf;
    private final int sheets;

    Print(String title, byte[] pdf) {
        this.title = title;
        this.pdf = pdf;
        this.sheets = PaperPictures.sheets(pdf);
    }

    UUID id() {
        return id;
    }

    String title() {
        return title;
    }

    byte[] pdf() {
        return pdf;
    }

    int sheets() {
        return sheets;
    }
}
