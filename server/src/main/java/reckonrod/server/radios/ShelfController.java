package reckonrod.server.radios;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shelf: radios come, are lent, come back, and are laid aside for good. */
@RestController
@RequestMapping("/api/radios")
class ShelfController {
    private final RadioShelf shelf;
    private final RadioViews views;
    private final Cables cables;

    ShelfController(RadioShelf shelf, RadioViews views, Cables cables) {
        this.cables = cables;
        this.shelf = shelf;
        this.views = views;
    }

    /** One time that a radio was with somebody else. */
    record LendingView(
            String to,
            Instant at,
            String note,
            @Schema(nullable = true) Instant backAt,
            String backNote) {}

    @GetMapping("/retired")
    List<RadioView> retired() {
        return shelf.retired().stream().map(views::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RadioView add(@Valid @RequestBody ShelfRequests.NewRadio request) {
        return views.of(shelf.add(request));
    }

    @PutMapping("/{id}")
    RadioView change(@PathVariable String id, @Valid @RequestBody ShelfRequests.RadioEdit request) {
        return views.of(shelf.change(id, request));
    }

    @PostMapping("/{id}/lend")
    RadioView lend(@PathVariable String id, @Valid @RequestBody ShelfRequests.Lending request) {
        return views.of(shelf.lend(id, request));
    }

    @PostMapping("/{id}/get-back")
    RadioView getBack(@PathVariable String id, @Valid @RequestBody ShelfRequests.Return request) {
        return views.of(shelf.getBack(id, request));
    }

    @PutMapping("/{id}/places")
    RadioView places(@PathVariable String id, @Valid @RequestBody PlacesRequest request) {
        return views.of(shelf.places(id, request));
    }

    @PutMapping("/{id}/overrules/{channel}")
    RadioView overrule(
            @PathVariable String id,
            @PathVariable UUID channel,
            @Valid @RequestBody ShelfRequests.OverruleRequest request) {
        return views.of(shelf.overrule(id, channel, request));
    }

    /** Leaves channels out of this radio, all of them or none. */
    @PostMapping("/{id}/leave-out")
    RadioView leaveOut(@PathVariable String id, @Valid @RequestBody ShelfRequests.LeaveOut request) {
        return views.of(shelf.leaveOut(id, request.channels()));
    }

    @PostMapping("/{id}/retire")
    RadioView retire(@PathVariable String id) {
        return views.of(shelf.retire(id, true));
    }

    @PostMapping("/{id}/take-up")
    RadioView takeUp(@PathVariable String id) {
        return views.of(shelf.retire(id, false));
    }

    /**
     * Deletes a retired radio for good.
     *
     * @param snapshots how many snapshots go with it, as it was shown
     */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id, @RequestParam long snapshots) {
        shelf.delete(id, snapshots);
        cables.forget(id);
    }

    @GetMapping("/{id}/lendings")
    List<LendingView> lendings(@PathVariable String id) {
        return shelf.lendings(id).stream()
                .map(each -> new LendingView(
                        each.lent().to(), each.lent().at(), each.lent().note(), each.backAt(), each.backNote()))
                .toList();
    }
}
