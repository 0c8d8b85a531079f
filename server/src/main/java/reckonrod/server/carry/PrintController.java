package reckonrod.server.carry;

import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.card.Deck;
import reckonrod.server.paper.PaperPictures;
import reckonrod.server.paper.Printing;
import reckonrod.server.problem.ProblemException;

/** Cards to print and take along: set once, then looked at sheet by sheet and saved as they were looked at. */
@RestController
@RequestMapping("/api")
class PrintController {
    private static final float DOTS_TO_LOOK_AT = 110;

    private final Decks decks;
    private final Prints prints;

    PrintController(Decks decks, Prints prints) {
        this.decks = decks;
        this.prints = prints;
    }

    /**
     * Cards that are set.
     *
     * @param id by which its sheets and its file are asked for
     * @param cards how many cards
     * @param sheets how many sheets of paper
     * @param bytes how large the file is
     */
    record CardsView(UUID id, String title, int cards, int sheets, int bytes) {}

    /** Sets cards. */
    @PostMapping("/lists/{list}/cards")
    @ResponseStatus(HttpStatus.CREATED)
    CardsView set(@PathVariable UUID list, @Valid @RequestBody CardsRequest request) {
        Deck deck = decks.of(list, request);
        Print print = prints.keep(new Print(deck.title(), Printing.pdf(deck, request.size(), request.large())));
        return new CardsView(print.id(), deck.title(), deck.cards().size(), print.sheets(), print.pdf().length);
    }

    /** The file. */
    @GetMapping(path = "/cards/{print}", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> file(@PathVariable UUID print) {
        Print kept = prints.get(print);
        return Printing.file(kept.title(), kept.pdf());
    }

    /**
     * A sheet as it comes out of the printer.
     *
     * @param sheet from 1
     */
    @GetMapping(path = "/cards/{print}/sheets/{sheet}", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] sheet(@PathVariable UUID print, @PathVariable int sheet) {
        Print kept = prints.get(print);
        if (sheet < 1 || sheet > kept.sheets()) {
            throw ProblemException.refused(
                    "no-such-sheet",
                    "There is no such sheet",
                    "The sheet must be 1 to " + kept.sheets() + ", was " + sheet + ".");
        }
        return PaperPictures.png(kept.pdf(), sheet, DOTS_TO_LOOK_AT);
    }
}
