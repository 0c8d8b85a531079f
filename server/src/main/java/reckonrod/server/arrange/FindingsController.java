package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.server.lists.ListStore;
import reckonrod.server.reckon.FindingView;

/** The findings on a whole list, those that were laid aside too. */
@RestController
@RequestMapping("/api/lists/{id}")
class FindingsController {
    private final ListStore store;
    private final ListViews views;

    FindingsController(ListStore store, ListViews views) {
        this.store = store;
        this.views = views;
    }

    /** Everything that was found, gravest first; what was laid aside comes last. */
    record ListFindings(long version, ListView.CountsView counts, List<ListFinding> findings) {}

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
        return new ListFindings(view.version(), view.counts(), all);
    }

    private static String radioName(ListView view, ListView.RowFit fit) {
        return view.radios().stream()
                .filter(radio -> radio.id().equals(fit.radioId()))
                .map(ListView.RadioName::name)
                .findFirst()
                .orElse(fit.radioId());
    }
}
