package reckonrod.server.carry;

import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.card.Deck;
import reckonrod.server.paper.PaperPictures;
import reckonrod.server.paper.Printing;
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

    @PostMapping("/about")
    CardsView about(@PathVariable UUID list, @Valid @RequestBody CardsRequest request) {
        Deck deck = decks.of(list, request);
        byte[] pdf = Printing.pdf(deck, request.size(), request.large());
        return new CardsView(deck.title(), deck.cards().size(), PaperPictures.sheets(pdf), pdf.length);
    }

    @PostMapping(produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cards(@PathVariable UUID list, @Valid @RequestBody CardsRequest request) {
        Deck deck = decks.of(list, request);
        return Printing.file(deck, request.size(), request.large());
    }

    /**
     * A sheet as it comes out of the printer.
     *
     * @param sheet from 1
     */
    @PostMapping(path = "/picture", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> picture(
            @PathVariable UUID list,
            @Valid @RequestBody CardsRequest request,
            @RequestParam(defaultValue = "1") int sheet) {
        byte[] pdf = Printing.pdf(decks.of(list, request), request.size(), request.large());
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
}
