package reckonrod.server.carry;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.card.Deck;
import reckonrod.server.paper.Paper;
import reckonrod.server.paper.PaperPictures;
import reckonrod.server.paper.TooSmallException;
import reckonrod.server.problem.ProblemException;

/** Cards to print and take along. */
@RestController
@RequestMapping("/api/lists/{list}/cards")
class PrintController {
    private static final float DOTS_TO_LOOK_AT = 110;

    private final Decks decks;

    PrintController(Decks decks) {
        this.decks = decks;
    }

    /**
     * What would be printed.
     *
     * @param cards how many cards
     * @param sheets how many sheets of paper
     * @param bytes how large the file is
     */
    record CardsView(String title, int cards, int sheets, int bytes) {}

    @GetMapping("/about")
    CardsView about(@PathVariable UUID list, @Valid @ParameterObject @ModelAttribute CardsRequest request) {
        Deck deck = decks.of(list, request);
        byte[] pdf = pdf(deck, request);
        return new CardsView(deck.title(), deck.cards().size(), PaperPictures.sheets(pdf), pdf.length);
    }

    @GetMapping(produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cards(
            @PathVariable UUID list, @Valid @ParameterObject @ModelAttribute CardsRequest request) {
        Deck deck = decks.of(list, request);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(deck.title() + ".pdf", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(pdf(deck, request));
    }

    /**
     * A sheet as it comes out of the printer.
     *
     * @param sheet from 1
     */
    @GetMapping(path = "/picture", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> picture(
            @PathVariable UUID list,
            @Valid @ParameterObject @ModelAttribute CardsRequest request,
            @RequestParam(defaultValue = "1") int sheet) {
        byte[] pdf = pdf(decks.of(list, request), request);
        int sheets = PaperPictures.sheets(pdf);
        if (sheet < 1 || sheet > sheets) {
            throw ProblemException.refused(
                    "no-such-sheet",
                    "There is no such sheet",
                    "The sheet must be 1 to " + sheets + ", was " + sheet + ".");
        }
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .body(PaperPictures.png(pdf, sheet, DOTS_TO_LOOK_AT));
    }

    private static byte[] pdf(Deck deck, CardsRequest request) {
        try {
            return Paper.pdf(deck, request.size().paper(), request.large());
        } catch (TooSmallException tooLarge) {
            throw ProblemException.refused("paper-too-small", "The paper is too small", tooLarge.getMessage() + ".");
        }
    }
}
