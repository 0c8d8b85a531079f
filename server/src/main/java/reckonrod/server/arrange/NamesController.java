package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.radio.NameRule;
import reckonrod.core.radio.ShownNames;
import reckonrod.server.lists.ListStore;

/** What displays of every length show for the names of a list. */
@RestController
class NamesController {
    private final ListStore store;
    private final Displays displays;

    NamesController(ListStore store, Displays displays) {
        this.store = store;
        this.displays = displays;
    }

    /** A length, and the radios of the person that show names so long. */
    record LengthView(int length, List<String> radios) {}

    /**
     * What is shown for a channel.
     *
     * @param chosen whether the person chose it
     * @param apartFrom the name that it would look like otherwise; nothing if it is told by itself
     */
    record ShownView(
            String shown,
            boolean chosen,
            @Schema(nullable = true) String apartFrom) {}

    /** A channel, and what each of the lengths shows for it. */
    record NameRow(UUID id, int slot, String name, List<ShownView> shown) {}

    /** All names of a list. */
    record NamesView(List<LengthView> lengths, List<NameRow> rows) {}

    @GetMapping("/api/lists/{id}/names")
    NamesView names(@PathVariable UUID id) {
        List<Integer> slots = new ArrayList<>();
        List<ListEntry> entries = new ArrayList<>();
        ChannelList list = store.get(id).list();
        list.entries().forEach((slot, entry) -> {
            slots.add(slot);
            entries.add(entry);
        });
        List<NameRule> rules = displays.all().stream()
                .map(rule -> rule.abbreviating(list.intent().abbreviations()))
                .toList();
        List<List<ShownView>> shown =
                rules.stream().map(rule -> shown(entries, rule)).toList();
        return new NamesView(
                rules.stream()
                        .map(rule -> new LengthView(rule.longest(), displays.radios(rule.longest())))
                        .toList(),
                IntStream.range(0, entries.size())
                        .mapToObj(i -> new NameRow(
                                entries.get(i).id(),
                                slots.get(i),
                                entries.get(i).channel().name(),
                                shown.stream().map(each -> each.get(i)).toList()))
                        .toList());
    }

    private static List<ShownView> shown(List<ListEntry> entries, NameRule rule) {
        List<ShownNames.Wanted> wanted = entries.stream()
                .map(entry -> new ShownNames.Wanted(entry.channel().name(), entry.shortName(rule.longest())))
                .toList();
        List<ShownNames.Shown> shown = ShownNames.of(wanted, rule);
        return IntStream.range(0, entries.size())
                .mapToObj(i -> new ShownView(
                        shown.get(i).shown(),
                        shown.get(i)
                                .shown()
                                .equalsIgnoreCase(entries.get(i).shortNames().get(rule.longest())),
                        shown.get(i).apart().isPresent()
                                ? entries.get(shown.get(i).apart().getAsInt())
                                        .channel()
                                        .name()
                                : null))
                .toList();
    }
}
