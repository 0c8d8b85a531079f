package reckonrod.server.exchange;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.exchange.ListCsv;
import reckonrod.core.exchange.ListLines;
import reckonrod.core.list.ChannelList;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;

/** Lists as files. They come back by the review, which reads lines and such tables. */
@RestController
@RequestMapping("/api/lists/{id}")
class ExportController {
    private final ListStore store;
    private final PlanLookup plans;

    ExportController(ListStore store, PlanLookup plans) {
        this.store = store;
        this.plans = plans;
    }

    /** The forms that a list is given out in. */
    enum Form {
        csv,
        lines
    }

    @GetMapping("/export")
    ResponseEntity<String> export(@PathVariable UUID id, @RequestParam Form as) {
        ChannelList list = store.get(id).list();
        String text = as == Form.csv ? ListCsv.write(list) : ListLines.write(list, plans.planOf(list));
        return ResponseEntity.ok()
                .contentType(new MediaType("text", as == Form.csv ? "csv" : "plain", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(list.name() + (as == Form.csv ? ".csv" : ".txt"), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(text);
    }
}
