package reckonrod.server.tables;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.notation.Vocabulary;

/** The words that the Reckon line reads. */
@RestController
@RequestMapping("/api/notation")
class NotationController {
    /** Words of one meaning, with a line to be tried. */
    record NotationEntry(String means, List<String> words, String example) {}

    @GetMapping
    List<NotationEntry> card() {
        return Vocabulary.card().stream()
                .map(each -> new NotationEntry(each.means(), each.words(), each.example()))
                .toList();
    }
}
