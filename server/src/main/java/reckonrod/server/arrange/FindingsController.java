package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.finding.Field;
import reckonrod.core.list.Dismissal;
import reckonrod.server.arrange.ListChanges.ListChanged;
import reckonrod.server.lists.ListStore;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.reckon.FindingView;

/** The findings on a whole list, and those that were looked at and laid aside. */
@RestController
@RequestMapping("/api/lists/{id}")
class FindingsController {
    private static final String NEEDED = "must be given";

    private final ListStore store;
    private final ListViews views;
    private final ListChanges changes;

    FindingsController(ListStore store, ListViews views, ListChanges changes) {
        this.store = store;
        this.views = views;
        this.changes = changes;
    }

    /** Everything that was found, gravest first; what was laid aside comes last. */
    record ListFindings(long version, int errors, int doubts, int notes, int laidAside, List<ListFinding> findings) {}

    /**
     * A finding with its channel.
     *
     * @param radio the radio that it speaks of; null when it speaks of the list
     * @param reason why it was laid aside; null while it is open
     */
    record ListFinding(
            int slot,
            UUID channelId,
            String label,
            FindingView finding,
            @Schema(nullable = true) String radio,
            @Schema(nullable = true) String reason) {}

    /** A finding to lay aside. */
    record LayAsideRequest(
            @NotNull(message = NEEDED) Long baseVersion,
            @NotBlank(message = NEEDED) String code,
            @NotBlank(message = NEEDED) String field,

            @NotBlank(message = "must say why, in a few words")
            @Size(max = 200, message = "must be at most 200 characters")
            String reason) {}

    /** A finding to look at again. */
    record LookAgainRequest(
            @NotNull(message = NEEDED) Long baseVersion,
            @NotBlank(message = NEEDED) String code,
            @NotBlank(message = NEEDED) String field) {}

    @GetMapping("/findings")
    ListFindings findings(@PathVariable UUID id) {
        ListView view = views.whole(store.get(id));
        List<ListFinding> open = new ArrayList<>();
        List<ListFinding> aside = new ArrayList<>();
        for (ListView.RowView row : view.rows()) {
            row.findings()
                    .forEach(each -> open.add(new ListFinding(row.slot(), row.id(), row.label(), each, null, null)));
            row.fits()
                    .forEach(fit -> fit.findings()
                            .forEach(each -> open.add(new ListFinding(
                                    row.slot(), row.id(), row.label(), each, radioName(view, fit), null))));
            row.laidAside()
                    .forEach(each -> aside.add(
                            new ListFinding(row.slot(), row.id(), row.label(), each.finding(), null, each.reason())));
        }
        open.sort(Comparator.comparing(each -> each.finding().severity()));
        List<ListFinding> all = new ArrayList<>(open);
        all.addAll(aside);
        return new ListFindings(
                view.version(),
                count(open, FindingView.SeverityView.error),
                count(open, FindingView.SeverityView.doubt),
                count(open, FindingView.SeverityView.note),
                aside.size(),
                all);
    }

    private static String radioName(ListView view, ListView.RowFit fit) {
        return view.radios().stream()
                .filter(radio -> radio.id().equals(fit.radioId()))
                .map(ListView.RadioName::name)
                .findFirst()
                .orElse(fit.radioId());
    }

    private static int count(List<ListFinding> findings, FindingView.SeverityView severity) {
        return (int) findings.stream()
                .filter(each -> each.finding().severity() == severity)
                .count();
    }

    @PostMapping("/channels/{channelId}/lay-aside")
    ListChanged layAside(
            @PathVariable UUID id, @PathVariable UUID channelId, @Valid @RequestBody LayAsideRequest request) {
        Dismissal dismissal = new Dismissal(request.code(), field(request.field()), request.reason());
        return changes.change(id, request.baseVersion(), list -> list.dismiss(channelId, dismissal));
    }

    @PostMapping("/channels/{channelId}/look-again")
    ListChanged lookAgain(
            @PathVariable UUID id, @PathVariable UUID channelId, @Valid @RequestBody LookAgainRequest request) {
        Field field = field(request.field());
        return changes.change(id, request.baseVersion(), list -> list.lookAgain(channelId, request.code(), field));
    }

    private static Field field(String name) {
        return Arrays.stream(Field.values())
                .filter(each -> each.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> ProblemException.refused(
                        "field-unknown",
                        "No such part of a channel",
                        "field was \"" + name + "\" and must be one of "
                                + Arrays.stream(Field.values())
                                        .map(each -> each.name().toLowerCase(java.util.Locale.ROOT))
                                        .collect(Collectors.joining(", "))
                                + "."));
    }
}
