package reckonrod.server.paper;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import reckonrod.core.card.Deck;
import reckonrod.server.problem.ProblemException;

/** Cards as an answer. */
public final class Printing {
    private Printing() {}

    /**
     * A deck as PDF.
     *
     * @throws ProblemException if a piece of it does not fit on the paper
     */
    public static byte[] pdf(Deck deck, Sheet size, boolean large) {
        try {
            return Paper.pdf(deck, size.paper(), large);
        } catch (TooSmallException tooSmall) {
            throw ProblemException.refused("paper-too-small", "The paper is too small", tooSmall.getMessage() + ".");
        }
    }

    /** A document as a file to keep. */
    public static ResponseEntity<byte[]> file(String title, byte[] pdf) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(title + ".pdf", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(pdf);
    }
}
