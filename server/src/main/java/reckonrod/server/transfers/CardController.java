package reckonrod.server.transfers;

import jakarta.validation.Valid;
import java.io.IOException;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.server.ports.ZipFolder;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.CardsOut;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** Cards that come and go through the browser, as archives. */
@RestController
@RequestMapping("/api/radios/{radioId}")
class CardController {
    private final RadioUnits units;
    private final Transfers transfers;
    private final PlannedWrites planned;
    private final CardsOut cards;

    CardController(RadioUnits units, Transfers transfers, PlannedWrites planned, CardsOut cards) {
        this.units = units;
        this.transfers = transfers;
        this.planned = planned;
        this.cards = cards;
    }

    /** Reads a card that the person zipped, as if it were in this machine. */
    @PostMapping(path = "/card", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobView read(@PathVariable String radioId, @RequestBody byte[] archive) {
        RadioUnit unit = byCard(radioId);
        ZipFolder folder;
        try {
            folder = ZipFolder.of(archive);
        } catch (IOException broken) {
            throw ProblemException.refused(
                    "no-archive",
                    "Not a card",
                    "That file cannot be read as a card: " + broken.getMessage()
                            + ". Zip the card's folder as it is, and choose that file.");
        }
        return transfers.read(unit, Transfers.over(folder));
    }

    /** The card that a write makes, as an archive to be unpacked onto a card. Checked as every write is. */
    @PostMapping(
            path = "/card-file",
            produces = {"application/zip", MediaType.APPLICATION_PROBLEM_JSON_VALUE})
    ResponseEntity<byte[]> write(
            @PathVariable String radioId, @Valid @RequestBody TransferController.WriteRequest request)
            throws IOException {
        RadioUnit unit = byCard(radioId);
        byte[] archive = transfers.packed(planned.plan(unit, request));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("card-of-" + unit.id() + ".zip")
                                .build()
                                .toString())
                .body(archive);
    }

    /** The card that is out will not come back. */
    @DeleteMapping("/card-out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable String radioId) {
        cards.forget(units.get(radioId).id());
    }

    private RadioUnit byCard(String radioId) {
        RadioUnit unit = units.get(radioId).withLink();
        if (!unit.byCard()) {
            throw ProblemException.refused(
                    "other-way-in",
                    "It is loaded otherwise",
                    "A " + unit.definition().title() + " is loaded by a cable, not by a card.");
        }
        return unit;
    }
}
