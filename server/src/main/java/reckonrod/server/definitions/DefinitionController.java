package reckonrod.server.definitions;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.server.request.AnyText;
import tools.jackson.databind.annotation.JsonDeserialize;

/** Models of radios: those that ship, to be read and copied, and the person's own, to be edited. */
@RestController
@RequestMapping("/api/radio-models")
class DefinitionController {
    private static final String NEEDED = "must be given";

    private final DefinitionLookup lookup;
    private final DefinitionStore store;

    DefinitionController(DefinitionLookup lookup, DefinitionStore store) {
        this.lookup = lookup;
        this.store = store;
    }

    /** The text of a definition. */
    record DefinitionText(
            @NotBlank(message = "must be the text of a definition") @JsonDeserialize(using = AnyText.class)
            String yaml) {}

    /** Another text for a definition. */
    record DefinitionEdit(
            @NotNull(message = NEEDED) Long baseVersion,

            @NotBlank(message = "must be the text of a definition") @JsonDeserialize(using = AnyText.class)
            String yaml) {}

    @GetMapping
    List<DefinitionView> all() {
        return lookup.all().stream()
                .map(each -> DefinitionView.of(each, lookup.ships(each.id())))
                .toList();
    }

    @GetMapping("/{id}")
    DefinitionView.FileView get(@PathVariable String id) {
        return DefinitionView.FileView.of(store.get(id));
    }

    /** Reads a text without keeping it; its faults are the problem. */
    @PostMapping("/check")
    DefinitionView check(@Valid @RequestBody DefinitionText request) {
        return DefinitionView.of(DefinitionStore.read("radio.yaml", request.yaml()), false);
    }

    /** The text of a definition that says no more than what fits, for a radio that is not known here. */
    @PostMapping("/short")
    DefinitionText shortForm(@Valid @RequestBody ShortForm request) {
        return new DefinitionText(request.yaml());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    DefinitionView.FileView add(@Valid @RequestBody DefinitionText request) {
        return DefinitionView.FileView.of(store.add(request.yaml()));
    }

    @PutMapping("/{id}")
    DefinitionView.FileView change(@PathVariable String id, @Valid @RequestBody DefinitionEdit request) {
        return DefinitionView.FileView.of(store.change(id, request.baseVersion(), request.yaml()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id) {
        store.delete(id);
    }
}
